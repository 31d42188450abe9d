<?php

declare(strict_types=1);

namespace Fravel\Answer\Typing;

use Normalizer;

/**
 * What a student can type: the letters of a language with those that a long press on a phone's keys shows, the digits,
 * and the signs on its two sign pages. A minus sign, raised figures, √ and ≤ are on none.
 */
final readonly class Keyboard
{
    /** Signs that phones and computers have alike, long presses included. */
    public const SIGNS = '0123456789-/:;()$&@".,?!\'[]{}#%^*+=_\\|~<>€£¥•°§…–—`´“”„‘’‚«»‹›¿¡‰≠≈';

    /** What a long press on the letters of a Latin keyboard shows. */
    private const LATIN = 'àáâäæãåāăąçćčďđèéêëēėęěğîïíīįìıłľñńňôöòóœøōõőŕřßśšşșťțþûüùúūůűŵýÿŷźžżð';

    /** Language → letters of its own keyboard, as a class; those of other languages are Latin ones. */
    private const SCRIPTS = [
        'el' => '\p{Greek}', 'ru' => '\p{Cyrillic}', 'uk' => '\p{Cyrillic}', 'bg' => '\p{Cyrillic}',
        'sr' => '\p{Cyrillic}', 'mk' => '\p{Cyrillic}', 'be' => '\p{Cyrillic}', 'kk' => '\p{Cyrillic}',
        'ar' => '\p{Arabic}\p{Nd}،؛؟', 'fa' => '\p{Arabic}\p{Nd}،؛؟', 'ur' => '\p{Arabic}\p{Nd}،؛؟۔',
        'he' => '\p{Hebrew}', 'yi' => '\p{Hebrew}', 'hy' => '\p{Armenian}', 'ka' => '\p{Georgian}',
        'hi' => '\p{Devanagari}', 'mr' => '\p{Devanagari}', 'bn' => '\p{Bengali}', 'ta' => '\p{Tamil}',
        'th' => '\p{Thai}', 'am' => '\p{Ethiopic}',
        'ja' => '\p{Han}\p{Hiragana}\p{Katakana}ー、。「」', 'zh' => '\p{Han}，。！？：；（）', 'ko' => '\p{Hangul}\p{Han}',
    ];

    /** What stands for a sign that no key has. */
    private const STANDS_FOR = [
        '−' => '-', '×' => '*', '·' => '*', '⋅' => '*', '∙' => '*', '÷' => '/', '⁄' => '/', '∕' => '/', '′' => "'",
        '″' => '"', '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅛' => '1/8', '‐' => '-',
        '‑' => '-', '₀' => '0', '₁' => '1', '₂' => '2', '₃' => '3', '₄' => '4', '₅' => '5', '₆' => '6', '₇' => '7',
        '₈' => '8', '₉' => '9', '⁰' => '^0', '¹' => '^1', '²' => '^2', '³' => '^3', '⁴' => '^4', '⁵' => '^5',
        '⁶' => '^6', '⁷' => '^7', '⁸' => '^8', '⁹' => '^9', '⁻' => '^-', 'ⁿ' => '^n',
    ];

    private function __construct(private string $class)
    {
    }

    public static function of(string $language): self
    {
        $letters = self::SCRIPTS[strtolower(substr($language, 0, 2))] ?? '';

        $own = $letters === '' ? '' : "\\p{M}{$letters}";

        return new self('A-Za-z\s'.self::LATIN.mb_strtoupper(self::LATIN).preg_quote(self::SIGNS, '/').$own);
    }

    /** The first sign of the text that no key types; null when all can be typed. */
    public function lacks(string $text): ?string
    {
        if (mb_check_encoding($text, 'ASCII')) {
            return null;
        }
        $composed = Normalizer::normalize($text, Normalizer::FORM_C);

        $text = $composed === false ? $text : $composed;

        return preg_match("/[^{$this->class}\\x{200B}-\\x{200F}\\x{AD}\\x{FEFF}]/u", $text, $sign) === 1
            ? $sign[0]
            : null;
    }

    /**
     * Ways in which somebody may type it: as it is, with what stands for signs that keys lack, and without marks.
     *
     * @return list<string> none where no key types it
     */
    public function ways(string $text): array
    {
        if ($this->lacks($text) === null) {
            return [$text];
        }
        $raised = (string) preg_replace('/(\^-?\d)\^(?=\d)/', '$1', strtr($text, self::STANDS_FOR));
        $folded = Normalizer::normalize($text, Normalizer::FORM_KD);
        $ways = [
            (string) preg_replace('/(?<=\d)(?=\d\/\d)/', ' ', $raised),
            strtr((string) preg_replace('/\p{Mn}+/u', '', $folded === false ? '' : $folded), self::STANDS_FOR),
        ];

        return array_values(array_filter($ways, fn (string $way): bool => $this->lacks($way) === null));
    }
}

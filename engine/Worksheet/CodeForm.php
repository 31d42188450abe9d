<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

use Fravel\Answer\Typing\Keyboard;

/**
 * As what a code is entered: what stands in it decides. Digits have a pad of digits, arrows one of directions, signs
 * that no key types a pad of those signs and some others; all else is typed as it stands.
 */
final readonly class CodeForm
{
    /** Signs of a code on a pad at most. */
    private const LONGEST = 20;

    private const ARROWS = [
        '↑' => 'U', '⬆' => 'U', '⇧' => 'U', '↓' => 'D', '⬇' => 'D', '⇩' => 'D', '←' => 'L', '⬅' => 'L', '⇦' => 'L',
        '→' => 'R', '➡' => 'R', '⇨' => 'R',
    ];

    /** Signs that stand beside those of a code on its pad, so that the pad does not tell them; and drawn ones. */
    private const OTHERS = ['☉', '☽', '☿', '♀', '♂', '♃', '♄', '♆', '△', '□', '◇', '✶', '♠', '♣', '♥', '♦'];

    private const DRAWN = ['🐟', '🦀', '🐚', '🌊', '🌙', '⭐', '🔥', '🍂', '🐦', '⛵', '🔑', '🌲'];

    /** Keys of a pad at least. */
    private const PAD = 9;

    /** What may stand between the signs of a code and is none of them; and what tells how a sign is drawn. */
    private const BETWEEN = '/[\s,;·•\/|\-–—\x{FE0E}\x{FE0F}]+/u';

    /**
     * @param  'digits'|'arrows'|'keys'|'text'  $type
     * @param  list<string>  $signs  of which the code is made; the whole of it for a text
     */
    private function __construct(public string $type, public array $signs)
    {
    }

    public static function of(string $code, string $language): self
    {
        $signs = self::signs((string) preg_replace(self::BETWEEN, '', mb_substr($code, 0, self::LONGEST * 8)));
        if ($signs === [] || count($signs) > self::LONGEST) {
            return new self('text', [$code]);
        }
        if (preg_match('/^[\d\s,;·•]+$/D', $code) === 1) {
            return new self('digits', $signs);
        }
        $turns = array_map(static fn (string $sign): string => self::ARROWS[$sign] ?? '', $signs);
        if (! in_array('', $turns, true)) {
            return new self('arrows', $turns);
        }

        return Keyboard::of($language)->ways($code) === [] ? new self('keys', $signs) : new self('text', [$code]);
    }

    /** @return list<string> what a reader takes for one sign, however it is put together */
    private static function signs(string $text): array
    {
        $signs = [];
        for ($at = 0; $at < strlen($text);) {
            $sign = grapheme_extract($text, 1, GRAPHEME_EXTR_COUNT, $at, $at);
            if ($sign === false || $sign === '') {
                break;
            }
            $signs[] = $sign;
        }

        return $signs;
    }

    /** The code as an input of its kind takes it: the whole of it in one text. */
    public function whole(): string
    {
        return implode('', $this->signs);
    }

    /** @return list<string> signs of a pad, each once: those of the code, and others of the kind */
    public function pad(): array
    {
        $own = array_values(array_unique($this->signs));
        $isDrawn = preg_match('/[\x{1F000}-\x{1FAFF}\x{2B50}\x{26F5}]/u', $this->whole()) === 1;
        $others = array_diff($isDrawn ? self::DRAWN : self::OTHERS, $own);

        return [...$own, ...array_slice(array_values($others), 0, max(2, self::PAD - count($own)))];
    }
}

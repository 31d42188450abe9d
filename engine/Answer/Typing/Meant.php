<?php

declare(strict_types=1);

namespace Fravel\Answer\Typing;

use Fravel\Answer\Fairness;
use Fravel\Support\Node;

/**
 * What was meant by what was typed, where a lock takes answers as `typed`: signs that a keyboard lacks and those that
 * stand for them, blanks that mean nothing, numbers in words. Both sides are brought into one form, and then cleaned.
 *
 * Signs of a sum are only read as such in a text that looks like one; in words a dash stays a hyphen.
 */
final readonly class Meant
{
    /** The parts of `typed`, each of which may be set alone. */
    public const PARTS = [
        'dashes', 'blanks', 'powers', 'times', 'fractions', 'formulas', 'quotes', 'letters', 'numerals', 'endings',
    ];

    /** Words of an answer whose last one may be of one or of many. */
    private const MOST_WORDS = 3;

    /** Bytes by which two ways to write the same differ at most, beside half their length. */
    private const FAR = 24;

    private const DASH = '\-\x{2010}-\x{2015}\x{2212}\x{FE58}\x{FE63}\x{FF0D}';

    private const QUOTES = [
        '‘' => "'", '’' => "'", '‚' => "'", '‛' => "'", '′' => "'", '`' => "'", '´' => "'", 'ʼ' => "'",
        '“' => '"', '”' => '"', '„' => '"', '‟' => '"', '«' => '"', '»' => '"', '‹' => "'", '›' => "'", '″' => '"',
    ];

    private const LETTERS = [
        'ä' => 'ae', 'ö' => 'oe', 'ü' => 'ue', 'Ä' => 'Ae', 'Ö' => 'Oe', 'Ü' => 'Ue', 'ß' => 'ss', 'ẞ' => 'SS',
        'æ' => 'ae', 'Æ' => 'Ae', 'œ' => 'oe', 'Œ' => 'Oe', 'ø' => 'oe', 'Ø' => 'Oe', 'å' => 'aa', 'Å' => 'Aa',
    ];

    private const FRACTIONS = [
        '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅕' => '1/5', '⅖' => '2/5',
        '⅗' => '3/5', '⅘' => '4/5', '⅙' => '1/6', '⅚' => '5/6', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
    ];

    private const RAISED = [
        '⁰' => '0', '¹' => '1', '²' => '2', '³' => '3', '⁴' => '4', '⁵' => '5', '⁶' => '6', '⁷' => '7', '⁸' => '8',
        '⁹' => '9', '⁻' => '-', '⁺' => '+', 'ⁿ' => 'n',
    ];

    private const LOWERED = [
        '₀' => '0', '₁' => '1', '₂' => '2', '₃' => '3', '₄' => '4', '₅' => '5', '₆' => '6', '₇' => '7', '₈' => '8',
        '₉' => '9',
    ];

    /** Signs of a sum, in which cleaning would see punctuation, as private-use characters that nothing else touches. */
    private const KEPT = ['(' => "\u{E010}", ')' => "\u{E011}", '[' => "\u{E010}", ']' => "\u{E011}"];

    /** A text that has neither of these is the same when it is brought into this form. */
    private const UNLIKE = '/[^A-Za-z ]|[AaOoUu][Ee]|[Ss][Ss]/';

    /** @param  array<string, true>  $on  those parts that are wanted, as keys */
    private function __construct(private array $on)
    {
    }

    /** @param  bool  $isTyped  what a part is that is not set */
    public static function read(Node $node, bool $isTyped): self
    {
        $on = array_filter(self::PARTS, static fn (string $part): bool => $node->flag($part, $isTyped));

        return new self(array_fill_keys($on, true));
    }

    public static function asWritten(): self
    {
        return new self([]);
    }

    public function isAny(): bool
    {
        return $this->on !== [];
    }

    public function does(string $part): bool
    {
        return isset($this->on[$part]);
    }

    /** Whether the two may be alike in this form though they are not as they stand. */
    public function mayMeet(string $given, string $wanted): bool
    {
        $isPlain = preg_match(self::UNLIKE, $given) !== 1 && preg_match(self::UNLIKE, $wanted) !== 1;
        // Ways to write the same are about as long.
        $isFar = abs(strlen($given) - strlen($wanted)) > self::FAR + intdiv(strlen($wanted), 2);

        return ! $isPlain && ! $isFar;
    }

    /** Whether a minus is part of what it says: without it, it is another answer. */
    public function isSigned(string $text): bool
    {
        return $this->does('dashes')
            && preg_match('/['.self::DASH.']/u', $text) === 1
            && self::isSum($text)
            && preg_match('/(?<![\d\s])\s*['.self::DASH.']|['.self::DASH.']\s*[^\d\s]/u', $text) === 1;
    }

    /** The text in the one form in which ways to type the same are alike. */
    public function of(string $text): string
    {
        $text = $this->does('quotes') ? strtr($text, self::QUOTES) : $text;
        $text = $this->does('letters') ? strtr($text, self::LETTERS) : $text;
        $text = $this->does('fractions') ? self::parted($text) : $text;
        $isSum = self::isSum($text);
        $text = $this->does('powers') ? self::raised($text) : $text;
        $text = $this->does('formulas') ? self::formula($text) : $text;
        $text = $this->does('times') ? self::multiplied($text, $isSum) : $text;
        $text = $this->does('dashes')
            ? (string) preg_replace('/['.self::DASH.']/u', $isSum ? '−' : '-', $text)
            : $text;

        return $this->does('blanks') ? self::closed($text, $isSum) : $text;
    }

    /** Whether two cleaned texts of few words are the same but for the last, which is one of one and one of many. */
    public function isSameInEnding(string $one, string $other, string $language): bool
    {
        if (! $this->does('endings')) {
            return false;
        }
        [$words, $others] = [explode(' ', $one), explode(' ', $other)];

        return count($words) === count($others)
            && count($words) <= self::MOST_WORDS
            && array_slice($words, 0, -1) === array_slice($others, 0, -1)
            && Fairness::isOneOfMany((string) end($words), (string) end($others), $language);
    }

    /** A number as it is read: signs that stand for others, and words for figures. */
    public function numeral(string $text, string $language): string
    {
        if (! $this->isAny()) {
            return $text;
        }
        $text = $this->does('dashes') ? (string) preg_replace('/['.self::DASH.']/u', '-', $text) : $text;
        $text = $this->does('times') ? str_replace('÷', '/', $text) : $text;

        return $this->does('numerals') ? NumberWords::of($language)->inFigures($text) : $text;
    }

    /**
     * Whether a text is a sum, a term or an equation rather than words: figures, letters that stand for numbers, and
     * signs between them. A dash alone makes one only between single letters and figures.
     */
    private static function isSum(string $text): bool
    {
        if (
            preg_match('/^[\p{N}\s.,:+=×·⋅∙*✕÷\/^()\[\]√<>≤≥≠≈%°π\p{Greek}A-Za-z'.self::DASH.'⁻⁺ⁿ]+$/u', $text) !== 1 ||
            preg_match('/[A-Za-z]{3}/', $text) === 1
        ) {
            return false;
        }
        if (preg_match('/[+=×·⋅∙*✕÷\/^()√<>≤≥\x{2070}-\x{207F}²³¹]/u', $text) === 1) {
            return preg_match('/\p{N}|[+=^()√<>≤≥×*·⋅∙✕÷]/u', $text) === 1;
        }

        return preg_match('/['.self::DASH.']/u', $text) === 1 && preg_match('/[A-Za-z]{2}/', $text) !== 1;
    }

    private static function parted(string $text): string
    {
        $signs = implode('', array_keys(self::FRACTIONS));
        $text = (string) preg_replace("/(?<=\\d)\\s*(?=[{$signs}])/u", ' ', $text);

        return (string) preg_replace('~(?<=\d)\s*[/⁄∕]\s*(?=\d)~u', '/', strtr($text, self::FRACTIONS));
    }

    private static function raised(string $text): string
    {
        $signs = implode('', array_keys(self::RAISED));
        $text = (string) preg_replace_callback(
            "/[{$signs}]+/u",
            static fn (array $run): string => '^'.strtr($run[0], self::RAISED),
            $text,
        );

        // Behind a letter the hat says nothing: x2 is x² to mere cleaning too.
        return (string) preg_replace(
            ['/\s*\^\s*/', '/\^\(([+\-]?\w+)\)/', '/(?<=\p{L})\^(?=\d)/u'], ['^', '^$1', ''], $text,
        );
    }

    /** Figures right behind the letters they count; of words there is none. */
    private static function formula(string $text): string
    {
        $text = strtr($text, self::LOWERED);

        return preg_match('/\p{L}{4}/u', $text) === 1
            ? $text
            : (string) preg_replace('/(?<=\p{L})\s+(?=\d)/u', '', $text);
    }

    /** Signs for times and by, as those that cleaning keeps. */
    private static function multiplied(string $text, bool $isSum): string
    {
        $text = (string) preg_replace(['/(?<=\d)\s*[xX]\s*(?=\d)/u', '~[∕⁄]~u'], ['×', '/'], $text);

        return strtr($text, $isSum ? ['*' => '×', '·' => '×', '⋅' => '×', '∙' => '×', '✕' => '×', '/' => '÷'] : []);
    }

    private static function closed(string $text, bool $isSum): string
    {
        $text = (string) preg_replace('/(?<=\d)\s+(?=[\p{L}°%‰€$£])/u', '', trim($text));
        if (preg_match('/\d/', $text) === 1) {
            $text = (string) preg_replace('/\s*(['.self::DASH.'])\s*/u', '$1', $text);
        }
        if (! $isSum) {
            return $text;
        }

        return strtr((string) preg_replace('~\s*([+−=×÷/:<>()\[\]√≤≥≠≈*·^])\s*~u', '$1', $text), self::KEPT);
    }
}

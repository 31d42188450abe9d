<?php

declare(strict_types=1);

namespace Fravel\Answer\Probe;

use Brick\Math\BigRational;

/** Probes as texts that somebody could type. */
final readonly class TypedProbes
{
    /** Lengths on and beside borders that are gone through, of characters and of words: their pairs are tried. */
    private const MOST_LENGTHS = 16;

    /** Words that stand for any others. */
    private const OTHER = ['zzzz', 'zq xj'];

    public function __construct(private Probes $probes, private int $longest)
    {
    }

    /** @return list<string> no more than Probes::MOST */
    public function all(): array
    {
        $attempts = array_values(array_filter($this->probes->attempts, is_string(...)));
        $texts = array_slice(
            [...$this->probes->texts(), ...$this->numerals(), ...self::OTHER, ...$attempts],
            0,
            Probes::MOST,
        );
        $all = array_fill_keys([...$texts, ...$this->ofLengths()], true);
        foreach ($texts as $text) {
            if (count($all) >= Probes::MOST) {
                break;
            }
            $all += array_fill_keys($this->stretched((string) $text), true);
        }

        return array_map(strval(...), array_slice(array_keys($all), 0, Probes::MOST));
    }

    /** Whether every answer there is gets the same verdict as one of these. */
    public function areComplete(): bool
    {
        $probes = $this->probes;
        $isMuch =
            max(count($probes->lengths['characters']), count($probes->lengths['words'])) >
            intdiv(self::MOST_LENGTHS, 4);
        if (
            $isMuch ||
            $probes->isOpaque ||
            $probes->areas !== [] ||
            $probes->lists() !== [] ||
            count($this->all()) >= Probes::MOST
        ) {
            return false;
        }
        $hasNumbers = $probes->numbers !== [];
        // A text with a figure in it may be a number too, written in more ways than these.
        $figures = array_filter(
            $probes->texts(), static fn (string $text): bool => preg_match('/\p{N}/u', $text) === 1,
        );

        return match (true) {
            $probes->hasLengths() => ! $hasNumbers && $probes->texts() === [],
            $hasNumbers => $figures === [] && count(array_unique(array_column($probes->numbers, 2))) === 1,
            default => true,
        };
    }

    /** As it is read in every language: exactly, a fraction where it has no end. */
    public static function written(BigRational $number): string
    {
        $number = $number->simplified();
        $below = (string) preg_replace('/0+$/D', '', (string) $number->getDenominator());
        for ($rest = (int) $below; $rest > 1 && $rest % 2 === 0; $rest = intdiv($rest, 2)) {
        }
        for (; $rest > 1 && $rest % 5 === 0; $rest = intdiv($rest, 5)) {
        }
        if ($rest > 1 || strlen($below) > 15) {
            return ($number->isNegative() ? '-' : '').
                $number->getNumerator()->abs().
                '/'.
                $number->getDenominator();
        }
        $decimal = (string) $number->toBigDecimal();

        // Three figures behind a mark would be read as thousands in some languages.
        return preg_match('/\.\d{3}$/D', $decimal) === 1 ? "{$decimal}0" : $decimal;
    }

    /** @return list<string> */
    private function numerals(): array
    {
        $numerals = [];
        foreach (Probes::around(array_slice(array_column($this->probes->numbers, 0), 0, Probes::MOST)) as $number) {
            $numerals[] = self::written($number);
            foreach (array_unique(array_filter(array_column($this->probes->numbers, 2))) as $symbol) {
                $numerals[] = self::written($number)." {$symbol}";
            }
        }

        return $numerals;
    }

    /** @return list<string> a text of each length on and beside a border, in characters and words */
    private function ofLengths(): array
    {
        $characters = array_slice($this->besides('characters', $this->longest), 0, self::MOST_LENGTHS);
        $words = array_slice($this->besides('words', $this->longest), 0, self::MOST_LENGTHS);
        $texts = [];
        foreach ($characters === [] ? [1, $this->longest] : $characters as $many) {
            foreach ($words === [] ? [0, 1] : $words as $of) {
                $texts[] = self::text(max($many, 2 * $of - 1), $of);
                $texts[] = self::text($many, min($of, intdiv($many + 1, 2)));
            }
        }

        return $this->probes->hasLengths()
            ? array_values(array_filter($texts, fn (string $text): bool => strlen($text) <= $this->longest))
            : [];
    }

    /**
     * @param  'characters'|'words'  $of
     * @return list<int>
     */
    private function besides(string $of, int $most): array
    {
        $lengths = [];
        foreach (array_keys($this->probes->lengths[$of]) as $border) {
            $border < PHP_INT_MAX && array_push($lengths, $border - 1, $border, $border + 1);
        }
        $lengths = array_values(
            array_unique(array_filter($lengths, static fn (int $length): bool => $length >= 0 && $length <= $most)),
        );

        return $lengths === [] ? [] : [...$lengths, $most];
    }

    /** So many characters and words, of nothing in particular. */
    private static function text(int $characters, int $words): string
    {
        if ($words === 0) {
            return str_repeat('!', max(1, $characters));
        }

        return str_pad(str_repeat('x ', $words - 1).'x', $characters, 'x');
    }

    /**
     * @return list<string> the text made as long as it must be: a number by zeros before it, words by others behind
     *     them
     */
    private function stretched(string $text): array
    {
        $longer = [];
        foreach (
            array_slice($this->besides('characters', min($this->longest, 2000)), 0, self::MOST_LENGTHS) as $length
        ) {
            $longer[] =
                preg_match('/^-?\d/', $text) === 1
                    ? (string) preg_replace(
                        '/\d/',
                        str_repeat('0', max(0, $length - mb_strlen($text))).'$0',
                        $text,
                        1,
                    )
                    : str_pad("{$text} ", $length, 'x');
            $longer[] = str_pad($text, $length, '!');
        }
        foreach (array_slice($this->besides('words', min($this->longest, 500)), 0, self::MOST_LENGTHS) as $length) {
            $longer[] = $text.str_repeat(' zz', max(0, $length - count(preg_split('/\s+/u', $text) ?: [])));
        }

        return array_values(array_filter($longer, fn (string $one): bool => mb_strlen($one) <= $this->longest));
    }
}

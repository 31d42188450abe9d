<?php

declare(strict_types=1);

namespace Fravel\Support;

use Closure;

/**
 * Puts into words what conditions, effects and matchers say of themselves: "the student holds two of lens, wick, oil".
 */
final readonly class Speech
{
    /**
     * @param  array<string, array<string, string>>  $words  by the two halves of a code; words without a place stand
     *     between the parts they join
     * @param  Closure(string): string  $name  what a part is called
     */
    public function __construct(private array $words, private Closure $name)
    {
    }

    public function of(Wording $wording): string
    {
        [$family, $kind] = explode('.', "{$wording->code}.", 3);
        $words = $this->words[$family][$kind] ?? $kind;
        $parts = array_map($this->of(...), $wording->parts);
        if ($parts !== [] && ! str_contains($words, ':inner')) {
            return implode(" {$words} ", $parts);
        }
        $named = array_map(fn (array $ids): string => implode(', ', array_map($this->name, $ids)), $wording->named);
        $compared = array_intersect_key($this->words['comparison'] ?? [], [
            (string) ($wording->values['is'] ?? '') => 0,
        ]);

        return Template::filled(
            $words,
            $named +
                ($compared === [] ? [] : ['is' => reset($compared)]) +
                $wording->values + ['inner' => implode(', ', $parts)],
        );
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Report;

/** How some numbers lie: the middle, and where the middle half of them begins and ends. */
final readonly class Spread
{
    private function __construct(public float $low, public float $median, public float $high)
    {
    }

    /**
     * Quantiles by the weighted average at (n − 1)p, as Hyndman and Fan (1996) list them seventh.
     *
     * @param  list<int|float>  $numbers
     * @return self|null  null for none
     */
    public static function of(array $numbers): ?self
    {
        if ($numbers === []) {
            return null;
        }
        sort($numbers);
        $at = static function (float $part) use ($numbers): float {
            $place = $part * (count($numbers) - 1);
            $below = (int) floor($place);
            $next = $numbers[min($below + 1, count($numbers) - 1)];

            return $numbers[$below] + ($place - $below) * ($next - $numbers[$below]);
        };

        return new self($at(0.25), $at(0.5), $at(0.75));
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Probe;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** Probes for answers that are put together from given signs: those that are named, and some that are not. */
final class ListProbes
{
    /**
     * @param  list<mixed>  $named
     * @param  callable(int $number): mixed  $drawn  makes answers, each number another one
     * @param  float  $ways  answers there are
     * @return list<mixed> with one that is not among those named, where there is one
     */
    public static function withAnother(array $named, callable $drawn, float $ways): array
    {
        $named = array_slice($named, 0, Probes::MOST);
        $known = array_flip(array_map(serialize(...), $named));
        for ($number = 0; $number <= min(count($named), $ways - 1); $number++) {
            $other = $drawn($number);
            if (! isset($known[serialize($other)])) {
                return [...$named, $other];
            }
        }

        return $named;
    }

    /**
     * Signs for a number, as in a system with so many of them; the lowest place first.
     *
     * @param  non-empty-list<string>  $signs
     * @return list<string>
     */
    public static function spelt(int $number, array $signs, int $length): array
    {
        $spelt = [];
        for ($place = 0; $place < $length; $place++) {
            $spelt[] = $signs[$number % count($signs)];
            $number = intdiv($number, count($signs));
        }

        return $spelt;
    }

    /**
     * Codes of so many figures on and beside the borders of numbers.
     *
     * @param  list<BigRational>  $borders
     * @return list<string>
     */
    public static function codes(array $borders, int $length): array
    {
        $codes = [];
        foreach (array_slice($borders, 0, Probes::MOST) as $border) {
            $below = BigInteger::of($border->toScale(0, RoundingMode::FLOOR));
            foreach ([-1, 0, 1, 2] as $step) {
                $code = (string) $below->plus($step);
                if ($code[0] !== '-' && strlen($code) <= $length) {
                    $codes[] = str_pad($code, $length, '0', STR_PAD_LEFT);
                }
            }
        }

        return [
            ...array_values(array_unique($codes)),
            ...$borders === [] ? [] : [str_repeat('0', $length), str_repeat('9', $length)],
        ];
    }
}

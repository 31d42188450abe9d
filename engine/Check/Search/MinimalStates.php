<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Check\Effort;
use Fravel\Condition\Condition;
use Fravel\Condition\Need;

/**
 * What a state must hold at least for rising conditions to hold: itself and what they can't do without, in as many ways
 * as there are.
 */
final readonly class MinimalStates
{
    /** More ways than this are not gone through. */
    private const MOST = 1000;

    public function __construct(private StateCodec $codec, private Effort $effort = new Effort())
    {
    }

    /**
     * @param  list<Condition>  $conditions  that hold together
     * @return list<string>|null  states of which one lies under any in which they hold and under which $state lies;
     *     null when there are too many
     */
    public function of(string $state, array $conditions): ?array
    {
        $states = [$state];
        foreach ($conditions as $condition) {
            $need = $condition->least();
            $states = $need === null ? null : $this->with($states, $need);
            if ($states === null) {
                return null;
            }
        }

        return $states;
    }

    /**
     * @param  list<string>  $states
     * @return list<string>|null
     */
    private function with(array $states, Need $need): ?array
    {
        $this->effort->spend(max(1, count($states)));
        if ($need->fact === null) {
            return $this->some($states, $need);
        }
        if ($need->least === null) {
            return array_map(fn (string $state): string => $this->codec->marked($state, (string) $need->fact), $states);
        }

        return $this->counted($states, $need->fact, $need->least, $need->isAbove);
    }

    /**
     * So many of its parts, in every way to choose them.
     *
     * @param  list<string>  $states
     * @return list<string>|null
     */
    private function some(array $states, Need $need): ?array
    {
        if ($need->atLeast > count($need->parts)) {
            return [];
        }
        if ($need->atLeast === count($need->parts)) {
            foreach ($need->parts as $part) {
                $states = $states === null ? null : $this->with($states, $part);
            }

            return $states === null || count($states) > self::MOST ? null : array_values(array_unique($states));
        }
        $chosen = array_map(static fn (string $state): array => [$state, 0], $states);
        foreach ($need->parts as $place => $part) {
            $next = [];
            foreach ($chosen as [$state, $count]) {
                $with = $count < $need->atLeast ? $this->with([$state], $part) : [];
                if ($with === null) {
                    return null;
                }
                array_push($next, ...array_map(static fn (string $one): array => [$one, $count + 1], $with));
                if ($count + count($need->parts) - $place > $need->atLeast) {
                    $next[] = [$state, $count];
                }
            }
            $chosen = $next;
            if (count($chosen) > 4 * self::MOST) {
                return null;
            }
        }
        $unique = array_values(array_unique(array_column($chosen, 0)));

        return count($unique) > self::MOST ? null : $unique;
    }

    /**
     * @param  list<string>  $states
     * @return list<string>|null
     */
    private function counted(array $states, string $fact, int|float $least, bool $isAbove): ?array
    {
        $offset = $this->codec->offset($fact);
        if ($offset === null || ($isAbove && ! $this->codec->observed->isWhole)) {
            return null;
        }
        $least = $isAbove ? floor($least) + 1 : $least;
        $least = is_float($least) && $least === floor($least) ? (int) $least : $least;

        return array_map(
            fn (string $state): string => $this->codec->with(
                $state,
                $offset,
                max($this->codec->valueAt($state, $offset), $least),
            ),
            $states,
        );
    }
}

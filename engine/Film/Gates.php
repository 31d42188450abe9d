<?php

declare(strict_types=1);

namespace Fravel\Film;

use Fravel\Thing\Things;

/**
 * When a film may go on from a stop, and how far it may have come, as conditions like any other: so play obeys them and
 * the check proves by them.
 *
 * From one stop that waits to the next the film runs freely. One may have come to a stop if the last one before it that
 * waits is done, or if one was led past that: to a moment or to a stop behind it.
 *
 * @phpstan-type Written array<array-key, mixed>
 */
final class Gates
{
    /**
     * @param  list<Written>  $stops  scenes as they are written, in the order of their moments
     * @param  list<Moment>  $moments  of the same clip
     * @return list<array{done: Written|null, gate: Written|null}> for each stop, and for the end of the film
     */
    public static function of(array $stops, array $moments): array
    {
        $gates = [];
        // What lets the film come as far as where we are: the last stop that waits, or what led past it.
        [$behind, $since, $from] = [null, [], 0.0];
        foreach ($stops as $scene) {
            $at = self::at($scene);
            $ways = [...$since, ...self::led($moments, $from, $at), ['visited' => $scene['id']]];
            $gate = $behind === null ? null : ['any' => [$behind, ...$ways]];
            $done = self::done($scene);
            $gates[] = ['done' => $done, 'gate' => $gate];
            if (! self::waits($scene)) {
                $since[] = ['visited' => $scene['id']];

                continue;
            }
            $passed = $done ?? ['visited' => $scene['id']];
            [$behind, $since, $from] = [self::passed($scene, $passed, $gate), [], $at];
        }
        $ways = [...$since, ...self::led($moments, $from, INF)];

        return [...$gates, ['done' => null, 'gate' => $behind === null ? null : ['any' => [$behind, ...$ways]]]];
    }

    /**
     * @param  list<Moment>  $moments
     * @return list<array{visited: string}> that one was led to a moment between two times
     */
    private static function led(array $moments, float $from, float $to): array
    {
        $between = array_filter($moments, static fn (Moment $one): bool => $one->at > $from && $one->at <= $to);

        return array_map(static fn (Moment $one): array => ['visited' => $one->id], array_values($between));
    }

    /**
     * Somebody for whom the stop does not open is past it as soon as the film may have come there.
     *
     * @param  Written  $scene
     * @param  Written  $done
     * @param  Written|null  $gate
     * @return Written
     */
    private static function passed(array $scene, array $done, ?array $gate): array
    {
        $needs = $scene['needs'] ?? null;
        if (! is_array($needs)) {
            return $done;
        }
        $isSpared = ['not' => $needs];

        return ['any' => [$done, $gate === null ? $isSpared : ['all' => [$isSpared, $gate]]]];
    }

    /**
     * @param  Written  $scene
     * @return Written|null null for always
     */
    private static function done(array $scene): ?array
    {
        if (! self::waits($scene)) {
            return null;
        }
        $open = [];
        $isFree = ($scene['stop']['free'] ?? false) === true;
        foreach ($isFree ? [] : Things::rawFlattened($scene['things'] ?? []) as $thing) {
            if (($thing['kind'] ?? '') === 'lock' && is_string($thing['id'] ?? null)) {
                $isOpen = ['open' => $thing['id']];
                $if = $thing['if'] ?? null;
                $open[] = is_array($if) ? ['any' => [$isOpen, ['not' => $if]]] : $isOpen;
            }
        }

        return ['all' => [['visited' => $scene['id']], ...$open]];
    }

    /** @param  Written  $scene */
    public static function waits(array $scene): bool
    {
        return ! is_numeric($scene['stop']['lasts'] ?? null);
    }

    /** @param  Written  $scene */
    public static function at(array $scene): float
    {
        $at = $scene['stop']['at'] ?? 0;

        return is_int($at) || is_float($at) ? max(0.0, (float) $at) : 0.0;
    }
}

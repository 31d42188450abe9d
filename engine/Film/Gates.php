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
        [$gates, $before, $from] = [[], [], 0.0];
        // A stretch runs from a stop that waits: what is asked of it, for whom it opens, and what led past it.
        $stretch = ['passed' => null, 'needs' => null, 'led' => []];
        foreach ($stops as $scene) {
            $at = self::at($scene);
            $stretch['led'] = [...$stretch['led'], ...self::led($moments, $from, $at)];
            $seen = ['visited' => $scene['id']];
            $done = self::done($scene);
            $gates[] = ['done' => $done, 'gate' => self::gate([...$before, $stretch], [$seen])];
            $from = max($from, $at);
            if (! self::waits($scene)) {
                $stretch['led'][] = $seen;

                continue;
            }
            $needs = $scene['needs'] ?? null;
            $before[] = $stretch;
            $stretch = ['passed' => $done ?? $seen, 'needs' => is_array($needs) ? $needs : null, 'led' => []];
        }
        $stretch['led'] = [...$stretch['led'], ...self::led($moments, $from, INF)];

        return [...$gates, ['done' => null, 'gate' => self::gate([...$before, $stretch], [])]];
    }

    /**
     * One is past the last stop that waits; or one was on a stretch before it, and none of those after that opens for
     * them.
     *
     * @param  non-empty-list<array{passed: Written|null, needs: Written|null, led: list<Written>}>  $stretches
     * @param  list<Written>  $own  what says that one was there already
     * @return Written|null null where nothing lies before it
     */
    private static function gate(array $stretches, array $own): ?array
    {
        [$ways, $spared] = [$own, []];
        foreach (array_reverse($stretches) as ['passed' => $passed, 'needs' => $needs, 'led' => $led]) {
            // From the beginning the film runs freely.
            if ($passed === null) {
                return $spared === [] ? null : ['any' => [...$ways, ['all' => $spared]]];
            }
            foreach ([$passed, ...$led] as $way) {
                $ways[] = $spared === [] ? $way : ['all' => [$way, ...$spared]];
            }
            if ($needs === null) {
                break;
            }
            $spared[] = ['not' => $needs];
        }

        return ['any' => $ways];
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

<?php

declare(strict_types=1);

namespace Fravel\Simulate;

use Fravel\Check\Effort;
use Fravel\Check\EffortSpent;
use Fravel\Document\GameDocument;
use Fravel\Report\Happening;
use Fravel\Report\PlayLog;

/**
 * A class of made-up students that plays a game by itself. Pure: the same game, seed and number give the same class.
 *
 * @phpstan-import-type Deed from VirtualPlay
 */
final class VirtualClass
{
    /** Seconds within which a class begins. */
    private const ARRIVE = 90;

    /**
     * @param  int|null  $limit  seconds that each may take; null for no limit
     * @return list<PlayLog> as a report reads them; fewer where the effort did not last for all
     */
    public static function logs(
        GameDocument $game, int $seed, int $count, ?int $limit = null, Effort $effort = new Effort(),
    ): array {
        $logs = [];
        foreach (self::plays($game, $seed, self::named($count), 0, $limit, $effort) as $name => $deeds) {
            $last = $deeds[array_key_last($deeds)];
            $kept = array_map(static fn (array $deed): array => [
                'at' => $deed['at'], 'what' => new Happening($deed['action'], $deed['outcome']->eventList()),
            ], $deeds);
            $state = $last['outcome']->state;
            $logs[] = PlayLog::of(
                (string) $name, (string) $name, $deeds[0]['at'], $state->ended === null ? null : $last['at'], $state,
                $kept,
            );
        }

        return $logs;
    }

    /**
     * @param  list<string>  $names
     * @param  int  $begin  seconds since 1970
     * @param  int|null  $limit  seconds that each may take
     * @return array<string, non-empty-list<Deed>> name → what they did; the first of them where the effort did not last
     */
    public static function plays(
        GameDocument $game, int $seed, array $names, int $begin, ?int $limit = null, Effort $effort = new Effort(),
    ): array {
        $answers = new Answers($game, $effort);
        $plays = [];
        foreach ($names as $place => $name) {
            // Each has chances of their own, so that one more student changes nobody else.
            $chance = new Chance("{$seed} {$place}");
            $pupil = Pupil::drawn($name, $chance);
            $from = $begin + $chance->between(0, self::ARRIVE);
            $until = $limit === null ? null : $from + $limit;
            try {
                /** @var non-empty-list<Deed> $deeds */
                $deeds = VirtualPlay::of($game, $answers, $pupil, $chance, $from, $until, $effort);
            } catch (EffortSpent) {
                break;
            }
            $plays[$name] = $deeds;
        }

        return $plays;
    }

    /** @return list<string> */
    private static function named(int $count): array
    {
        return array_map(static fn (int $number): string => (string) $number, range(1, max(1, $count)));
    }
}

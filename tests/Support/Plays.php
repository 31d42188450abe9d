<?php

declare(strict_types=1);

namespace Tests\Support;

use Fravel\Document\GameDocument;
use Fravel\Play\Outcome;
use Fravel\Play\Playing;
use Fravel\State\Action;
use RuntimeException;

/** Plays lists of actions for tests; an action may carry `after`, seconds since the one before. */
final class Plays
{
    public const START = 1000;

    /** @param  list<array<string, mixed>>  $actions */
    public static function through(GameDocument $game, array $actions, int $seed = 1, string $player = ''): Outcome
    {
        $now = self::START;
        $outcome = Playing::start($game, $seed, $now, $player);
        $events = $outcome->events;
        foreach ($actions as $sent) {
            $now += $sent['after'] ?? 0;
            $action = Action::of($sent) ?? throw new RuntimeException('That is no action: '.json_encode($sent));
            $outcome = Playing::act($game, $outcome->state, $action, $now);
            array_push($events, ...$outcome->events);
        }

        return new Outcome($outcome->state, $events);
    }

    /**
     * The events as the examples write them: a refusal without its reason.
     *
     * @param  list<array<string, mixed>>  $actions
     * @return list<list<mixed>>
     */
    public static function events(GameDocument $game, array $actions, int $seed = 1): array
    {
        return array_map(
            static fn (array $event): array => $event[0] === 'refused' ? ['refused'] : $event,
            self::through($game, $actions, $seed)->eventList(),
        );
    }
}

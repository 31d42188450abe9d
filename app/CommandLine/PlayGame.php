<?php

declare(strict_types=1);

namespace App\CommandLine;

use Fravel\Document\Game;
use Fravel\Exception\UnableToReadJson;
use Fravel\Play\Action;
use Fravel\Play\Play;
use Fravel\State\PlayState;
use Fravel\Support\Json;

/** `play FILE --actions FILE`: plays a list of actions; one may carry `after`, seconds since the one before. */
final class PlayGame implements Verb
{
    public const USAGE = 'play FILE --actions FILE [--seed N] [--json]';

    public const VALUED = ['actions', 'seed'];

    /** Any moment will do, as long as it is always the same. */
    private const START = 0;

    public static function run(Arguments $arguments): array
    {
        $game = Game::of(ValidFile::read($arguments->place(0) ?? ''));
        $now = self::START;
        $outcome = Play::start($game, (int) ($arguments->option('seed') ?? 1), $now);
        $events = $outcome->eventList();
        foreach (self::actions($arguments->option('actions') ?? '') as $sent) {
            $now += is_array($sent) && is_int($sent['after'] ?? null) ? max(0, $sent['after']) : 0;
            $action = Action::of($sent);
            if ($action === null) {
                $events[] = ['refused', 'action.unknown', []];

                continue;
            }
            $outcome = Play::act($game, $outcome->state, $action, $now);
            array_push($events, ...$outcome->eventList());
        }

        return [0, ['events' => $events, 'state' => self::told($outcome->state)], array_map(static fn (array $event): string => Json::write($event), $events)];
    }

    /** @return list<mixed> */
    private static function actions(string $path): array
    {
        if (! is_file($path)) {
            throw UnableToReadFile::absent($path);
        }
        try {
            $list = Json::read((string) file_get_contents($path));
        } catch (UnableToReadJson $failure) {
            throw UnableToReadFile::malformed($path, $failure);
        }
        if (! is_array($list) || ! array_is_list($list)) {
            throw new UnableToReadFile("{$path} holds no list of actions.");
        }

        return $list;
    }

    /** @return array<string, mixed> */
    private static function told(PlayState $state): array
    {
        return [
            'scene' => $state->scene, 'tokens' => $state->tokens, 'tallies' => (object) $state->tallies, 'open' => $state->open,
            'tries' => (object) $state->tries, 'lifted' => $state->lifted, 'ended' => $state->ended,
        ] + array_filter(['decided' => $state->decided, 'ruledOut' => $state->ruledOut]);
    }
}

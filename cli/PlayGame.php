<?php

declare(strict_types=1);

namespace Cli;

use Fravel\Document\GameDocument;
use Fravel\Exception\UnableToReadJson;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Fravel\Support\Json;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `play FILE --actions FILE`: plays a list of actions; one may carry `after`, seconds since the one before. */
#[AsCommand('play', 'Plays a list of actions')]
final class PlayGame extends GameCommand
{
    /** Any moment will do, as long as it is always the same. */
    private const START = 0;

    protected function configure(): void
    {
        parent::configure();
        $this->addOption('actions', null, InputOption::VALUE_REQUIRED, 'A file with a list of actions', '')->addOption(
            'seed',
            null,
            InputOption::VALUE_REQUIRED,
            'Decides what is drawn',
            '1',
        );
    }

    protected function reply(InputInterface $input): array
    {
        $game = GameDocument::of(ValidFile::read(self::text($input, 'file')));
        $now = self::START;
        $outcome = Playing::start($game, (int) self::text($input, 'seed'), $now);
        $events = $outcome->eventList();
        foreach (self::actions(self::text($input, 'actions')) as $sent) {
            $now += is_array($sent) && is_int($sent['after'] ?? null) ? max(0, $sent['after']) : 0;
            $action = Action::of($sent);
            if ($action === null) {
                $events[] = ['refused', 'action.unknown', []];

                continue;
            }
            $outcome = Playing::act($game, $outcome->state, $action, $now);
            array_push($events, ...$outcome->eventList());
        }

        return [
            0,
            ['events' => $events, 'state' => self::told($outcome->state)],
            array_map(static fn (array $event): string => Json::write($event), $events),
        ];
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
            'scene' => $state->scene,
            'tokens' => $state->tokens,
            'tallies' => (object) $state->tallies,
            'open' => $state->open,
            'tries' => (object) $state->tries,
            'lifted' => $state->lifted,
            'ended' => $state->ended,
        ] + array_filter(['decided' => $state->decided, 'ruledOut' => $state->ruledOut]);
    }
}

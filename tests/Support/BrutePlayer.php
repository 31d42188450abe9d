<?php

declare(strict_types=1);

namespace Tests\Support;

use Fravel\Document\GameDocument;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Fravel\Thing\Lock;
use Fravel\Thing\Thing;

/** Plays a game in every way there is, knowing nothing of how it is made: all actions, some answers, all waits. */
final class BrutePlayer
{
    /** Seconds waited before an action. */
    private const WAITS = [0, 60, 180];

    /** Wrong tries above this are as one. */
    private const MOST_TRIES = 4;

    /** @var array<string, PlayState> */
    private array $states = [];

    /** @var array<string, list<string>> state → states before it */
    private array $before = [];

    /** @var array<string, int> state → seconds since the beginning */
    private array $times = [];

    /** @var array<string, true> */
    public array $scenes = [];

    public bool $isComplete = true;

    /** @var list<string> scenes in which no ending can be reached any more */
    public array $traps = [];

    /** @param  list<mixed>  $answers */
    public function __construct(private readonly GameDocument $game, private readonly array $answers, int $most)
    {
        $queue = [$this->add(Playing::start($game, 1, 0)->state, 0, null)];
        for ($at = 0; $at < count($queue); $at++) {
            if ($at >= $most) {
                $this->isComplete = false;
                break;
            }
            foreach ($this->next($queue[$at]) as [$state, $time]) {
                $isNew = ! isset($this->states[self::key($state, $time)]);
                $key = $this->add($state, $time, $queue[$at]);
                $isNew ? $queue[] = $key : null;
            }
        }
        $this->traps = $this->isComplete ? $this->trapped() : [];
    }

    /** @return list<array{PlayState, int}> */
    private function next(string $key): array
    {
        [$state, $time] = [$this->states[$key], $this->times[$key]];
        $next = [];
        foreach ($state->ended === null ? self::WAITS : [] as $wait) {
            $now = min($time + $wait, 180);
            foreach ($this->actions($state, $now) as $sent) {
                $action = Action::of($sent);
                $outcome = $action === null ? null : Playing::act($this->game, $state, $action, $now);
                if ($outcome !== null && ! $outcome->isRefused()) {
                    $next[] = [self::bounded($outcome->state), $now];
                }
            }
        }

        return $next;
    }

    /** @return list<array<string, mixed>> */
    private function actions(PlayState $state, int $now): array
    {
        $things = $this->game->scene($state->scene)?->shown($state, $now) ?? [];
        $answers = fn (Lock $lock): array => array_map(
            static fn (mixed $answer): array => ['answer' => $lock->id, 'with' => $answer],
            [...$this->answers, ...$lock->input->picks()],
        );

        return [
            ['back' => true], ['continue' => true],
            ...array_merge(
                [],
                ...array_map(
                    static fn (Thing $thing): array => [
                        ...$thing->actions(), ...array_merge([], ...array_map($answers, $thing->locks())),
                    ],
                    $things,
                ),
            ),
        ];
    }

    /** Whoever is to wait waits; and nobody counts tries for ever. */
    private static function bounded(PlayState $state): PlayState
    {
        $fields = $state->toArray();

        return PlayState::fromArray(
            [
                'guarded' => [], 'verdicts' => [], 'film' => [],
                'tries' => array_map(static fn (int $tries): int => min($tries, self::MOST_TRIES), $state->tries),
            ] + $fields,
        );
    }

    private function add(PlayState $state, int $time, ?string $from): string
    {
        $key = self::key($state, $time);
        $this->states[$key] ??= $state;
        $this->times[$key] = $time;
        $this->scenes += array_fill_keys($state->visited, true);
        $from === null ?: $this->before[$key][] = $from;

        return $key;
    }

    private static function key(PlayState $state, int $time): string
    {
        $fields = array_map(static function (mixed $field): mixed {
            is_array($field) ? (array_is_list($field) ? sort($field) : ksort($field)) : null;

            return $field;
        }, $state->toArray());

        return md5(serialize([$fields, $time]));
    }

    /** @return list<string> */
    private function trapped(): array
    {
        $safe = array_filter($this->states, static fn (PlayState $state): bool => $state->ended !== null);
        for ($queue = array_keys($safe); $queue !== [];) {
            foreach ($this->before[array_pop($queue)] ?? [] as $before) {
                if (! isset($safe[$before])) {
                    $safe[$before] = true;
                    $queue[] = $before;
                }
            }
        }

        return array_values(
            array_unique(
                array_map(static fn (PlayState $state): string => $state->scene, array_diff_key($this->states, $safe)),
            ),
        );
    }
}

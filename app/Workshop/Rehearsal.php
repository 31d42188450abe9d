<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\Game;
use App\Models\User;
use App\Play\Clock;
use App\Play\CompiledEdition;
use App\Play\Screen;
use App\Play\Turn;
use Fravel\Document\Walkthrough;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Illuminate\Support\Facades\Cache;

/**
 * A teacher's own way through the draft, kept for some hours; each step is judged on the draft as it stands then.
 *
 * @phpstan-type Kept array{
 *     state: array<array-key, mixed>, seed: int, from: string, holding: list<string>,
 *     tallies: array<string, int|float>, guards: bool, at: int,
 *     log: list<array<array-key, mixed>>, ahead: list<array<array-key, mixed>>, caught: list<mixed>|null,
 * }
 */
final readonly class Rehearsal
{
    private const KEPT = 6 * 3600;

    /** More steps than this are not remembered. */
    private const MOST_STEPS = 500;

    public CompiledEdition $edition;

    private string $key;

    public function __construct(Game $game, User $teacher)
    {
        $this->edition = CompiledEdition::ofDraft($game->read());
        $this->key = "rehearsal.{$game->id}.{$teacher->id}";
    }

    /**
     * Begins anew at this scene, if the game has it, holding some tokens.
     *
     * @param  list<string>  $holding
     * @param  array<string, int|float>  $tallies
     */
    public function begin(
        string $scene,
        array $holding = [],
        array $tallies = [],
        bool $guards = true,
        ?int $seed = null,
        string $player = '',
    ): void {
        $game = $this->edition->game;
        $from = $game->scene($scene) === null ? $game->start() : $scene;
        $seed ??= random_int(1, 2 ** 31);
        $state = Playing::startAt(
            $game,
            $from,
            $holding,
            $tallies,
            $seed,
            $this->now(),
            $player === '' ? (string) __('play.you') : $player,
        )->state;
        $this->keep([
            'state' => $state->toArray(),
            'seed' => $seed,
            'from' => $from,
            'holding' => $holding,
            'tallies' => $tallies,
            'guards' => $guards,
            'at' => $this->now(),
            'log' => [],
            'ahead' => [],
            'caught' => null,
        ]);
    }

    /** Begins where the walkthrough begins; its steps lie ahead. */
    public function walk(Walkthrough $walkthrough): void
    {
        $this->begin(
            $walkthrough->from ?? $this->edition->game->start(),
            $walkthrough->holding,
            $walkthrough->tallies,
            false,
            $walkthrough->seed,
        );
        $this->keep(['ahead' => $walkthrough->steps] + $this->kept());
    }

    /** @param  list<array<array-key, mixed>>  $actions  that lie ahead from the start */
    public function walkActions(array $actions): void
    {
        $this->begin($this->edition->game->start(), [], [], false);
        $this->keep(['ahead' => $actions] + $this->kept());
    }

    /** Goes so many of the steps that lie ahead. */
    public function step(int $count): void
    {
        for (; $count > 0; $count--) {
            $kept = $this->kept();
            $next = Action::of($kept['ahead'][0] ?? null);
            if ($next === null) {
                return;
            }
            $this->keep(['ahead' => array_slice($kept['ahead'], 1)] + $kept);
            $this->act($next);
        }
    }

    public function screen(): Screen
    {
        return new Screen($this->edition, PlayState::fromArray($this->kept()['state']), $this->now());
    }

    public function act(Action $action): Turn
    {
        $kept = $this->kept();
        $now = $this->now();
        $before = PlayState::fromArray($kept['state']);
        $able = $kept['guards'] || $action->verb !== 'answer' ? $before : $before->guard($action->on, 0);
        $outcome = Playing::act($this->edition->game, $able, $action, $now);
        // Nobody plays beside it.
        $state = $outcome->state->ended === null ? $outcome->state : $outcome->state->finishAs(1);
        $step = $action->toArray() + ['after' => min(600, $now - $kept['at']), 'at' => $outcome->state->scene];
        $this->keep(
            [
                'state' => $state->toArray(),
                'at' => $now,
                'caught' => $outcome->eventList()[0] ?? null,
                'log' => $outcome->isRefused()
                    ? $kept['log']
                    : array_slice([...$kept['log'], $step], 0, self::MOST_STEPS),
            ] + $kept,
        );

        return new Turn($this->edition, $before, $state, $outcome->eventList(), $now, on: (string) $action->on);
    }

    /** @return Kept where the rehearsal is; from the start when its scene was deleted meanwhile */
    public function kept(): array
    {
        /** @var Kept|null $kept */
        $kept = Cache::get($this->key);
        if (isset($kept['log']) && $this->edition->game->scene(PlayState::fromArray($kept['state'])->scene) !== null) {
            return $kept;
        }
        $this->begin($this->edition->game->start());

        /** @var Kept */
        return Cache::get($this->key);
    }

    /** @param  Kept  $kept */
    private function keep(array $kept): void
    {
        Cache::put($this->key, $kept, self::KEPT);
    }

    private function now(): int
    {
        return Clock::seconds();
    }
}

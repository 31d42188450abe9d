<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\Game;
use App\Models\User;
use App\Play\Clock;
use App\Play\CompiledEdition;
use App\Play\Screen;
use App\Play\Turn;
use Fravel\Play\Action;
use Fravel\Play\Play;
use Fravel\State\PlayState;
use Illuminate\Support\Facades\Cache;

/** A teacher's own way through the draft, kept for some hours; each step is judged on the draft as it stands then. */
final readonly class Rehearsal
{
    private const KEPT = 6 * 3600;

    private CompiledEdition $edition;

    private string $key;

    public function __construct(Game $game, User $teacher)
    {
        $this->edition = CompiledEdition::ofDraft($game->read());
        $this->key = "rehearsal.{$game->id}.{$teacher->id}";
    }

    /** Begins anew, and goes on from this scene if the game has it. */
    public function begin(string $scene): void
    {
        $this->keep($this->fresh($scene));
    }

    public function screen(): Screen
    {
        return new Screen($this->edition, $this->state(), $this->now());
    }

    public function act(Action $action): Turn
    {
        $before = $this->state();
        $outcome = Play::act($this->edition->game, $before, $action, $this->now());
        $this->keep($outcome->state);

        return new Turn($this->edition, $before, $outcome->state, $outcome->eventList(), $this->now());
    }

    /** Where the rehearsal is; from the start when its scene was deleted meanwhile. */
    private function state(): PlayState
    {
        $kept = Cache::get($this->key);
        $state = is_array($kept) ? PlayState::fromArray($kept) : null;
        if ($state === null || $this->edition->game->scene($state->scene) === null) {
            $state = $this->fresh($this->edition->game->start());
            $this->keep($state);
        }

        return $state;
    }

    private function fresh(string $scene): PlayState
    {
        $game = $this->edition->game;
        if ($game->scene($scene) === null || $scene === $game->start()) {
            return Play::start($game, random_int(1, 2 ** 31), $this->now(), (string) __('play.you'))->state;
        }
        $elsewhere = [...$game->document, 'start' => $scene];

        return Play::start(\Fravel\Document\Game::of($elsewhere), random_int(1, 2 ** 31), $this->now(), (string) __('play.you'))->state;
    }

    private function keep(PlayState $state): void
    {
        Cache::put($this->key, $state->toArray(), self::KEPT);
    }

    private function now(): int
    {
        return Clock::seconds();
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Play;

use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;
use Fravel\Document\Route;
use Fravel\Document\Scene;
use Fravel\Document\Showing;
use Fravel\Effect\Effect;
use Fravel\Film\Moment;
use Fravel\State\Event;
use Fravel\State\EventKind;
use Fravel\State\PlayState;
use Fravel\Thing\Turn;

/**
 * One action while it happens: the state as it stands and the events so far.
 *
 * Inside one reaction the order is: effects, then the route with all that arriving sets off, then what it says.
 *
 * @internal
 */
final class Step implements Turn
{
    /** Arrivals that lead on and on stop after this many in one action. */
    private const MOST_ARRIVALS = 50;

    /** @var list<Event> */
    private array $events = [];

    private int $arrivals = 0;

    private bool $isCut = false;

    private ?Outcome $refusal = null;

    public function __construct(
        private readonly GameDocument $game,
        private PlayState $state,
        private readonly int $now,
        private readonly bool $isWatched = false,
    ) {
    }

    public function game(): GameDocument
    {
        return $this->game;
    }

    public function now(): int
    {
        return $this->now;
    }

    public function isWatched(): bool
    {
        return $this->isWatched;
    }

    public function refuse(string $reason, array $arguments = []): void
    {
        $this->refusal = new Outcome($this->state, [Event::of(EventKind::Refused, $reason, $arguments)]);
    }

    public function state(): PlayState
    {
        return $this->state;
    }

    public function outcome(): Outcome
    {
        return $this->refusal ?? new Outcome($this->state, $this->events, $this->isCut);
    }

    public function note(EventKind $kind, mixed ...$arguments): void
    {
        $this->events[] = Event::of($kind, ...$arguments);
    }

    /** Takes the next state and notes what changed; a lock that opened lifts the covers it holds down. */
    public function become(PlayState $next): void
    {
        $changes = Event::between($this->state, $next);
        $this->state = $next;
        foreach ($changes as $event) {
            $this->events[] = $event;
            if ($event->kind === EventKind::Opened && is_string($event->arguments[0])) {
                $this->liftCoversOf($event->arguments[0]);
            }
        }
    }

    /** @param  list<Effect>  $effects */
    public function apply(array $effects): void
    {
        foreach ($effects as $effect) {
            $this->become($effect->apply($this->state, $this->game));
        }
    }

    /** @param  list<Reaction>  $reactions the first that fits fires */
    public function fire(array $reactions): void
    {
        $reaction = Reaction::firing($reactions, $this->state, $this->now);
        if ($reaction === null) {
            return;
        }
        $this->apply($reaction->effects);
        if ($reaction->go !== null) {
            $this->follow($reaction->go);
        }
        if ($reaction->say !== '') {
            $this->note(EventKind::Said, (new Showing($this->game, $this->state, $this->now))->fill($reaction->say));
        }
    }

    /** Goes where the route leads, if it leads elsewhere and the scene there lets in. */
    public function follow(Route $route): void
    {
        $to = $this->target($route) ?? '';
        $moment = $this->game->moment($to);
        if ($route->to === Route::ON || $moment !== null) {
            $moment === null ? $this->goOnInFilm() : $this->wind($moment);

            return;
        }
        $scene = $this->game->scene($to);
        if ($scene === null || $scene->id === $this->state->scene || $this->state->ended !== null) {
            return;
        }
        if ($this->arrivals >= self::MOST_ARRIVALS) {
            $this->isCut = true;

            return;
        }
        if ($scene->needs !== null && ! $scene->needs->holds($this->state, $this->now)) {
            $this->arrivals++;
            $this->fire($scene->refused);

            return;
        }
        $this->enter($scene, $route->to === Route::BACK);
    }

    /** Stands in the scene, whoever it lets in. */
    public function place(string $scene): void
    {
        $there = $this->game->scene($scene);
        $there === null ? null : $this->enter($there, false);
    }

    /** From a stop the film goes on; it was never left, so nothing happens on coming back to it. */
    private function goOnInFilm(): void
    {
        $stop = $this->game->scene($this->state->scene)?->stop;
        if ($stop === null || $this->state->ended !== null) {
            return;
        }
        $this->state = $this->state->goBackTo($stop->home)->runTo($stop->clip, $stop->at);
        $this->note(EventKind::Entered, $stop->home);
    }

    /** To a moment of a film: within it where one is there already, else by way of the scene that it stands in. */
    private function wind(Moment $moment): void
    {
        $stop = $this->game->scene($this->state->scene)?->stop;
        $isHere = $this->state->scene === $moment->scene || $stop?->home === $moment->scene;
        if (! $isHere) {
            $this->follow(new Route($moment->scene));
        } elseif ($stop !== null) {
            $this->state = $this->state->goBackTo($moment->scene);
            $this->note(EventKind::Entered, $moment->scene);
        }
        // Who was not let in, or led on from there, sees nothing of it.
        if ($this->state->scene !== $moment->scene || $this->state->ended !== null) {
            return;
        }
        $then = $moment->until !== null && $stop?->clip === $moment->clip ? $stop->id : null;
        $this->state = $this->state
            ->wind($moment->clip, $moment->at, $moment->until, $then)
            ->markVisited($moment->id);
        $this->note(EventKind::Wound, $moment->id);
    }

    private function target(Route $route): ?string
    {
        return match ($route->to) {
            Route::STAY, Route::ON => null,
            Route::BACK => $this->state->from[$this->state->scene] ?? null,
            Route::CHAPTER => $this->game->firstSceneOf($this->game->scene($this->state->scene)->chapter ?? ''),
            Route::START => $this->game->start(),
            default => $route->to,
        };
    }

    private function enter(Scene $scene, bool $goingBack): void
    {
        $this->arrivals++;
        $this->state = $goingBack ? $this->state->goBackTo($scene->id) : $this->state->enter($scene->id);
        $this->note(EventKind::Entered, $scene->id);
        if ($scene->ending !== null) {
            $this->state = $this->state->end($scene->ending->kind, $this->now);
            $this->note(EventKind::Ended, $scene->ending->kind);
        }
        $this->fire($scene->arrive);
        $this->state = $this->state->markVisited($scene->id);
    }

    private function liftCoversOf(string $lock): void
    {
        foreach ($this->game->coversLiftedBy($lock) as $cover) {
            if (! $this->state->isLifted($cover->id)) {
                $this->become($this->state->lift($cover->id));
                $this->fire(
                    array_merge(
                        [],
                        ...array_map(static fn (ReactionList $list): array => $list->reactions, $cover->reactions()),
                    ),
                );
            }
        }
    }
}

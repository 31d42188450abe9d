<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\Route;
use Fravel\Effect\Effect;
use Fravel\State\EventKind;
use Fravel\State\PlayState;

/** One action while it happens, as a thing sees it that something is done with. */
interface Turn
{
    public function game(): GameDocument;

    /** As it stands after what happened so far. */
    public function state(): PlayState;

    /** Seconds since 1970. */
    public function now(): int;

    /** Whether a teacher is there to read what waits for one; else nothing waits. */
    public function isWatched(): bool;

    /** Takes the next state, with all that follows from the change. */
    public function become(PlayState $next): void;

    /** @param  list<Effect>  $effects */
    public function apply(array $effects): void;

    /** @param  list<Reaction>  $reactions the first that fits fires */
    public function fire(array $reactions): void;

    public function follow(Route $route): void;

    public function note(EventKind $kind, mixed ...$arguments): void;

    /**
     * The action is not possible now; nothing may have changed before.
     *
     * @param  array<string, string|int>  $arguments  for the words of the reason
     */
    public function refuse(string $reason, array $arguments = []): void;
}

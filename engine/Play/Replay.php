<?php

declare(strict_types=1);

namespace Fravel\Play;

use Fravel\Document\GameDocument;
use Fravel\Document\Walkthrough;
use Fravel\State\Action;

/** A walkthrough played again, up to where the game no longer goes the way it was recorded. */
final readonly class Replay
{
    /**
     * @param  int|null  $divergesAt  number of the step that leads elsewhere, from 1; null when all hold
     * @param  string  $expected  scene it led to when it was recorded
     * @param  string  $found  scene it leads to now
     */
    private function __construct(
        public Outcome $outcome,
        public ?int $divergesAt = null,
        public string $expected = '',
        public string $found = '',
    ) {
    }

    public static function of(GameDocument $game, Walkthrough $walkthrough): self
    {
        $now = 0;
        $outcome = Playing::startAt(
            $game,
            $walkthrough->from ?? $game->start(),
            $walkthrough->holding,
            $walkthrough->tallies,
            $walkthrough->seed,
            $now,
        );
        foreach ($walkthrough->steps as $place => $step) {
            $now += is_int($step['after'] ?? null) ? max(0, $step['after']) : 0;
            $action = Action::of($step);
            $outcome = $action === null ? $outcome : Playing::act($game, $outcome->state, $action, $now);
            $expected = is_string($step['at'] ?? null) ? $step['at'] : $outcome->state->scene;
            if ($action === null || $outcome->isRefused() || $outcome->state->scene !== $expected) {
                return new self($outcome, $place + 1, $expected, $outcome->state->scene);
            }
        }

        return new self($outcome);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\State\PlayState;

/** A game, a play and a moment: what the showing of a thing may depend on. */
final readonly class Showing
{
    public function __construct(public Game $game, public PlayState $state, public int $now)
    {
    }

    /** The text with `{=id}`, `{=player}` and `{=minutes}` filled in; anything else in braces stays. */
    public function fill(string $text): string
    {
        if (! str_contains($text, '{=')) {
            return $text;
        }

        return (string) preg_replace_callback('/\{=([a-z][a-z0-9_-]*)\}/', fn (array $mark): string => $this->value($mark[1]) ?? $mark[0], $text);
    }

    private function value(string $name): ?string
    {
        return match (true) {
            isset($this->game->tallies()[$name]) => (string) $this->state->tally($name),
            isset($this->game->tokens()[$name]) => $this->game->tokens()[$name]->name,
            $name === 'player' => $this->state->player,
            $name === 'minutes' => (string) $this->state->minutes($this->now),
            default => null,
        };
    }
}

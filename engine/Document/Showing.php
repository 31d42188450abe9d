<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\State\PlayState;

/** A game, a play and a moment: what the showing of a thing may depend on. */
final readonly class Showing
{
    /**
     * Marks that are filled in one text, and characters of a name that stands in for one: a text stays of a size that
     * can be shown.
     */
    private const MOST_MARKS = 500;

    private const LONGEST_NAME = 300;

    private const NO_PLACE = '–';

    public function __construct(public GameDocument $game, public PlayState $state, public int $now)
    {
    }

    /**
     * The text with `{=id}`, `{=player}`, `{=minutes}`, `{=time}` and `{=place}` filled in; anything else in braces
     * stays.
     */
    public function fill(string $text): string
    {
        if (! str_contains($text, '{=')) {
            return $text;
        }

        return (string) preg_replace_callback(
            '/\{=([a-z][a-z0-9_-]*)\}/',
            fn (array $mark): string => $this->value($mark[1]) ?? $mark[0],
            $text,
            self::MOST_MARKS,
        );
    }

    private function value(string $name): ?string
    {
        return match (true) {
            isset($this->game->tallies()[$name]) => (string) $this->state->tally($name),
            isset($this->game->tokens()[$name]) => mb_substr($this->game->tokens()[$name]->name, 0, self::LONGEST_NAME),
            $name === 'player' => $this->state->player,
            $name === 'minutes' => (string) $this->state->minutes($this->now),
            $name === 'time' => self::clock($this->state->seconds($this->now)),
            $name === 'place' => (string) ($this->state->place ?? self::NO_PLACE),
            default => null,
        };
    }

    /** Minutes and seconds, with hours before them when there are any. */
    public static function clock(int $seconds): string
    {
        [$hours, $minutes] = [intdiv($seconds, 3600), intdiv($seconds, 60) % 60];

        return $hours > 0
            ? sprintf('%d:%02d:%02d', $hours, $minutes, $seconds % 60)
            : sprintf('%d:%02d', $minutes, $seconds % 60);
    }
}

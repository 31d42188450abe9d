<?php

declare(strict_types=1);

namespace App\Play;

use Fravel\Document\GameDocument;
use Fravel\Document\References;
use Fravel\State\PlayState;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/** Which room a clue is found in, and what is asked there: once all of that is done the clue is put away. */
final readonly class Rooms
{
    /**
     * @param  array<string, string>  $given  token → the one chapter that gives it
     * @param  array<string, list<string>>  $locks  chapter → its locks
     */
    public function __construct(public array $given = [], public array $locks = [])
    {
    }

    public static function in(GameDocument $game): self
    {
        [$given, $locks] = [[], []];
        foreach (References::in($game->document) as $one) {
            if ($one->kind === 'token' && $one->field() === 'give') {
                $given[$one->id][] = $game->chapterOf((string) $one->scene) ?? '';
            }
        }
        $only = array_filter(
            array_map(array_unique(...), $given),
            static fn (array $rooms): bool => count($rooms) === 1 && $rooms[0] !== '',
        );
        foreach ($only === [] ? [] : $game->scenes() as $scene) {
            $asked = array_map(static fn (Lock $lock): string => $lock->id, Things::locks($scene->things));
            $chapter = $game->chapterOf($scene->id) ?? '';
            $locks[$chapter] = [...$locks[$chapter] ?? [], ...$asked];
        }

        return new self(array_map(static fn (array $rooms): string => $rooms[0], $only), $locks);
    }

    /** Whether nothing is asked any more in the room where the token was found, and the student is elsewhere. */
    public function isDone(string $token, PlayState $state, ?string $here): bool
    {
        $room = $this->given[$token] ?? null;
        $locks = $this->locks[$room] ?? [];

        return $room !== null && $room !== $here && $locks !== [] && array_diff($locks, $state->open) === [];
    }
}

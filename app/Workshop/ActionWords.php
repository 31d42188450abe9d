<?php

declare(strict_types=1);

namespace App\Workshop;

use Fravel\Document\GameDocument;

/** What a student does, in words: "tap “The door”", "answer “0917” to “The door”". */
final class ActionWords
{
    /** @param  array<array-key, mixed>  $action */
    public static function of(GameDocument $game, array $action): string
    {
        $verb =
            array_values(
                array_intersect(
                    ['choose', 'answer', 'lift', 'lower', 'judge', 'find', 'hint', 'cue', 'back', 'continue'],
                    array_keys($action),
                ),
            )[0] ?? 'continue';
        $on = $action[$verb] ?? null;

        return (string) __("rehearsal.actions.{$verb}", [
            'thing' => is_string($on) ? Names::of($game, $on) : '',
            'with' => self::answer($game, $action['with'] ?? ''),
        ]);
    }

    private static function answer(GameDocument $game, mixed $with): string
    {
        if (! is_array($with)) {
            return is_scalar($with) ? Names::of($game, (string) $with) : '';
        }

        return implode(', ', array_map(static fn (mixed $part): string => self::answer($game, $part), $with));
    }
}

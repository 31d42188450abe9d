<?php

declare(strict_types=1);

namespace Fravel\Play;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;

/** Whether a play that was begun in one edition of a game can go on in another. */
final class Fit
{
    /**
     * It can where all that it stands on is there: its scene, the locks it opened, by rules that still open them, the
     * covers it lifted, and what it holds. Ids are taken to mean the same in both.
     */
    public static function isIn(GameDocument $game, PlayState $state): bool
    {
        if ($game->scene($state->scene) === null) {
            return false;
        }
        foreach ($state->open as $lock) {
            $thing = $game->lock($lock);
            $rule = $state->passes[$lock] ?? null;
            if ($thing === null || ($rule !== null && ! ($thing->rules[$rule] ?? null)?->opens())) {
                return false;
            }
        }
        foreach ($state->lifted as $cover) {
            if ($game->kindOf($cover) !== 'cover') {
                return false;
            }
        }

        return array_diff($state->tokens, array_keys($game->tokens())) === [];
    }
}

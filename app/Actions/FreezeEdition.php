<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Edition;
use App\Models\Game;
use App\Storage\EditionFile;

/** Freezes a game as it stands; a draft that is frozen already gives the same edition again. */
final class FreezeEdition
{
    public function handle(Game $game): Edition
    {
        $hash = hash('sha256', $game->document);
        $last = $game->editions()->orderByDesc('number')->first();
        if ($last !== null && $last->hash === $hash) {
            return $last;
        }
        EditionFile::write($hash, $game->document);

        return $game->editions()->create([
            'number' => ($last->number ?? 0) + 1,
            'hash' => $hash,
            'document' => $game->document,
        ]);
    }
}

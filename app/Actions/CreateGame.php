<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Game;
use App\Models\User;
use Fravel\Support\Json;

/** Puts a new game on a teacher's shelf. */
final class CreateGame
{
    /** @param  array<array-key, mixed>  $document one that Validation finds no problem in */
    public function handle(User $owner, array $document): Game
    {
        return $owner->games()->create([
            'title' => is_string($document['title'] ?? null) ? $document['title'] : '',
            'document' => Json::write($document),
            'revision' => 1,
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Edition;
use App\Models\Game;
use App\Storage\EditionFile;
use App\Storage\Secret;
use Fravel\Document\Veil;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;

/**
 * Freezes a game as it stands; a draft that is frozen already gives the same edition again.
 *
 * What a device gets to see of ids is drawn by a secret of this installation, so that an old draft's telling ids tell
 * nothing.
 */
final class FreezeEdition
{
    public function handle(Game $game): Edition
    {
        $source = hash('sha256', $game->document);
        $last = $this->last($game);
        if ($last?->source === $source) {
            return $last;
        }
        $veil = Veil::over(
            $game->read()->settled(),
            static fn (string $id): string => Secret::digest("id|{$game->id}|{$id}"),
        );
        $document = Json::write($veil->document);
        $hash = hash('sha256', $document);
        EditionFile::write($hash, $document);

        return DB::transaction(function () use ($game, $source, $document, $hash, $veil): Edition {
            $last = $this->last($game);

            return $last?->source === $source
                ? $last
                : $game->editions()->create([
                    'number' => ($last->number ?? 0) + 1,
                    'hash' => $hash,
                    'document' => $document,
                    'source' => $source,
                    'renamed' => $veil->renamed,
                ]);
        });
    }

    private function last(Game $game): ?Edition
    {
        return $game->editions()->orderByDesc('number')->first();
    }
}

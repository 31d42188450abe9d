<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Game;
use Illuminate\Support\Facades\DB;

/**
 * Puts a second game beside one: the draft as it stands, with the same pictures, without history, editions and runs.
 */
final class CopyGame
{
    public function __construct(private readonly CreateGame $create)
    {
    }

    public function handle(Game $game): Game
    {
        $document = $game->read();
        $title = mb_substr((string) trans('made.copy', ['title' => $document->title()], $document->language()), 0, 120);

        return DB::transaction(function () use ($game, $document, $title): Game {
            $copy = $this->create->handle($game->user()->firstOrFail(), ['title' => $title] + $document->document);
            $pictures = DB::table('pictures')
                ->where('game_id', $game->id)
                ->get(['user_id', 'file', 'bytes']);
            DB::table('pictures')->insert(
                $pictures->map(static fn (object $row): array => ['game_id' => $copy->id] + (array) $row)->all(),
            );

            return $copy;
        });
    }
}

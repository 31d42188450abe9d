<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Run;
use App\Storage\EditionFile;
use Fravel\Play\Fit;
use Illuminate\Support\Facades\DB;

/** Gives a class that plays the game as it is now. A play that it would break goes on with the edition it has. */
final readonly class RenewEdition
{
    public function __construct(private FreezeEdition $freeze)
    {
    }

    /** @return list<string> names of those who would stand where the changed game has nothing, and keep the old one */
    public function handle(Run $run): array
    {
        $edition = $this->freeze->handle($run->game);
        $game = EditionFile::of($edition)->game;

        return DB::transaction(static function () use ($run, $edition, $game): array {
            $kept = [];
            foreach ($run->plays()->orderBy('name')->get() as $play) {
                $isBroken = ! Fit::isIn($game, $play->read());
                $own = $isBroken ? $play->edition_id ?? $run->edition_id : null;
                $isBroken && $play->ended_at === null && $kept[] = $play->name;
                $own === $play->edition_id || $play->update(['edition_id' => $own]);
            }
            $run->update(['edition_id' => $edition->id]);

            return $kept;
        });
    }
}

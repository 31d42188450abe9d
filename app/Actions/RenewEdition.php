<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Play;
use App\Models\Run;
use App\Storage\EditionFile;
use Fravel\Play\Fit;
use Illuminate\Support\Facades\DB;

/** Gives a class that plays the game as it is now; all take it over, or nobody does. */
final readonly class RenewEdition
{
    public function __construct(private FreezeEdition $freeze)
    {
    }

    /** @return list<string> names of those who would stand where the changed game has nothing; none where it is done */
    public function handle(Run $run): array
    {
        $edition = $this->freeze->handle($run->game);
        $game = EditionFile::of($edition)->game;

        return DB::transaction(static function () use ($run, $edition, $game): array {
            $broken = array_values($run->plays()->whereNull('ended_at')->orderBy('name')->get()
                ->reject(static fn (Play $play): bool => Fit::isIn($game, $play->read()))
                ->map(static fn (Play $play): string => $play->name)->all());
            if ($broken === []) {
                $run->update(['edition_id' => $edition->id]);
            }

            return $broken;
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Run;
use App\Report\RunLogs;
use App\Storage\EditionFile;
use Fravel\Answer\Answer;
use Fravel\Document\GameDocument;
use Fravel\Play\Fit;
use Fravel\Report\Deed;
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

        $kept = DB::transaction(static function () use ($run, $edition, $game): array {
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
        TellPlays::lines(self::nowRight($run, $game));

        return $kept;
    }

    /** @return array<string, string> play → what it is told: that an answer of before is right by now */
    private static function nowRight(Run $run, GameDocument $game): array
    {
        $own = $run->plays()->whereNotNull('edition_id')->pluck('id')->all();
        $told = [];
        foreach (RunLogs::of($run) as $log) {
            $isTold = $log->endedAt === null && ! in_array($log->id, $own, true);
            foreach ($isTold ? array_keys($log->answered()) : [] as $id) {
                if (! $log->state->isOpen($id) && self::isOpenedBy($log->answersTo($id), $id, $game)) {
                    $told[$log->id] = TellPlays::wordsOf($game, 'right', $id);
                }
            }
        }

        return $told;
    }

    /** @param  list<Deed>  $answers */
    private static function isOpenedBy(array $answers, string $id, GameDocument $game): bool
    {
        $lock = $game->lock($id);
        if ($lock === null) {
            return false;
        }
        foreach ($answers as $deed) {
            $answer = $lock->accept($deed->with(), $game->language());
            $rule = $answer instanceof Answer ? $lock->ruleFor($answer) : null;
            if ($rule !== null && $lock->rules[$rule]->opens()) {
                return true;
            }
        }

        return false;
    }
}

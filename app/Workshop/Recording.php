<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Actions\EditGame;
use App\Actions\Standpoint;
use App\Models\Game;
use Fravel\Document\Ids;
use Fravel\Edit\Command;
use Fravel\Edit\InsertPart;
use Random\Randomizer;

/** Puts the way of a rehearsal into the game as a walkthrough. */
final class Recording
{
    /** @return string what came of it, in words */
    public static function keep(Game $game, Rehearsal $rehearsal, string $name, EditGame $edit): string
    {
        $kept = $rehearsal->kept();
        if ($kept['log'] === []) {
            return (string) __('rehearsal.short');
        }
        $name = $name === '' ? (string) __('rehearsal.name') : $name;
        $document = $game->read();
        $value = [
            'id' => Ids::drawn('walk', Ids::in($document->document), new Randomizer()),
            'name' => $name,
            'seed' => $kept['seed'],
            'from' => $kept['from'] === $document->start() ? null : $kept['from'],
            'holding' => $kept['holding'],
            'tallies' => (object) $kept['tallies'],
            'steps' => $kept['log'],
        ];
        $last = array_key_last($document->walkthroughs());
        $insert = new InsertPart('walkthroughs', Command::GAME, $last === null ? null : (string) $last, $value);
        $edit->handle(
            $game->id,
            static fn (): InsertPart => $insert,
            Standpoint::at($game->revision),
            (string) __('rehearsal.walk', ['name' => $name]),
        );

        return (string) __('rehearsal.kept', ['name' => $name, 'steps' => count($kept['log'])]);
    }
}

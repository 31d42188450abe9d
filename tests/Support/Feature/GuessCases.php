<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Fravel\Document\Renaming;
use Fravel\Document\Veil;
use Fravel\Pattern\Pattern;

/** What GuessTest is about: games, and ways to ask. */
final class GuessCases
{
    /**
     * The pattern's game with numbers for ids, as an earlier version made it: what was made first has the lowest.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function asOfOld(array $document): array
    {
        $ids = array_keys(Ids::in(['scenes' => $document['scenes']]));
        $taken = $old = [];
        foreach ($ids as $id) {
            $taken[$old[$id] = Ids::fresh(Ids::stem($id), $taken)] = true;
        }

        return (new Renaming($old))->ofDocument($document);
    }

    /** What a device gets of it: the edition. */
    public static function frozen(array $document, int $round): GameDocument
    {
        return GameDocument::of(
            Veil::over($document, fn (string $id): string => hash('sha256', "{$round}|{$id}", true))->document,
        );
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Document\GameDocument;
use Fravel\Edit\DocumentPath;
use Fravel\Thing\Lock;

/** A game in which nobody opens certain locks: what is reached there is reached without them. */
final class Unopened
{
    /** What a lock does, of which nothing is left. */
    private const DEEDS = ['rules' => [], 'otherwise' => [], 'hints' => [], 'rounds' => [], 'opened' => []];

    /**
     * @param  list<Lock>  $locks
     *
     * @throws EffortSpent
     */
    public static function game(GameDocument $game, array $locks, Effort $effort): GameDocument
    {
        $document = $game->document;
        foreach ($locks as $lock) {
            $effort->read(count($game->sceneIds()));
            $path = DocumentPath::path($document, $lock->id);
            $part = $path === null ? null : DocumentPath::get($document, $path);
            if ($path !== null && is_array($part)) {
                $document = DocumentPath::put($document, $path, array_replace($part, self::DEEDS));
            }
        }

        return $game->changed($document);
    }
}

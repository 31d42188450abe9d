<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Document\GameDocument;
use Fravel\Edit\Commands;
use Fravel\Edit\Edited;

/** What StepwiseTest is about: games, and ways to ask. */
final class StepwiseCases
{
    /** Five scenes, each of which leads to the next by a choice of its own, and the first to all of them. */
    public static function chainOfScenes(): GameDocument
    {
        $ids = ['a', 'b', 'c', 'd', 'e'];
        $scenes = array_map(fn (string $id, int $place): array => [
            'id' => $id, 'title' => strtoupper($id), 'layout' => 'page',
            'things' => [[
                'id' => "{$id}-on", 'kind' => 'choice', 'md' => 'On',
                'react' => [
                    ['if' => ['visited' => 'a'], 'go' => $ids[min(4, $place + 1)]], ['go' => $ids[min(4, $place + 2)]],
                ],
            ]],
        ], $ids, array_keys($ids));

        return GameDocument::of(['fravel' => 1, 'title' => 'Chain', 'start' => 'a', 'scenes' => $scenes]);
    }

    /** @param  list<array<string, mixed>>  $commands */
    public static function together(GameDocument $game, array $commands): Edited
    {
        $edited = Commands::read(['together' => $commands], $game)?->apply($game);

        return $edited instanceof Edited ? $edited : throw new LogicException('refused');
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Check\CheckReport;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Fravel\Edit\Command;
use Fravel\Edit\Commands;
use Tests\Support\Games;
use Tests\Support\RandomGames;

/** What MemoTest is about: games, and ways to ask. */
final class MemoCases
{
    /** @return array<string, mixed> all that a report says */
    public static function told(CheckReport $report): array
    {
        $findings = array_map(
            static fn (Finding $finding): array => [
                $finding->code, $finding->severity->value, $finding->where, $finding->arguments, $finding->actions,
                $finding->mend?->toArray(), $finding->mendAs,
            ],
            $report->findings,
        );

        return [$report->isProved, $findings, $report->unlooked, $report->facts];
    }

    /** An edit such as a teacher makes, drawn. */
    public static function drawnEdit(RandomGames $dice, GameDocument $game): ?Command
    {
        $scene = $dice->pick($game->sceneIds());
        $thing = $dice->pick($game->scene($scene)->things ?: [null]);

        return Commands::read($dice->pick([
            ['set' => $scene, 'field' => 'title', 'to' => $dice->pick(['', 'Hall', 'New scene'])],
            [
                'set' => $scene, 'field' => 'next',
                'to' => [['go' => $dice->pick([...$game->sceneIds(), '@back', 'gone'])]],
            ],
            [
                'set' => $scene, 'field' => 'needs',
                'to' => $dice->pick([null, ['has' => 't0'], ['hasOf' => ['t0'], 'atLeast' => 3]]),
            ],
            ['set' => '@game', 'field' => 'language', 'to' => $dice->pick(['en', 'de'])],
            ['set' => '@game', 'field' => 'start', 'to' => $scene],
            [
                'insert' => 'scenes', 'in' => '@game', 'after' => $scene,
                'value' => [
                    'id' => 'new'.count($game->sceneIds()), 'title' => 'New', 'layout' => 'page', 'things' => [],
                ],
            ],
            ['deleteScene' => $scene, 'lead' => null],
            ['duplicate' => [$scene]],
            ['set' => $thing->id ?? $scene, 'field' => 'label', 'to' => 'Called'],
            [
                'set' => $thing->id ?? $scene, 'field' => 'if',
                'to' => $dice->pick([null, ['all' => []], ['has' => 't1']]),
            ],
            ['set' => $thing->id ?? $scene, 'field' => 'otherwise', 'to' => []],
            ['remove' => $thing->id ?? 't1'],
            ['set' => 't0', 'field' => 'name', 'to' => 'Renamed'],
        ]), $game);
    }
}

<?php

use Fravel\Check\Check;
use Fravel\Check\CheckMemo;
use Fravel\Check\CheckReport;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Fravel\Edit\Command;
use Fravel\Edit\Commands;
use Fravel\Edit\Edited;
use Tests\Support\Games;
use Tests\Support\RandomGames;

/** @return array<string, mixed> all that a report says */
function told(CheckReport $report): array
{
    $findings = array_map(static fn (Finding $finding): array => [$finding->code, $finding->severity->value, $finding->where, $finding->arguments, $finding->actions, $finding->mend?->toArray(), $finding->mendAs], $report->findings);

    return [$report->isProved, $findings, $report->unlooked, $report->facts];
}

/** An edit such as a teacher makes, drawn. */
function drawnEdit(RandomGames $dice, GameDocument $game): ?Command
{
    $scene = $dice->pick($game->sceneIds());
    $thing = $dice->pick($game->scene($scene)->things ?: [null]);

    return Commands::read($dice->pick([
        ['set' => $scene, 'field' => 'title', 'to' => $dice->pick(['', 'Hall', 'New scene'])],
        ['set' => $scene, 'field' => 'next', 'to' => [['go' => $dice->pick([...$game->sceneIds(), '@back', 'gone'])]]],
        ['set' => $scene, 'field' => 'needs', 'to' => $dice->pick([null, ['has' => 't0'], ['hasOf' => ['t0'], 'atLeast' => 3]])],
        ['set' => '@game', 'field' => 'language', 'to' => $dice->pick(['en', 'de'])],
        ['set' => '@game', 'field' => 'start', 'to' => $scene],
        ['insert' => 'scenes', 'in' => '@game', 'after' => $scene, 'value' => ['id' => 'new'.count($game->sceneIds()), 'title' => 'New', 'layout' => 'page', 'things' => []]],
        ['deleteScene' => $scene, 'lead' => null],
        ['duplicate' => [$scene]],
        ['set' => $thing->id ?? $scene, 'field' => 'label', 'to' => 'Called'],
        ['set' => $thing->id ?? $scene, 'field' => 'if', 'to' => $dice->pick([null, ['all' => []], ['has' => 't1']])],
        ['set' => $thing->id ?? $scene, 'field' => 'otherwise', 'to' => []],
        ['remove' => $thing->id ?? 't1'],
        ['set' => 't0', 'field' => 'name', 'to' => 'Renamed'],
    ]), $game);
}

it('finds after an edit what it would find from nothing', function (int $seed): void {
    $dice = new RandomGames($seed);
    $game = GameDocument::of($dice->document());
    $memo = new CheckMemo;
    Check::of($game, 200, [], ['New scene'], memo: $memo);
    for ($step = 0; $step < 6; $step++) {
        $edited = drawnEdit($dice, $game)?->apply($game);
        $game = $edited instanceof Edited ? $edited->game : $game;
        // Half of the time as in one process, half as from one request to the next.
        $memo = $step % 2 === 0 ? $memo->next() : unserialize(serialize($memo))->next();

        expect(told(Check::of($game, 200, [], ['New scene'], memo: $memo)))->toEqual(told(Check::of(GameDocument::of($game->document), 200, [], ['New scene'])));
    }
})->with(range(1, 16));

it('does not search again what words don’t change, and forgets what is gone', function (): void {
    $game = Games::of([['id' => 'a', 'things' => [Games::lock('l', 'gull', [], ['go' => 'end'])]], ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']]]);
    $memo = new CheckMemo;
    Check::of($game, memo: $memo);
    $search = static fn (CheckMemo $memo): array => array_filter(array_keys($memo->kept()), static fn (string $key): bool => str_starts_with($key, 'reach'));
    $said = Commands::read(['set' => 'l', 'field' => 'otherwise', 'to' => [['say' => 'Other words.']]])->apply($game)->game;
    $led = Commands::read(['set' => 'l', 'field' => 'otherwise', 'to' => [['say' => 'Other words.', 'go' => 'end']]])->apply($game)->game;
    $afterWords = $memo->next();
    Check::of($said, memo: $afterWords);
    $afterWay = $afterWords->next();
    Check::of($led, memo: $afterWay);

    expect($search($memo))->toHaveCount(1)->and($search($afterWords))->toBe($search($memo))
        ->and($search($afterWay))->toHaveCount(1)->not->toBe($search($memo))
        ->and(count($afterWay->kept()))->toBeLessThan(count($memo->kept()) + 5);
});

<?php

use Fravel\Check\Check;
use Fravel\Check\CheckReport;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Fravel\Edit\Edited;
use Tests\Support\Engine\CheckCases;
use Tests\Support\Games;

/** @param  array<string, mixed>  $more  of a lock that is the only way to the end */
function onlyWay(string $answer, array $more = [], string $language = 'en'): GameDocument
{
    return Games::of([
        ['id' => 'a', 'things' => [Games::lock('l', $answer, $more, ['go' => 'end'])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ], ['language' => $language]);
}

function untypable(CheckReport $report): ?Finding
{
    return array_values(array_filter(
        $report->findings, static fn (Finding $finding): bool => $finding->code === 'lock.untypable',
    ))[0] ?? null;
}

it('wins no game by an answer that no key types, and names the sign', function (
    GameDocument $game, string $sign,
): void {
    $report = Check::of($game);
    expect(untypable($report)?->arguments['sign'])->toBe($sign)
        ->and(CheckCases::codesOf($report))->toContain('ending.unreachable')->not->toContain('lock.never-opens');
})->with([
    'a sign' => [onlyWay('♀'), '♀'],
    'a minus' => [onlyWay('5y − x'), '−'],
    'a power' => [onlyWay('x² + 4', ['clean' => ['strict' => true]]), '²'],
    'a root, though typed' => [onlyWay('√2', ['clean' => ['typed' => true]]), '√'],
    'letters of another script' => [onlyWay('سبعة'), 'س'],
    'a gap' => [onlyWay('', [
        'input' => ['type' => 'gaps', 'md' => 'It is {g}.'],
        'rules' => [['match' => ['gaps' => ['g' => ['equals' => '♂']]], 'verdict' => 'open', 'go' => 'end']],
    ]), '♂'],
    'a round' => [onlyWay('', [
        'rounds' => [['id' => 'r', 'input' => ['type' => 'text'], 'match' => ['equals' => '☿']]],
        'rules' => [['match' => ['anything' => true], 'verdict' => 'open', 'go' => 'end']],
    ]), '☿'],
]);

it('takes for a way what a student can type', function (GameDocument $game): void {
    $report = Check::of($game);
    expect(untypable($report))->toBeNull()->and(CheckCases::codesOf($report))->not->toContain('ending.unreachable')
        ->and($report->isProved)->toBeTrue();
})->with([
    'a minus, as typed' => [onlyWay('5y − x', ['clean' => ['typed' => true]])],
    'a power, as it is cleaned' => [onlyWay('CO₂')],
    'one of two answers' => [onlyWay('', ['rules' => [
        ['match' => ['equals' => ['♀', 'Venus']], 'verdict' => 'open', 'go' => 'end'],
    ]])],
    'a pad that the page draws' => [onlyWay('', [
        'input' => ['type' => 'keys', 'keys' => [['id' => 'k', 'md' => '♀']], 'length' => 1],
        'rules' => [['match' => ['order' => ['k']], 'verdict' => 'open', 'go' => 'end']],
    ])],
    'words of a bank' => [onlyWay('', [
        'input' => ['type' => 'gaps', 'md' => 'It is {g}.', 'bank' => ['♂', '♀']],
        'rules' => [['match' => ['gaps' => ['g' => ['equals' => '♂']]], 'verdict' => 'open', 'go' => 'end']],
    ])],
    'letters of the game’s own script' => [onlyWay('سبعة', [], 'ar')],
]);

it('mends an old lock by taking what keys give', function (): void {
    $mend = untypable(Check::of(onlyWay('5y − x', ['clean' => ['fair' => true]])))?->mend;
    $edited = $mend?->apply(onlyWay('5y − x', ['clean' => ['fair' => true]]));
    expect($edited)->toBeInstanceOf(Edited::class)
        ->and($edited instanceof Edited ? Check::of($edited->game)->hasErrors() : true)->toBeFalse()
        ->and(untypable(Check::of(onlyWay('♀')))?->mend)->toBeNull();
});

it('names both rules where two would meet', function (array $clean, bool $isSaid): void {
    $game = onlyWay('', ['clean' => $clean, 'rules' => [
        ['match' => ['equals' => 'x²'], 'verdict' => 'open', 'go' => 'end'],
        ['match' => ['equals' => 'x^2'], 'verdict' => 'almost', 'say' => 'Raise it.'],
    ]]);
    $met = array_values(array_filter(
        Check::of($game)->findings, static fn (Finding $finding): bool => $finding->code === 'rule.meets',
    ));
    expect(array_map(static fn (Finding $finding): array => $finding->arguments, $met))->toBe($isSaid
        ? [['rule' => 2, 'other' => 1, 'answer' => 'x^2', 'lock' => 'L', 'scene' => 'A']]
        : []);
})->with(['as typed' => [['typed' => true], true], 'as before' => [['fair' => true], false]]);

<?php

declare(strict_types=1);

use Fravel\Document\GameDocument;
use Fravel\Edit\Edited;
use Fravel\Play\Playing;
use Fravel\Report\AnswerRule;
use Fravel\Report\CoverReport;
use Fravel\Report\FirstTries;
use Fravel\Report\GapReport;
use Fravel\Report\Happening;
use Fravel\Report\LockReport;
use Fravel\Report\PlayLog;
use Fravel\Report\Spread;
use Fravel\Report\WrongGroup;
use Fravel\Report\WrongGroups;
use Fravel\State\Action;
use Fravel\Thing\Lock;
use Tests\Support\Games;

/** Two locks behind each other. @param  array<string, mixed>  $more  of the first */
function harbour(array $more = []): GameDocument
{
    $metric = ['input' => ['type' => 'number', 'unit' => 'cm']];

    return Games::of([
        ['id' => 'quay', 'things' => [
            Games::lock('bird', 'gannet', $more, ['go' => 'tower']), Games::choice('skip', ['go' => 'tower']),
        ]],
        ['id' => 'tower', 'things' => [Games::lock('lens', '12 cm', $metric)]],
    ]);
}

/**
 * A play of these actions, each with the seconds before it.
 *
 * @param  list<array{int, array<string, mixed>}>  $deeds
 */
function playLog(GameDocument $game, array $deeds, string $id = 'p'): PlayLog
{
    [$begun, $now] = [Playing::start($game, 1, 100), 100];
    [$state, $kept] = [$begun->state, [['at' => 100, 'what' => new Happening(['start' => true], $begun->eventList())]]];
    foreach ($deeds as [$after, $sent]) {
        $now += $after;
        $outcome = Playing::act($game, $state, Action::of($sent) ?? throw new LogicException(), $now);
        $state = $outcome->state;
        $kept[] = ['at' => $now, 'what' => new Happening($sent, $outcome->eventList())];
    }

    return PlayLog::of($id, $id, 100, null, $state, $kept);
}

/** @return array{int, array<string, mixed>} */
function answers(string $lock, mixed $with, int $after = 10): array
{
    return [$after, ['answer' => $lock, 'with' => $with]];
}

function lockIn(GameDocument $game, string $id): Lock
{
    return $game->lock($id) ?? throw new LogicException();
}

/** @return list<array{string|array<array-key, mixed>, int}> what was answered, and by how many */
function gathered(GameDocument $game, string $lock, PlayLog ...$logs): array
{
    return array_map(
        static fn (WrongGroup $group): array => [$group->answer, count($group->plays)],
        WrongGroups::of(lockIn($game, $lock), array_values($logs), 'en'),
    );
}

it('tells of each lock how it went', function (): void {
    $game = harbour();
    $logs = [
        playLog($game, [answers('bird', 'gannet', 30)], 'a'),
        playLog($game, [answers('bird', 'tern', 20), answers('bird', 'Gannet', 40), answers('lens', '9')], 'b'),
        playLog($game, [[5, ['choose' => 'skip']]], 'c'),
    ];
    [$bird, $lens] = LockReport::all($game, $logs);

    expect([$bird->tried, $bird->opened, $bird->firstTry, $bird->rate(), $bird->left])->toBe([2, 2, 1, 0.5, 0])
        ->and([$bird->seconds?->median, $bird->tries?->median, $bird->scene])->toBe([45.0, 1.5, 'quay'])
        ->and([$lens->tried, $lens->opened, $lens->left, $lens->seconds])->toBe([1, 0, 1, null])
        ->and($logs[1]->deeds[3]->scene)->toBe('tower')
        ->and([$logs[0]->deeds[0]->begins(), $logs[0]->restarts()])->toBe([true, 0]);
});

it('counts the time before a hint to a lock, and that before other things not', function (): void {
    $game = harbour(['hints' => [['md' => 'White and large.']]]);
    $log = playLog($game, [
        answers('bird', 'tern', 7), [20, ['hint' => 'bird']], answers('bird', 'gannet', 5), [90, ['choose' => 'skip']],
    ]);
    expect($log->secondsOn('bird'))->toBe(32);
});

it('gathers what comes to the same: cleaned, in another unit, one slip apart', function (): void {
    $game = harbour(['clean' => ['fair' => true]]);
    $give = static fn (string $lock, string ...$texts): array => array_map(
        static fn (string $text, int $at): PlayLog => playLog(
            $game, [...$lock === 'lens' ? [[1, ['choose' => 'skip']]] : [], answers($lock, $text)], "p{$at}",
        ), $texts, array_keys($texts),
    );
    $words = $give('bird', 'Cormorant', 'the cormorant', 'cormornat', 'cormorants', 'tern', 'fern', 'a puffin');
    $numbers = $give('lens', '9', '9 cm', '90 mm', '9,0', '10');

    expect(gathered($game, 'bird', ...$words))->toBe([['Cormorant', 4], ['tern', 1], ['fern', 1], ['a puffin', 1]])
        ->and(array_column(gathered($game, 'lens', ...$numbers), 1))->toBe([4, 1]);
});

it('knows where the middle lies', function (): void {
    $spread = Spread::of([9, 1, 4, 2]);
    expect([$spread?->low, $spread?->median, $spread?->high])->toBe([1.75, 3.0, 5.25])->and(Spread::of([]))->toBeNull();
});

it('says how well a lock tells who does well elsewhere, once enough have played', function (): void {
    $of = static fn (int $at, bool $isUpright): array => [
        'x' => ($at % 2 === 0) === $isUpright, 'y' => $at % 2 === 0, 'z' => $at % 2 === 0,
    ];
    expect(FirstTries::tells('x', array_map(fn (int $at): array => $of($at, true), range(1, 12))))
        ->toEqualWithDelta(1.0, 1e-9)
        ->and(FirstTries::tells('x', array_map(fn (int $at): array => $of($at, false), range(1, 12))))
        ->toEqualWithDelta(-1.0, 1e-9)
        ->and(FirstTries::tells('x', array_map(fn (int $at): array => $of($at, true), range(1, 9))))->toBeNull();
});

it('makes rules of what was answered: words for it before wider rules, or one more right answer', function (): void {
    $game = harbour(['rules' => [
        ['match' => ['equals' => ['gannet']], 'verdict' => 'open', 'say' => 'Yes.', 'go' => 'tower'],
        ['match' => ['like' => '*'], 'verdict' => 'wrong', 'say' => 'A bird?'],
    ]]);
    $after = static function (?Fravel\Edit\SetField $edit) use ($game): GameDocument {
        $edited = $edit?->apply($game);

        return $edited instanceof Edited ? $edited->game : throw new LogicException();
    };
    $judge = static fn (GameDocument $of, string $text): ?int => lockIn($of, 'bird')->ruleFor(
        lockIn($of, 'bird')->accept($text, 'en'),
    );
    $saying = $after(AnswerRule::saying($game, 'bird', ['tern', 'a tern'], 'Longer wings.'));
    $taking = $after(AnswerRule::accepting($game, 'bird', ['solan goose']));

    expect(lockIn($saying, 'bird')->rules[$judge($saying, 'a tern')]->reaction->say)->toBe('Longer wings.')
        ->and($judge($saying, 'gannet'))->toBe(0)
        ->and(lockIn($taking, 'bird')->rules[$judge($taking, 'Solan goose')]->opens())->toBeTrue()
        ->and(lockIn($taking, 'bird')->rules[1]->reaction->go?->to)->toBe('tower')
        ->and(AnswerRule::saying($game, 'gone', ['x'], 'y'))->toBeNull()
        ->and(AnswerRule::said($saying, 'bird', ['tern', 'a tern']))->toBe('Longer wings.')
        ->and([AnswerRule::said($saying, 'bird', ['tern']), AnswerRule::said($game, 'bird', ['gannet'])])
        ->toBe([null, 'Yes.']);
});

it('tells locks in the order in which they were played, those that nobody tried too', function (): void {
    $game = Games::of([['id' => 'hall', 'things' => array_map(
        static fn (string $id): array => Games::lock($id, 'x'), ['first', 'unseen', 'second', 'last'],
    )]]);
    $logs = [
        playLog($game, [answers('second', 'x'), answers('first', 'no'), answers('first', 'x')]),
        playLog($game, [answers('second', 'no'), answers('first', 'x'), answers('last', 'x')], 'q'),
    ];
    $reports = LockReport::all($game, $logs);

    expect(array_map(static fn (LockReport $one): string => $one->lock->id, $reports))
        ->toBe(['second', 'first', 'unseen', 'last'])
        ->and(array_map(static fn (LockReport $one): int => $one->tried, $reports))->toBe([2, 2, 0, 1]);
});

it('tells gap by gap what was right at first, and what stood there instead', function (): void {
    $game = Games::of([['id' => 'hall', 'things' => [Games::lock('lens', '', [
        'input' => ['type' => 'gaps', 'md' => 'A {a} bends; the {b} burns.'],
        'rules' => [['match' => ['gaps' => ['a' => ['equals' => ['lens']], 'b' => ['equals' => ['wick']]]],
            'verdict' => 'open']],
    ])]]]);
    $logs = array_map(static fn (array $given): PlayLog => playLog($game, [
        answers('lens', $given), answers('lens', ['a' => 'lens', 'b' => 'wick']),
    ]), [['a' => 'lens', 'b' => 'oil'], ['a' => 'Lens', 'b' => 'oil'], ['a' => 'rope', 'b' => 'wick']]);
    $gaps = LockReport::all($game, $logs)[0]->gaps;

    expect(array_map(static fn (GapReport $one): array => [$one->gap, $one->right, $one->wrong], $gaps))
        ->toBe([['a', 2, ['rope' => 1]], ['b', 1, ['oil' => 2]]]);
});

it('tells of covers who lifted them, and what they said of their guesses', function (): void {
    $game = Games::of([['id' => 'board', 'things' => [
        ['id' => 'crab', 'kind' => 'cover', 'guess' => true, 'opens' => 'tap'], ['id' => 'cod', 'kind' => 'cover'],
    ]]]);
    $lift = static fn (string $said): array => [
        [5, ['lift' => 'crab', 'with' => 'a claw']], [5, ['judge' => 'crab', 'with' => $said]],
    ];
    $logs = [playLog($game, $lift('right')), playLog($game, $lift('wrong'), 'q'), playLog($game, [], 'r')];

    expect(array_map(
        static fn (CoverReport $one): array => [$one->cover->id, $one->seen, $one->lifted, $one->right, $one->wrong],
        CoverReport::all($game, $logs),
    ))->toBe([['crab', 3, 2, 1, 1], ['cod', 3, 0, 0, 0]]);
});

it('counts the time on a lock until it opened, its hints with it, and none after that', function (): void {
    $did = static fn (int $at, string ...$event): array => ['at' => $at, 'what' => new Happening([], [$event])];
    $log = PlayLog::of('p', 'Mia', 0, null, Playing::start(Games::of([['id' => 'a']]), 1, 0)->state, [
        $did(10, 'answered', 'door', 'wrong'), $did(25, 'hinted', 'door'), $did(30, 'answered', 'gate', 'wrong'),
        $did(37, 'answered', 'door', 'open'), $did(90, 'hinted', 'door'), $did(99, 'answered', 'door', 'open'),
    ]);

    expect([$log->secondsOn('door'), $log->secondsOn('gate'), $log->secondsOn('none')])->toBe([32, 5, 0]);
});

<?php

use Fravel\Check\Check;
use Fravel\Check\CheckReport;
use Fravel\Check\Finding;
use Fravel\Check\Mended;
use Fravel\Check\Mends;
use Fravel\Document\GameDocument;
use Fravel\Edit\Command;
use Fravel\Edit\Edited;
use Fravel\Edit\InsertPart;
use Fravel\Edit\SetField;
use Fravel\Edit\Together;
use Fravel\Play\Replay;
use Tests\Support\Games;

/** What comes of the mend when the check offers it for a game without an ending. */
function mendedBy(GameDocument $game, Command $mend): Mended
{
    $check = static function (GameDocument $one) use ($mend): CheckReport {
        $report = Check::of($one);
        $offered = array_map(static fn (Finding $finding): Finding => $finding->mendedBy($mend), $report->findings);

        return new CheckReport($report->isProved, $offered, $report->facts);
    };

    return Mended::of($game, $mend->toArray(), $check, static fn (string $scene): string => "Into {$scene}");
}

$end = ['id' => 'end', 'title' => 'End', 'things' => [], 'ending' => ['kind' => 'won', 'md' => '']];

beforeEach(function (): void {
    $this->game = Games::of([
        ['id' => 'a', 'things' => [Games::lock('l', 'x', [], ['go' => 'b'])]],
        ['id' => 'b', 'next' => ['go' => 'a'], 'things' => [Games::lock('m', 'y')]],
    ]);
});

it('hands out a mend with the way into what it builds', function (): void {
    $mended = mendedBy($this->game, (new Mends($this->game))->endBehind($this->game->scene('b')));
    $edited = $mended->command?->apply($this->game);
    expect($edited)->toBeInstanceOf(Edited::class);
    $way = array_values($edited->game->walkthroughs())[0];

    expect($mended->fault)->toBe('')->and($way->name)->toBe('Into The end')
        ->and(Replay::of($edited->game, $way)->outcome->state->ended)->toBe('won')
        ->and(array_column($way->steps, 'with'))->toBe(['x', 'y']);
});

it('hands out none that would do something else', function (Command $mend, string $fault): void {
    expect(mendedBy($this->game, $mend))->toHaveProperties(['command' => null, 'fault' => $fault]);
})->with(function () use ($end): array {
    $behind = new InsertPart('scenes', Command::GAME, 'b', $end);

    return [
        'nothing' => [new SetField('b', 'title', 'Elsewhere'), 'stays'],
        'a part that is gone' => [new SetField('cellar', 'title', 'Cellar'), 'refused'],
        'what nobody gets to' => [$behind, 'unreached'],
        'more errors' => [new Together([
            $behind, new SetField('b', 'next', [['go' => 'end']]), new SetField('a', 'next', [['go' => 'nowhere']]),
            new SetField('m', 'otherwise', [['say' => 'No.', 'go' => 'nowhere']]),
        ]), 'breaks'],
    ];
});

it('breaks no recorded way', function () use ($end): void {
    $way = ['id' => 'w', 'name' => 'Round', 'seed' => 1, 'steps' => [
        ['answer' => 'l', 'with' => 'x', 'at' => 'b'], ['continue' => true, 'at' => 'a'],
    ]];
    $game = GameDocument::of(['walkthroughs' => [$way]] + $this->game->document);
    $onward = new SetField('b', 'next', [['go' => 'end']]);

    expect(mendedBy($game, new Together([new InsertPart('scenes', Command::GAME, 'b', $end), $onward]))->fault)
        ->toBe('breaks');
});

it('knows a mend that is no longer offered', function (): void {
    $mended = Mended::of($this->game, ['remove' => 'b'], Check::of(...), static fn (string $scene): string => $scene);

    expect($mended->fault)->toBe('gone');
});

<?php

declare(strict_types=1);

use Fravel\Check\Check;
use Fravel\Document\GameDocument;
use Fravel\Effect\Forget;
use Fravel\Play\Outcome;
use Fravel\Play\Playing;
use Fravel\Play\View;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Fravel\Thing\FindIt;
use Tests\Support\Games;

/** @param  array<string, mixed>  $fields */
function flags(array $fields = [], int $boxes = 4): GameDocument
{
    $board = $fields + [
        'id' => 'flags', 'kind' => 'find', 'start' => '',
        'boxes' => array_map(
            static fn (int $at): array => ['id' => "b{$at}", 'ask' => "Ask {$at}", 'md' => "Flag {$at}"],
            range(1, $boxes),
        ),
    ];

    return Games::of([
        ['id' => 'hall', 'things' => [
            $board,
            ['if' => ['found' => 'flags']] + Games::choice('on', [['go' => 'out']]),
        ]],
        ['id' => 'out', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);
}

/** @return array<string, mixed> the board as a device gets it */
function seenBoard(GameDocument $game, PlayState $state): array
{
    return View::of($game, $state, 0)->things[0];
}

function doing(GameDocument $game, PlayState $state, string $box): Outcome
{
    $action = Action::of(['find' => 'flags', 'with' => $box]);

    return Playing::act($game, $state, $action ?? throw new LogicException(), 0);
}

/** The box that the present prompt asks for. */
function asked(GameDocument $game, PlayState $state): string
{
    return str_replace('Ask ', 'b', seenBoard($game, $state)['prompt']);
}

it('asks one prompt after the other until all is found, in an order of its own for each play', function (): void {
    $game = flags([], 8);
    $orders = [];
    foreach ([1, 2, 3] as $seed) {
        $state = Playing::start($game, $seed, 0)->state;
        $order = [];
        while (count($order) < 20 && ! seenBoard($game, $state)['isDone']) {
            $order[] = asked($game, $state);
            $state = doing($game, $state, end($order))->state;
        }
        expect($order)->toHaveCount(8)->and(array_unique($order))->toHaveCount(8)
            ->and($state->hasFound('flags'))->toBeTrue()
            ->and(array_column(View::of($game, $state, 0)->things, 'id'))->toContain('on');
        $orders[] = $order;
    }
    expect(array_unique(array_map('json_encode', $orders)))->not->toHaveCount(1);
});

it('counts a wrong box, and says what it is told to say or nothing', function (bool $quiet): void {
    $game = flags(['quiet' => $quiet, 'otherwise' => $quiet ? [] : [['say' => 'Look at its colours.']]]);
    $state = Playing::start($game, 1, 0)->state;
    $wrong = current(array_diff(['b1', 'b2'], [asked($game, $state)]));
    $outcome = doing($game, $state, (string) $wrong);
    $kinds = array_map(static fn ($event): string => $event->kind->value, $outcome->events);

    expect(seenBoard($game, $outcome->state))->toMatchArray(['wrong' => 1, 'found' => 0, 'isDone' => false])
        ->and($kinds)->toBe($quiet ? ['picked'] : ['picked', 'marked', 'said'])
        ->and(asked($game, $outcome->state))->toBe(asked($game, $state));
})->with([[true], [false]]);

it('tells a device nothing but the present prompt, and boxes that are alike', function (): void {
    $game = flags(['mixed' => 'boxes', 'start' => 'Find them.']);
    $state = Playing::start($game, 4, 0)->state;
    expect(seenBoard($game, $state))->toMatchArray(['start' => 'Find them.', 'prompt' => '', 'boxes' => []]);
    $begun = Playing::act($game, $state, Action::of(['find' => 'flags']) ?? throw new LogicException(), 0)->state;
    $sent = json_encode(seenBoard($game, $begun), JSON_THROW_ON_ERROR);
    $ids = array_column(seenBoard($game, $begun)['boxes'], 'id');

    expect($sent)->toContain('Ask 1')->not->toContain('Ask 2')->not->toContain('Find them.')
        ->and($ids)->not->toBe(['b1', 'b2', 'b3', 'b4'])->toHaveCount(4);
});

it('takes a box that looks the same for the one that was asked for', function (): void {
    $twins = [['id' => 'b1', 'ask' => 'Ask 1', 'md' => 'Same'], ['id' => 'b2', 'ask' => 'Ask 2', 'md' => 'Same']];
    $game = flags(['boxes' => $twins]);
    $state = doing($game, Playing::start($game, 1, 0)->state, 'b2')->state;
    expect(doing($game, $state, 'b2')->isRefused())->toBeTrue()
        ->and(doing($game, $state, 'b1')->state->hasFound('flags'))->toBeTrue();
});

it('tells pictures apart that have no words', function (): void {
    $box = static fn (string $id): array => ['id' => $id, 'ask' => "Ask {$id}", 'md' => '', 'asset' => "flag-{$id}"];
    $game = flags(['mixed' => 'boxes', 'boxes' => [$box('b1'), $box('b2')]]);
    $state = Playing::start($game, 1, 0)->state;
    expect(doing($game, $state, 'b2')->state->found)->toBe([])
        ->and(doing($game, $state, 'b1')->state->found)->toBe(['b1']);
});

it('is begun anew where that is allowed, and forgotten with its chapter', function (): void {
    $game = flags(['again' => true], 1);
    $done = doing($game, Playing::start($game, 1, 0)->state, 'b1')->state;
    $lower = Action::of(['lower' => 'flags']) ?? throw new LogicException();
    $document = flags([], 1)->document;
    $document['scenes'][0]['chapter'] = 'one';
    $chaptered = GameDocument::of(['chapters' => [['id' => 'one', 'title' => 'One']]] + $document);
    $forgotten = (new Forget('one'))->apply($done, $chaptered);

    expect(Playing::act($game, $done, $lower, 0)->state->found)->toBe([])
        ->and(Playing::act($chaptered, $done, $lower, 0)->isRefused())->toBeTrue()
        ->and([$forgotten->found, $forgotten->verdicts])->toBe([[], []])
        ->and((new Forget('one'))->changes($chaptered))->toContain('found:flags', 'found:b1');
});

it('is proved to lead on once all is found, and said to be stuck where nothing can be', function (): void {
    expect(Check::of(flags([], 26))->findings)->toBe([])
        ->and(Check::of(flags([], 26))->isProved)->toBeTrue();
    $none = flags(['boxes' => [['id' => 'b1', 'md' => 'Nobody asks for it']]]);
    expect(array_map(static fn ($one): string => $one->code, Check::of($none)->findings))->not->toBe([]);
});

it('reads what is written, within its bounds', function (): void {
    $board = flags(['found' => 'gone', 'mixed' => 'both'], 300)->scene('hall')?->things[0];
    expect($board)->toBeInstanceOf(FindIt::class)
        ->and($board instanceof FindIt ? [$board->found, $board->mixed, count($board->boxes)] : [])
        ->toBe(['gone', 'both', 200]);
});

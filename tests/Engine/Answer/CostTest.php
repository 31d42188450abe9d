<?php

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Matcher\Close;
use Fravel\Answer\Matcher\Has;
use Fravel\Answer\Matcher\Like;
use Fravel\Answer\Matcher\Matchers;
use Fravel\Document\Validation;
use Fravel\Exception\UnableToReadJson;
use Fravel\Play\Playing;
use Fravel\State\Action;
use Fravel\Support\Json;
use Fravel\Support\Node;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Engine\CostCases;
use Tests\Support\Games;

it('finds slips as the whole table does', function (int $seed): void {
    $dice = new Randomizer(new Mt19937($seed));
    $word = fn (): string => implode(
        '', array_map(fn (): string => ['a', 'b', 'c', 'é'][$dice->getInt(0, 3)], range(0, $dice->getInt(0, 9))),
    );
    $plain = Cleaning::read(Fravel\Support\Node::root(['accents' => false]));
    $slipped = function (string $word) use ($dice): string {
        $letters = mb_str_split($word);
        for ($slips = $dice->getInt(0, 4); $slips > 0 && count($letters) > 1; $slips--) {
            $at = $dice->getInt(0, count($letters) - 2);
            match ($dice->getInt(0, 3)) {
                0 => array_splice($letters, $at, 1),
                1 => array_splice($letters, $at, 0, ['b']),
                2 => $letters[$at] = 'c',
                default => [$letters[$at], $letters[$at + 1]] = [$letters[$at + 1], $letters[$at]],
            };
        }

        return implode('', $letters);
    };
    foreach (range(1, 60) as $try) {
        [$wanted, $edits] = [$word(), $dice->getInt(0, 4)];
        $given = $dice->getInt(0, 3) === 0 ? $word() : $slipped($wanted);
        expect((new Close($wanted, $edits))->matches(new Answer($given, $plain)))
            ->toBe(CostCases::alignment($given, $wanted) <= $edits, "{$given} for {$wanted} with {$edits}");
    }
})->with(range(1, 12));

it('finds what is like as going through all ways does', function (int $seed): void {
    $dice = new Randomizer(new Mt19937($seed));
    $word = fn (array $signs, int $most): string => implode(
        '', array_map(fn (): string => $signs[$dice->getInt(0, count($signs) - 1)], range(1, $dice->getInt(1, $most))),
    );
    foreach (range(1, 60) as $try) {
        [$like, $given] = [$word(['a', 'b', '*', '?', 'é'], 6), $word(['a', 'b', 'é'], 8)];
        $plain = Cleaning::read(Fravel\Support\Node::root(['accents' => false]));
        expect((new Like($like))->matches(new Answer($given, $plain)))
            ->toBe(CostCases::isLike($given, $like), "{$given} like {$like}");
    }
})->with(range(1, 12));

it('finds a phrase as whole words', function (string $phrase, string $given, bool $is): void {
    expect(
        (new Has([$phrase]))
            ->matches(new Answer($given, Cleaning::read(Fravel\Support\Node::root(['accents' => false])))),
    )->toBe($is);
})->with([
    ['tide', 'The tide comes', true], ['tide', 'tides', false], ['tide', 'untide', false],
    ['tide', 'tides and tide', true], ['é', 'aé', false], ['é', 'a é', true], ['ide', 'éide', false],
    ['ide', 'ide𝐀', false], ['日', '日本', false], ['tide', 'tide', true], ['a b', 'a b c', true], ['', 'x', false],
    ['a', 'a1', false],
]);

it('takes no time to speak of for the worst that may be written', function (array $match, string $given): void {
    $game = Games::of([[
        'id' => 'a',
        'things' => [
            [
                'input' => ['type' => 'long'], 'rules' => [['match' => $match, 'verdict' => 'open']],
            ] + Games::lock('l', ''),
        ],
    ]]);
    gc_collect_cycles();
    $before = hrtime(true);
    Playing::act($game, Playing::start($game, 1, 0)->state, Action::of(['answer' => 'l', 'with' => $given]), 0);

    // Three hundred times what it takes: a matter of kind, not of the machine.
    expect((hrtime(true) - $before) / 1e9)->toBeLessThan(3.0);
})->with([
    'slips of twenty thousand letters' => [
        ['close' => str_repeat('ab', 10_000), 'edits' => 10], str_repeat('ba', 10_000),
    ],
    'two hundred stars' => [['like' => str_repeat('a*', 200).'b'], str_repeat('a', 20_000)],
    'stars between signs of any kind' => [['like' => str_repeat('?*a?', 100).'b'], str_repeat('a', 20_000)],
    'a phrase of 75 kB' => [['has' => [str_repeat('word ', 15_000)]], str_repeat('word ', 4000)],
]);

it('weighs what a lock asks, and refuses what would make students wait', function (array $rules, bool $isHeavy): void {
    $problems = Validation::ofShape(
        Games::document([['id' => 'a', 'things' => [['rules' => $rules] + Games::lock('l', '')]]]),
    );

    expect(array_column($problems, 'code'))->toBe($isHeavy ? ['lock.heavy'] : []);
})->with([
    'three hundred answers' => [
        [[
            'match' => ['equals' => array_map(fn (int $n): string => "answer {$n}", range(1, 300))],
            'verdict' => 'open',
        ]],
        false,
    ],
    'fifty rules for slips' => [
        array_map(
            fn (int $n): array => ['match' => ['close' => "a longer word {$n}", 'edits' => 2], 'verdict' => 'open'],
            range(1, 50),
        ),
        false,
    ],
    'two hundred rules for slips of two hundred letters' => [
        array_fill(0, 200, ['match' => ['close' => str_repeat('x', 200), 'edits' => 10], 'verdict' => 'open']), true,
    ],
    'a hundred patterns within each other' => [
        [[
            'match' => ['any' => array_fill(0, 10, ['all' => array_fill(0, 10, ['pattern' => 'a+'])])],
            'verdict' => 'open',
        ]],
        true,
    ],
]);

it('weighs more for longer answers', function (): void {
    $like = Matchers::read(Node::root(['like' => 'a*?b']));

    expect($like->weight(20_000))->toBeGreaterThan($like->weight(500));
});

it('reads no number past all bounds', function (array $part): void {
    $document = Games::document(
        [[
            'id' => 'a',
            'things' => [
                Games::choice('on', $part),
                [
                    'if' => $part['if'] ?? null,
                    'rules' => [['match' => $part['match'] ?? ['anything' => true], 'verdict' => 'open']],
                ] + Games::lock('l', ''),
            ],
        ]],
        ['tallies' => [['id' => 'n', 'name' => 'N', 'start' => $part['start'] ?? 0]]],
    );

    expect(array_column(Validation::ofShape($document), 'code'))->toContain('shape.wrong');
})->with([
    'added' => [['do' => [['add' => 'n', 'by' => INF]]]],
    'set' => [['do' => [['set' => 'n', 'to' => INF]]]],
    'compared' => [['if' => ['tally' => 'n', 'is' => '>', 'value' => INF]]],
    'to begin with' => [['start' => INF]],
    'an answer' => [['match' => ['number' => INF]]],
    'a border' => [['match' => ['between' => [0, INF]]]],
]);

it('refuses an action that counts further than numbers go', function (): void {
    $game = Games::of(
        [['id' => 'a', 'things' => [Games::choice('more', ['do' => [['add' => 'n', 'by' => 1e308]]])]]],
        ['tallies' => [['id' => 'n', 'name' => 'N', 'start' => 1e308]]],
    );
    $state = Playing::start($game, 1, 0)->state;
    $outcome = Playing::act($game, $state, Action::of(['choose' => 'more']), 0);

    expect($outcome->isRefused())->toBeTrue()->and($outcome->state)->toBe($state)
        ->and($outcome->eventList()[0][1])->toBe('tally.overflow');
});

it('reads no JSON with a number that can’t be written back', function (string $json): void {
    expect(fn () => Json::read($json))->toThrow(UnableToReadJson::class, 'past all bounds');
})->with(['{"future": 1e999}', '[[-1e999]]', '1e400']);

it('fills no text up to more than can be shown', function (): void {
    $game = Games::of(
        [['id' => 'a', 'things' => [['id' => 't', 'kind' => 'text', 'md' => str_repeat('{=long}', 5000)]]]],
        ['tokens' => [['id' => 'long', 'name' => str_repeat('é', 100_000), 'kind' => 'item']]],
    );
    $shown = Fravel\Play\View::of($game, Playing::start($game, 1, 0)->state, 0)->things[0]['md'];

    expect(substr_count($shown, 'é'))->toBe(500 * 300)->and(substr_count($shown, '{=long}'))->toBe(4500);
});

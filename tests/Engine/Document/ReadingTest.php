<?php

use Fravel\Answer\Input\Inputs;
use Fravel\Document\GameDocument;
use Fravel\Document\Showing;
use Fravel\Document\Validation;
use Fravel\Exception\UnableToReadJson;
use Fravel\State\PlayState;
use Fravel\State\Verdict;
use Fravel\Support\Json;
use Fravel\Support\Node;
use Fravel\Support\Problem;
use Tests\Support\Games;

it('writes a document back as it was read, unknown fields included', function (string $json): void {
    expect(Json::write(Json::readObject($json)))->toBe($json);
})->with([
    'empty object and empty list' => '{"about":{},"tokens":[]}',
    'numbered keys' => '{"future":{"0":"a","1":"b"}}',
    'numbers as written' => '{"a":1.0,"b":0.1,"c":-3,"d":12345678901234}',
    'text of any script' => '{"title":"Fravel/ぴかっ \"é\""}',
]);

it('says why a text is no document', function (string $text, string $words): void {
    expect(fn () => Json::readObject($text))->toThrow(UnableToReadJson::class, $words);
})->with([
    ['{', 'syntax error'],
    ['[1]', 'JSON object'],
    ['"x"', 'JSON object'],
    [str_repeat('[', 200).str_repeat(']', 200), 'depth'],
]);

it('reads scenes, things and what they name when they are asked for', function (): void {
    $game = GameDocument::of(Games::twoRooms());

    expect($game->sceneIds())->toBe(['hall', 'store', 'end'])
        ->and($game->scene('nowhere'))->toBeNull()
        ->and($game->sceneOf('door'))->toBe('hall')
        ->and($game->lock('door')->guard->wait)->toBe(30)
        ->and($game->lock('greeting'))->toBeNull()
        ->and($game->tokens()['lamp']->name)->toBe('Lamp');
});

it('finds what has the wrong shape, each with its place', function (array $change, string $place, string $code): void {
    $document = array_replace_recursive(Games::twoRooms(), $change);
    $found = array_map(
        static fn (Problem $problem): array => [$problem->place, $problem->code], Validation::ofShape($document),
    );

    expect($found)->toContain([$place, $code]);
})->with('broken documents');

it('finds names of parts that are not there', function (): void {
    $document = Games::document([['id' => 'a', 'chapter' => 'gone', 'backdrop' => ['asset' => 'none'], 'things' => [
        Games::choice(
            'go',
            [[
                'if' => ['all' => [['has' => 'key'], ['not' => ['visited' => 'b']]]],
                'do' => [['add' => 'points', 'by' => 1], ['open' => 'go']], 'go' => 'c',
            ]],
        ),
    ]]]);
    $found = array_map(
        static fn (Problem $problem): string => "{$problem->place} {$problem->code}",
        Validation::ofReferences($document),
    );

    expect($found)->toBe([
        '/scenes/0/chapter reference.missing', '/scenes/0/backdrop/asset reference.missing',
        '/scenes/0/things/0/react/0/if/all/0/has reference.missing',
        '/scenes/0/things/0/react/0/if/all/1/not/visited reference.missing',
        '/scenes/0/things/0/react/0/do/0/add reference.missing',
        '/scenes/0/things/0/react/0/do/1/open reference.missing',
        '/scenes/0/things/0/react/0/go route.missing',
    ]);
});

it('says where a pattern goes wrong, and never runs one away', function (): void {
    $problem = Validation::ofShape(Games::document([['id' => 'a', 'things' => [
        ['rules' => [['match' => ['pattern' => 'ab(c'], 'verdict' => 'open']]] + Games::lock('l', ''),
    ]]]))[0];

    expect($problem->code)->toBe('pattern.malformed')
        ->and($problem->arguments['fault'])->toContain('position 5');
});

it('says which term can’t be read', function (): void {
    $problems = Validation::ofShape(Games::document([['id' => 'a', 'things' => [
        ['rules' => [
            ['match' => ['mathematics' => '2(x+'], 'verdict' => 'open'],
            ['match' => ['mathematics' => ''], 'verdict' => 'almost'],
            ['match' => ['mathematics' => '2x', 'as' => 'typed'], 'verdict' => 'almost'],
        ]] + Games::lock('l', ''),
    ]]]));

    expect(array_map(static fn ($problem): string => "{$problem->code} {$problem->place}", $problems))->toBe([
        'mathematics.malformed /scenes/0/things/0/rules/0/match/mathematics',
        'value.unknown /scenes/0/things/0/rules/2/match/as',
    ]);
});

it('takes conditions only as deep as it can follow them', function (): void {
    $deep = ['has' => 'lamp'];
    for ($level = 0; $level < 70; $level++) {
        $deep = ['not' => $deep];
    }
    $problems = Validation::ofShape(
        array_replace_recursive(Games::twoRooms(), ['scenes' => [1 => ['needs' => $deep]]]),
    );

    expect(array_column($problems, 'code'))->toContain('condition.deep');
});

it('draws an order from the seed, the lock and its tries, and from nothing else', function (): void {
    $items = array_map(static fn (int $number): array => ['id' => "i{$number}", 'md' => (string) $number], range(1, 8));
    $game = Games::of([[
        'id' => 'a',
        'things' => array_map(
            static fn (string $id): array => [
                'input' => [
                    'type' => 'order',
                    'items' => array_map(
                        static fn (array $item): array => ['id' => "{$id}-{$item['id']}"] + $item, $items,
                    ),
                ],
            ] + Games::lock($id, ''),
            ['one', 'two'],
        ),
    ]]);
    $order = static function (string $lock, int $seed, int $tries) use ($game): array {
        $state = PlayState::begin([], $seed, 0);
        for ($try = 0; $try < $tries; $try++) {
            $state = $state->countTry($lock, Verdict::Wrong);
        }

        return array_column($game->lock($lock)->input->shown(new Showing($game, $state, 0), $lock)['items'], 'md');
    };
    $drawn = $order('one', 1, 0);

    expect($order('one', 1, 0))->toBe($drawn)
        ->and($order('one', 2, 0))->not->toBe($drawn)
        ->and($order('one', 1, 1))->not->toBe($drawn)
        ->and($order('two', 1, 0))->not->toBe($drawn)
        ->and($drawn)->toEqualCanonicalizing(array_column($items, 'md'))->not->toBe(array_column($items, 'md'));
});

it('counts the answers of an input', function (array $input, ?float $ways): void {
    expect(Inputs::read(Node::root($input))->ways())->toBe($ways);
})->with([
    [['type' => 'digits', 'length' => 3], 1000.0], [['type' => 'arrows', 'length' => 3], 64.0],
    [['type' => 'colours', 'palette' => ['red', 'blue', 'green'], 'length' => 2], 9.0],
    [['type' => 'keys', 'keys' => [['id' => 'a'], ['id' => 'b']], 'length' => 5], 32.0],
    [['type' => 'options', 'options' => [['id' => 'a'], ['id' => 'b'], ['id' => 'c']]], 3.0],
    [['type' => 'options', 'many' => true, 'options' => [['id' => 'a'], ['id' => 'b'], ['id' => 'c']]], 7.0],
    [['type' => 'order', 'items' => [['id' => 'a'], ['id' => 'b'], ['id' => 'c']]], 6.0],
    [
        [
            'type' => 'pairs', 'left' => [['id' => 'a'], ['id' => 'b']],
            'right' => [['id' => 'c'], ['id' => 'd'], ['id' => 'e']],
        ],
        9.0,
    ],
    [['type' => 'gaps', 'md' => '{g} {h}', 'bank' => ['x', 'y', 'z']], 9.0],
    [['type' => 'gaps', 'md' => '{g}'], null], [['type' => 'text'], null], [['type' => 'long'], null],
    [['type' => 'number'], null], [['type' => 'point'], null],
]);

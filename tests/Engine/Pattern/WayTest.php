<?php

use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Junction;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Tests\Support\Engine\WayCases;
use Tests\Support\Games;

it('takes the place of the plain way on', function (mixed $next, array $expected): void {
    $after = WayCases::builtBehind(['next' => $next]);

    expect($after['next'])->toBe($expected)->and($after['onward'])->toBe('there');
})->with([
    'a list of one' => [[['go' => 'there']], [['go' => 'box']]],
    'a single reaction' => [['go' => 'there'], [['go' => 'box']]],
    'with words, which stay' => [
        [['say' => 'Off you go.', 'go' => 'there']], [['say' => 'Off you go.', 'go' => 'box']],
    ],
]);

it('begins a way where there is none, and leaves the end open', function (array $scene): void {
    $after = WayCases::builtBehind($scene);

    expect($after['next'])->toBe([['go' => 'box']])->and($after['onward'])->toBe('');
})->with([
    'no way' => [[]], 'an empty list' => [['next' => []]],
    'a choice that only speaks' => [['things' => [Games::choice('say', [['say' => 'Come.']])]]],
    'ways back' => [[
        'things' => [Games::choice('back', ['go' => '@back']), Games::choice('start', ['go' => '@start'])],
    ]],
]);

it('fills an open end of a choice, and takes nothing else of it', function (array $react, mixed $expected): void {
    $after = WayCases::builtBehind(['things' => [Games::choice('go', $react)]]);

    expect($after['react'])->toBe($expected)->and($after['next'])->toBeNull()->and($after['onward'])->toBe('');
})->with([
    'an empty route' => [[['go' => '']], [['go' => 'box']]],
    'words and an open end' => [[['say' => 'Come.', 'go' => '']], [['say' => 'Come.', 'go' => 'box']]],
    'nothing at all' => [[], [['go' => 'box']]],
]);

it('takes over the very way that a lock or a condition stands before', function (
    array $scene, string $part, string $field, mixed $expected,
): void {
    $game = Games::of([$scene + ['id' => 'here'], ['id' => 'there', 'ending' => ['kind' => 'won', 'md' => '']]]);
    $after = Build::into(
        $game, Patterns::named('treasure'), new Content(['questions' => "Who?\tgull", 'inside' => 'A lens.'], 'en'),
        (require dirname(__DIR__, 3).'/lang/en/made.php')['pattern'], new TeacherDefaults, 'here',
    )?->apply($game)->game->document;
    $box = $after['scenes'][1];
    $holder = $part === 'here' ? $after['scenes'][0] : array_values(
        array_filter($after['scenes'][0]['things'], static fn (array $thing): bool => $thing['id'] === $part),
    )[0];

    expect(json_decode(str_replace($box['id'], 'box', (string) json_encode($holder[$field])), true))->toBe($expected)
        ->and($after['scenes'][0]['next'] ?? null)->toBe($field === 'next' ? $holder['next'] : $scene['next'] ?? null)
        ->and(json_encode($box))->toContain('"go":"there"');
})->with([
    'a lock' => [
        ['things' => [['otherwise' => [['go' => 'there']]] + Games::lock('door', 'x', [], ['go' => 'there'])]], 'door',
        'rules', [['go' => 'box', 'match' => ['equals' => ['x']], 'verdict' => 'open', 'say' => 'It opens.']],
    ],
    'a choice for some' => [
        ['things' => [['if' => ['visited' => 'there']] + Games::choice('go', ['go' => 'there'])]], 'go', 'react',
        [['go' => 'box']],
    ],
    'a choice that does something' => [
        ['things' => [Games::choice('go', [['if' => ['visited' => 'there'], 'go' => 'there'], ['say' => 'Not yet.']])]],
        'go', 'react', [['if' => ['visited' => 'there'], 'go' => 'box'], ['say' => 'Not yet.']],
    ],
    'going on, for some' => [
        ['next' => [['if' => ['visited' => 'there'], 'go' => 'there'], ['go' => 'here']]], 'here', 'next',
        [['if' => ['visited' => 'there'], 'go' => 'box'], ['go' => 'here']],
    ],
]);

it('knows all ways on from a scene, and takes the one that was chosen', function (): void {
    $scene = [
        'id' => 'here',
        'things' => [
            Games::lock('door', 'x', [], ['go' => 'there']), Games::choice('go', ['go' => 'cellar']),
            Games::choice('say', [['say' => 'Hello.']]),
        ],
        'next' => [['go' => 'attic']],
    ];
    $game = Games::of([
        $scene, ...array_map(static fn (string $id): array => ['id' => $id], ['there', 'cellar', 'attic']),
    ]);
    $leads = static fn (?string $key): ?string => Junction::onFrom($game, 'here', $key)?->leads;

    expect(array_map(static fn (Junction $one): string => $one->key(), Junction::all($game, 'here')))
        ->toBe(['door>there', 'go>cellar', 'here>attic'])
        ->and($leads('go>cellar'))->toBe('cellar')->and($leads(null))->toBe('there')->and($leads('gone>nowhere'))
        ->toBe('there')
        ->and(Junction::onFrom($game, 'nowhere'))->toBeNull();
});

it('changes nothing of an ending', function (): void {
    $after = WayCases::builtBehind(['ending' => ['kind' => 'won', 'md' => '']]);

    expect($after['next'])->toBeNull()->and($after['onward'])->toBe('');
});

it('builds into the chapter of the scene, unless the pattern has its own', function (?string $chapter): void {
    expect(WayCases::builtBehind($chapter === null ? [] : ['chapter' => $chapter])['question']['chapter'] ?? null)
        ->toBe($chapter);
})->with(['c', null]);

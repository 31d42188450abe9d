<?php

use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Tests\Support\Games;

/**
 * What becomes of a scene when a question is built behind it: where it leads, and where the question leads.
 *
 * @param  array<string, mixed>  $scene
 * @return array{next: mixed, react: mixed, question: array<string, mixed>, onward: string}
 */
function builtBehind(array $scene): array
{
    $game = Games::of([$scene + ['id' => 'here'], ['id' => 'there', 'ending' => ['kind' => 'won', 'md' => '']]], ['chapters' => [['id' => 'c', 'title' => 'C', 'start' => 'here']]]);
    $built = Build::into($game, Patterns::named('treasure'), new Content(['questions' => "Who?\tgull", 'inside' => 'A lens.'], 'en'), (require dirname(__DIR__, 3).'/lang/en/patterns.php')['words'], new TeacherDefaults, 'here')?->apply($game)->game->document['scenes'];
    $choice = array_values(array_filter($built[1]['things'], fn (array $thing): bool => $thing['kind'] === 'choice'))[0];

    $named = fn (mixed $reactions): mixed => json_decode(str_replace($built[1]['id'], 'box', (string) json_encode($reactions)), true);

    return ['next' => $named($built[0]['next'] ?? null), 'react' => $named($built[0]['things'][0]['react'] ?? null), 'question' => $built[1], 'onward' => $choice['react'][0]['go']];
}

it('takes the place of the plain way on', function (mixed $next, array $expected): void {
    $after = builtBehind(['next' => $next]);

    expect($after['next'])->toBe($expected)->and($after['onward'])->toBe('there');
})->with([
    'a list of one' => [[['go' => 'there']], [['go' => 'box']]],
    'a single reaction' => [['go' => 'there'], [['go' => 'box']]],
    'with words, which stay' => [[['say' => 'Off you go.', 'go' => 'there']], [['go' => 'box', 'say' => 'Off you go.']]],
]);

it('begins a way where there is none, and leaves the end open', function (array $scene): void {
    $after = builtBehind($scene);

    expect($after['next'])->toBe([['go' => 'box']])->and($after['onward'])->toBe('');
})->with(['no way' => [[]], 'an empty list' => [['next' => []]], 'a choice that leads elsewhere' => [['things' => [Games::choice('go', ['go' => 'there'])]]]]);

it('fills an open end of a choice, and takes nothing else of it', function (array $react, mixed $expected): void {
    $after = builtBehind(['things' => [Games::choice('go', $react)]]);

    expect($after['react'])->toBe($expected)->and($after['next'])->toBeNull()->and($after['onward'])->toBe('');
})->with([
    'an empty route' => [[['go' => '']], [['go' => 'box']]],
    'words and no route' => [[['say' => 'Come.']], [['go' => 'box', 'say' => 'Come.']]],
]);

it('changes no way that depends on something, and none of an ending', function (array $scene): void {
    $after = builtBehind($scene);

    expect($after['next'])->toBe($scene['next'] ?? null)->and($after['react'])->toBe($scene['things'][0]['react'] ?? null)->and($after['onward'])->toBe('');
})->with([
    'on a condition' => [['next' => [['if' => ['visited' => 'there'], 'go' => 'there']]]],
    'two ways' => [['next' => [['go' => 'there'], ['go' => 'here']]]],
    'an ending' => [['ending' => ['kind' => 'won', 'md' => '']]],
]);

it('builds into the chapter of the scene, unless the pattern has its own', function (?string $chapter): void {
    expect(builtBehind($chapter === null ? [] : ['chapter' => $chapter])['question']['chapter'] ?? null)->toBe($chapter);
})->with(['c', null]);

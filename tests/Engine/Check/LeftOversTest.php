<?php

use Fravel\Check\Check;
use Fravel\Document\GameDocument;

/**
 * What is found of things in a scene that another follows.
 *
 * @param  list<array<string, mixed>>  $things
 * @param  list<string>  $samples
 * @return list<string> codes of findings about what was begun and left
 */
function leftIn(array $things, array $samples = [], array $scene = []): array
{
    $game = GameDocument::of(['fravel' => 1, 'title' => '', 'language' => 'en', 'start' => 'a', 'tokens' => [['id' => 'key', 'name' => 'Key', 'kind' => 'item']], 'scenes' => [
        $scene + ['id' => 'a', 'title' => 'A', 'layout' => 'page', 'things' => $things, 'next' => [['go' => 'end']]],
        ['id' => 'end', 'title' => 'End', 'layout' => 'page', 'things' => [], 'ending' => ['kind' => 'won', 'md' => '']],
    ]]);
    $codes = array_map(fn ($finding): string => $finding->code, Check::of($game, 1000, null, $samples)->findings);

    return array_values(array_intersect($codes, ['scene.empty', 'route.open', 'text.sample']));
}

/** @return array<string, mixed> */
function leftLock(array $rule, array $more = []): array
{
    return $more + ['id' => 'lock', 'kind' => 'lock', 'ask' => 'Who?', 'input' => ['type' => 'text'], 'rules' => [$rule + ['match' => ['equals' => ['gull']], 'verdict' => 'open']], 'otherwise' => [['say' => 'No.']]];
}

it('finds choices that do nothing', function (array $react, array $found): void {
    expect(leftIn([['id' => 'go', 'kind' => 'choice', 'md' => 'Go', 'react' => $react]]))->toBe($found);
})->with([
    'nothing at all' => [[], ['route.open']],
    'an open end' => [[['go' => '']], ['route.open']],
    'leads on' => [[['go' => 'end']], []],
    'says something' => [[['say' => 'Cold.', 'go' => '']], []],
    'gives something' => [[['do' => [['give' => 'key']]]], []],
    'stays on purpose' => [[['go' => '@stay']], []],
    'one of two does something' => [[['if' => ['has' => 'key'], 'go' => 'end'], ['go' => '']], []],
]);

it('finds locks whose opening leads to an open end', function (array $lock, array $found): void {
    expect(leftIn([$lock]))->toBe($found);
})->with([
    'an open end' => [leftLock(['go' => '']), ['route.open']],
    'a question without a route' => [leftLock([]), []],
    'stays on purpose' => [leftLock(['go' => '@stay']), []],
    'gives something' => [leftLock(['go' => '', 'do' => [['give' => 'key']]]), []],
    'does something when entered again' => [leftLock(['go' => ''], ['opened' => [['go' => 'end']]]), []],
    'only another verdict is open-ended' => [leftLock(['go' => '@stay'], ['rules' => [['match' => ['equals' => ['x']], 'verdict' => 'almost', 'go' => ''], ['match' => ['equals' => ['gull']], 'verdict' => 'open', 'go' => '@stay']]]), []],
]);

it('leaves a lock alone that something depends on', function (): void {
    $shown = ['id' => 'note', 'kind' => 'text', 'md' => 'Open.', 'if' => ['open' => 'lock']];

    expect(leftIn([leftLock(['go' => '']), $shown]))->toBe([]);
});

it('finds words that are still the sample', function (array $thing, array $found): void {
    expect(leftIn([$thing], ['Write here.', 'What do you ask?']))->toBe($found);
})->with([
    'a text' => [['id' => 't', 'kind' => 'text', 'md' => 'Write here.'], ['text.sample']],
    'a text of their own' => [['id' => 't', 'kind' => 'text', 'md' => 'Write here. Or there.'], []],
    'a question, said once' => [leftLock(['go' => ''], ['ask' => 'What do you ask?']), ['text.sample']],
]);

it('finds scenes with nothing in them, and no others', function (array $scene, array $found): void {
    expect(leftIn([], [], $scene))->toBe($found);
})->with([
    'nothing, and nothing leads on' => [['next' => []], ['scene.empty']],
    'a way on' => [[], []],
    'arriving leads on' => [['next' => [], 'arrive' => [['go' => 'end']]], []],
    'an ending' => [['next' => [], 'ending' => ['kind' => 'won', 'md' => '']], []],
]);

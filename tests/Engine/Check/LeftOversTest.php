<?php

use Tests\Support\Engine\LeftOversCases;

it('finds choices that do nothing', function (array $react, array $found): void {
    expect(LeftOversCases::leftIn([['id' => 'go', 'kind' => 'choice', 'md' => 'Go', 'react' => $react]]))->toBe($found);
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
    expect(LeftOversCases::leftIn([$lock]))->toBe($found);
})->with([
    'an open end' => [LeftOversCases::leftLock(['go' => '']), ['route.open']],
    'a question without a route' => [LeftOversCases::leftLock([]), []],
    'stays on purpose' => [LeftOversCases::leftLock(['go' => '@stay']), []],
    'gives something' => [LeftOversCases::leftLock(['go' => '', 'do' => [['give' => 'key']]]), []],
    'does something when entered again' => [
        LeftOversCases::leftLock(['go' => ''], ['opened' => [['go' => 'end']]]), [],
    ],
    'only another verdict is open-ended' => [
        LeftOversCases::leftLock(
            ['go' => '@stay'],
            [
                'rules' => [
                    ['match' => ['equals' => ['x']], 'verdict' => 'almost', 'go' => ''],
                    ['match' => ['equals' => ['gull']], 'verdict' => 'open', 'go' => '@stay'],
                ],
            ],
        ),
        [],
    ],
]);

it('leaves a lock alone that something depends on', function (): void {
    $shown = ['id' => 'note', 'kind' => 'text', 'md' => 'Open.', 'if' => ['open' => 'lock']];

    expect(LeftOversCases::leftIn([LeftOversCases::leftLock(['go' => '']), $shown]))->toBe([]);
});

it('finds words that are still the sample', function (array $thing, array $found): void {
    expect(LeftOversCases::leftIn([$thing], ['Write here.', 'What do you ask?']))->toBe($found);
})->with([
    'a text' => [['id' => 't', 'kind' => 'text', 'md' => 'Write here.'], ['text.sample']],
    'a text of their own' => [['id' => 't', 'kind' => 'text', 'md' => 'Write here. Or there.'], []],
    'a question, said once' => [LeftOversCases::leftLock(['go' => ''], ['ask' => 'What do you ask?']), ['text.sample']],
]);

it('finds scenes with nothing in them, and no others', function (array $scene, array $found): void {
    expect(LeftOversCases::leftIn([], [], $scene))->toBe($found);
})->with([
    'nothing, and nothing leads on' => [['next' => []], ['scene.empty']],
    'a way on' => [[], []],
    'arriving leads on' => [['next' => [], 'arrive' => [['go' => 'end']]], []],
    'an ending' => [['next' => [], 'ending' => ['kind' => 'won', 'md' => '']], []],
]);

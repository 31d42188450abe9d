<?php

use App\Models\Game;
use App\Workshop\ActionWords;
use App\Workshop\ConditionWords;
use App\Workshop\Names;
use Fravel\Document\Game as Document;
use Tests\Support\Scripts;

/** @return array<string, mixed> a game that has one of everything a condition names */
function namedParts(): array
{
    return [
        'fravel' => 1, 'title' => 'Named', 'language' => 'en', 'start' => 'quay',
        'tokens' => [['id' => 'lens', 'name' => 'Lens', 'kind' => 'item'], ['id' => 'wick', 'name' => 'Wick', 'kind' => 'item']],
        'tallies' => [['id' => 'bold', 'name' => 'Bold', 'start' => 0], ['id' => 'calm', 'name' => 'Calm', 'start' => 0]],
        'scenes' => [['id' => 'quay', 'title' => 'The quay', 'layout' => 'page', 'things' => [
            ['id' => 'door', 'kind' => 'lock', 'label' => 'Door', 'ask' => 'Which word?', 'input' => ['type' => 'options', 'options' => [['id' => 'opt', 'md' => '**Lamp**']]], 'rules' => []],
            ['id' => 'chest', 'kind' => 'lock', 'ask' => 'Which   number?', 'input' => ['type' => 'text'], 'rules' => []],
            ['id' => 'flag', 'kind' => 'cover', 'label' => 'The flag', 'front' => [], 'back' => []],
        ]]],
    ];
}

it('reads a condition into its parts and writes them back', function (array $condition, string $kind): void {
    [$read, $again] = Scripts::run('workshop/scene/condition-kinds.js', '{ const said = module.readCondition(input.condition); return [said.kind, said.kind === "other" ? input.condition : module.writeCondition(said, input.game)]; }', ['condition' => $condition, 'game' => namedParts()]);

    expect($read)->toBe($kind)->and($again)->toEqual($condition);
})->with([
    'holds one' => [['has' => 'lens'], 'hold'],
    'holds some of several' => [['hasOf' => ['lens', 'wick'], 'atLeast' => 1], 'hold'],
    'holds all of several' => [['hasOf' => ['lens', 'wick'], 'atLeast' => 2], 'hold'],
    'lacks one' => [['not' => ['has' => 'lens']], 'lack'],
    'opened one' => [['open' => 'door'], 'open'],
    'opened some' => [['openOf' => ['door', 'chest'], 'atLeast' => 1], 'open'],
    'has not opened' => [['not' => ['open' => 'door']], 'shut'],
    'opened at first try' => [['firstTry' => ['door', 'chest'], 'atLeast' => 2], 'first'],
    'opened one at first try' => [['firstTry' => ['door'], 'atLeast' => 1], 'first'],
    'was there' => [['visited' => 'quay'], 'visited'],
    'was never there' => [['not' => ['visited' => 'quay']], 'unseen'],
    'has so many points' => [['tally' => 'bold', 'is' => '>=', 'value' => 3], 'points'],
    'has fewer points' => [['tally' => 'bold', 'is' => '<', 'value' => 3], 'points'],
    'a tally that is highest' => [['leads' => 'bold', 'among' => ['bold', 'calm']], 'leads'],
    'a comparison that has no words here' => [['tally' => 'bold', 'is' => '!=', 'value' => 3], 'other'],
    'time' => [['minutes' => 10, 'is' => '>='], 'other'],
    'tries' => [['tries' => 'door', 'is' => '>=', 'value' => 2], 'other'],
]);

it('writes nothing when no part is left, and one part as one', function (): void {
    $write = fn (array $said): mixed => Scripts::run('workshop/scene/condition-kinds.js', 'module.writeCondition(input.said, input.game) ?? null', ['said' => $said, 'game' => namedParts()]);

    expect($write(['kind' => 'hold', 'ids' => [], 'atLeast' => 0]))->toBeNull()
        ->and($write(['kind' => 'hold', 'ids' => ['wick'], 'atLeast' => 1]))->toBe(['has' => 'wick'])
        ->and($write(['kind' => 'leads', 'ids' => ['calm'], 'atLeast' => 1]))->toBe(['leads' => 'calm', 'among' => ['bold', 'calm']]);
});

it('says a condition in a sentence, in the workshop and behind the scene', function (array $condition, string $here, string $behind): void {
    expect(Scripts::run('workshop/sentence.js', 'module.sentence(input.condition, input.game)', ['condition' => $condition, 'game' => namedParts()]))->toBe($here)
        ->and(ConditionWords::of(Document::of(namedParts()), $condition))->toBe($behind);
})->with([
    'one token' => [['has' => 'lens'], 'holds Lens', 'the student holds Lens'],
    'some tokens' => [['hasOf' => ['lens', 'wick'], 'atLeast' => 1], 'holds 1 of Lens, Wick', 'the student holds 1 of Lens, Wick'],
    'a lock by its name' => [['open' => 'door'], 'opened “Door”', 'Door is open'],
    'a lock by what it asks' => [['open' => 'chest'], 'opened “Which   number?”', 'Which number? is open'],
    'a tally' => [['tally' => 'bold', 'is' => '>=', 'value' => 3], 'Bold >= 3', 'Bold >= 3'],
    'joined' => [['all' => [['has' => 'lens'], ['visited' => 'quay']]], 'holds Lens and was at The quay', 'the student holds Lens and the student was at The quay'],
    'either' => [['any' => [['has' => 'lens'], ['has' => 'wick']]], 'holds Lens or holds Wick', 'the student holds Lens or the student holds Wick'],
    'not' => [['not' => ['has' => 'lens']], 'not: holds Lens', 'not: the student holds Lens'],
    'the highest' => [['leads' => 'bold', 'among' => ['bold', 'calm']], 'Bold is the highest', 'Bold is highest among Bold, Calm'],
    'tries' => [['tries' => 'door', 'is' => '>=', 'value' => 2], 'tried “Door” >= 2 times', 'wrong tries at Door >= 2'],
    'a cover' => [['lifted' => 'flag'], 'lifted a cover', 'The flag is lifted'],
    'time' => [['minutes' => 10, 'is' => '>='], '>= 10 minutes have passed', '10 minutes >= since the start'],
]);

it('says nothing wrong of a condition that is none', function (mixed $condition): void {
    expect(ConditionWords::of(Document::of(namedParts()), $condition))->toBe('always');
})->with([null, 'text', [[]]]);

it('says what a student does', function (array $action, string $words): void {
    expect(ActionWords::of(Document::of(namedParts()), $action))->toBe($words);
})->with([
    'taps' => [['choose' => 'flag'], 'tap “The flag”'],
    'answers with text' => [['answer' => 'door', 'with' => 'lamp'], 'answer “lamp” to “Door”'],
    'answers with an option' => [['answer' => 'door', 'with' => 'opt'], 'answer “Lamp” to “Door”'],
    'answers with several' => [['answer' => 'door', 'with' => ['opt', 'x']], 'answer “Lamp, x” to “Door”'],
    'goes on' => [['continue' => true], 'go on'],
    'goes back' => [['back' => true], 'go back'],
    'lifts' => [['lift' => 'flag'], 'lift “The flag”'],
    'what is gone' => [['choose' => 'nothing'], 'tap “nothing”'],
]);

it('knows a part by what a teacher calls it', function (string $id, string $name): void {
    expect(Names::of(Document::of(namedParts()), $id))->toBe($name);
})->with([['quay', 'The quay'], ['lens', 'Lens'], ['chest', 'Which number?'], ['opt', 'Lamp'], ['gone', 'gone']]);

it('cuts a long name', function (): void {
    $game = namedParts();
    $game['scenes'][0]['title'] = str_repeat('long ', 30);

    expect(mb_strlen(Names::of(Document::of($game), 'quay')))->toBeLessThanOrEqual(50);
});

it('gives the reason of a way with its condition', function (): void {
    $game = namedParts();
    $game['scenes'][0]['arrive'] = [['if' => ['has' => 'lens'], 'go' => 'end'], ['go' => 'other']];
    $why = Scripts::run('workshop/ways.js', 'module.waysIn(input).map((way) => [way.to, way.why])', $game);

    expect($why)->toBe([['end', 'on arriving, if: holds Lens'], ['other', 'on arriving']]);
});

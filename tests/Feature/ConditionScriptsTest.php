<?php

use App\Workshop\ActionWords;
use App\Workshop\KindWords;
use App\Workshop\Names;
use Fravel\Document\GameDocument;
use Tests\Support\Feature\ConditionScriptsCases;
use Tests\Support\Scripts;

it('reads a condition into its parts and writes them back', function (array $condition, string $kind): void {
    [$read, $again] = Scripts::run('workshop/scene/condition-kinds.js', '{ const said = module.readCondition(input.condition); return [said.kind, said.kind === "other" ? input.condition : module.writeCondition(said, input.game)]; }', ['condition' => $condition, 'game' => ConditionScriptsCases::namedParts()]);

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
    'any number but one' => [['tally' => 'bold', 'is' => '!=', 'value' => 3], 'points'],
    'time' => [['minutes' => 10, 'is' => '>='], 'minutes'],
    'tries' => [['tries' => 'door', 'is' => '<=', 'value' => 2], 'tries'],
    'lifted a cover' => [['lifted' => 'flag'], 'lifted'],
    'has not lifted it' => [['not' => ['lifted' => 'flag']], 'covered'],
    'something of its own' => [['not' => ['tally' => 'bold', 'is' => '=', 'value' => 3]], 'other'],
]);

it('writes nothing when no part is left, and one part as one', function (): void {
    $write = fn (array $said): mixed => Scripts::run('workshop/scene/condition-kinds.js', 'module.writeCondition(input.said, input.game) ?? null', ['said' => $said, 'game' => ConditionScriptsCases::namedParts()]);

    expect($write(['kind' => 'hold', 'ids' => [], 'atLeast' => 0]))->toBeNull()
        ->and($write(['kind' => 'hold', 'ids' => ['wick'], 'atLeast' => 1]))->toBe(['has' => 'wick'])
        ->and($write(['kind' => 'leads', 'ids' => ['calm'], 'atLeast' => 1]))->toBe(['leads' => 'calm', 'among' => ['bold', 'calm']]);
});

it('says a condition in a sentence, in the workshop and behind the scene', function (array $condition, string $words): void {
    expect(Scripts::run('workshop/editor/sentence.js', 'module.sentence(input.condition, input.game)', ['condition' => $condition, 'game' => ConditionScriptsCases::namedParts()]))->toBe($words)
        ->and(KindWords::ofCondition(GameDocument::of(ConditionScriptsCases::namedParts()), $condition))->toBe($words);
})->with([
    'one token' => [['has' => 'lens'], 'the student holds Lens'],
    'some tokens' => [['hasOf' => ['lens', 'wick'], 'atLeast' => 1], 'the student holds 1 of Lens, Wick'],
    'a lock by its name' => [['open' => 'door'], 'Door is open'],
    'a lock by what it asks' => [['open' => 'chest'], 'Which number? is open'],
    'a tally' => [['tally' => 'bold', 'is' => '>=', 'value' => 3], 'Bold is at least 3'],
    'joined' => [['all' => [['has' => 'lens'], ['visited' => 'quay']]], 'the student holds Lens and the student was at The quay'],
    'either' => [['any' => [['has' => 'lens'], ['has' => 'wick']]], 'the student holds Lens or the student holds Wick'],
    'not' => [['not' => ['has' => 'lens']], 'not: the student holds Lens'],
    'the highest' => [['leads' => 'bold', 'among' => ['bold', 'calm']], 'Bold is highest among Bold, Calm'],
    'tries' => [['tries' => 'door', 'is' => '>=', 'value' => 2], 'at least 2 wrong tries at Door'],
    'a cover' => [['lifted' => 'flag'], 'The flag is lifted'],
    'time' => [['minutes' => 10, 'is' => '>='], 'at least 10 minutes have passed'],
]);

it('says nothing wrong of a condition that is none', function (mixed $condition): void {
    expect(KindWords::ofCondition(GameDocument::of(ConditionScriptsCases::namedParts()), $condition))->toBe('always');
})->with([null, 'text', [[]]]);

it('says what a student does', function (array $action, string $words): void {
    expect(ActionWords::of(GameDocument::of(ConditionScriptsCases::namedParts()), $action))->toBe($words);
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
    expect(Names::of(GameDocument::of(ConditionScriptsCases::namedParts()), $id))->toBe($name);
})->with([['quay', 'The quay'], ['lens', 'Lens'], ['chest', 'Which number?'], ['opt', 'Lamp'], ['gone', 'gone']]);

it('cuts a long name', function (): void {
    $game = ConditionScriptsCases::namedParts();
    $game['scenes'][0]['title'] = str_repeat('long ', 30);

    expect(mb_strlen(Names::of(GameDocument::of($game), 'quay')))->toBeLessThanOrEqual(50);
});

it('gives the reason of a way with its condition', function (): void {
    $game = ConditionScriptsCases::namedParts();
    $game['scenes'][0]['arrive'] = [['if' => ['has' => 'lens'], 'go' => 'end'], ['go' => 'other']];
    $why = Scripts::run('workshop/editor/ways.js', 'module.routesIn(input).map((way) => [way.to, way.why])', $game);

    expect($why)->toBe([['end', 'on arriving, if: the student holds Lens'], ['other', 'on arriving']]);
});

it('reads what a reaction does into a sentence and writes it back', function (array $effect, array $said): void {
    expect(Scripts::run('workshop/scene/effect-kinds.js', '[module.readEffect(input), module.writeEffect(module.readEffect(input))]', $effect))->toEqual([$said, $effect]);
})->with([
    'gives' => [['give' => 'lens'], ['kind' => 'give', 'id' => 'lens']],
    'adds' => [['add' => 'bold', 'by' => 2], ['kind' => 'add', 'id' => 'bold', 'number' => 2]],
    'sets' => [['set' => 'bold', 'to' => 0], ['kind' => 'set', 'id' => 'bold', 'number' => 0]],
    'decides' => [['must' => 'bold'], ['kind' => 'must', 'id' => 'bold']],
    'rules out' => [['never' => 'bold'], ['kind' => 'never', 'id' => 'bold']],
    'forgets' => [['forget' => 'kitchen'], ['kind' => 'forget', 'id' => 'kitchen']],
]);

it('offers every effect that the format has, and words for each', function (): void {
    $kinds = Scripts::run('workshop/scene/effect-kinds.js', 'Object.keys(module.EFFECTS)');
    $schema = json_decode((string) file_get_contents(base_path('docs/format/game.schema.json')), true);
    $known = array_map(fn (array $one): string => $one['required'][0], $schema['$defs']['effect']['oneOf']);

    expect($kinds)->toEqualCanonicalizing($known)->and(array_keys((array) __('workshop.effects.kinds')))->toEqualCanonicalizing($known);
});

it('makes what an effect needs where there is none, and says where it can’t', function (): void {
    $made = fn (string $kind): mixed => Scripts::run('workshop/scene/effect-kinds.js', 'module.made(input.kind, input.game, { token: "T", tally: "N" })?.command ?? null', ['kind' => $kind, 'game' => ConditionScriptsCases::namedParts()]);

    expect(array_diff_key($made('give')['value'], ['id' => 0]))->toBe(['name' => 'T', 'kind' => 'item'])
        ->and([$made('must')['insert'], $made('must')['after'], $made('open')])->toBe(['tallies', 'calm', null]);
});

<?php

use App\Workshop\ActionWords;
use App\Workshop\KindWords;
use App\Workshop\Names;
use Fravel\Condition\Condition;
use Fravel\Condition\Conditions;
use Fravel\Document\GameDocument;
use Fravel\Document\Schema;
use Fravel\Effect\Effects;
use Fravel\Support\Node;
use Tests\Support\Feature\ConditionWordsCases;
use Tests\Support\Scripts;

it('says a condition in a sentence, in the workshop and behind the scene', function (
    array $condition, string $words,
): void {
    expect(
        Scripts::run(
            'workshop/editor/sentence.js', 'module.sentence(input.condition, input.game)',
            ['condition' => $condition, 'game' => ConditionWordsCases::namedParts()],
        ),
    )->toBe($words)
        ->and(KindWords::ofCondition(GameDocument::of(ConditionWordsCases::namedParts()), $condition))->toBe($words);
})->with([
    'one token' => [['has' => 'lens'], 'the student holds Lens'],
    'some tokens' => [['hasOf' => ['lens', 'wick'], 'atLeast' => 1], 'the student holds 1 of Lens, Wick'],
    'a lock by its name' => [['open' => 'door'], 'Door is open'],
    'a lock by what it asks' => [['open' => 'chest'], 'Which number? is open'],
    'a tally' => [['tally' => 'bold', 'is' => '>=', 'value' => 3], 'Bold is at least 3'],
    'joined' => [
        ['all' => [['has' => 'lens'], ['visited' => 'quay']]], 'the student holds Lens and the student was at The quay',
    ],
    'either' => [['any' => [['has' => 'lens'], ['has' => 'wick']]], 'the student holds Lens or the student holds Wick'],
    'not' => [['not' => ['has' => 'lens']], 'not: the student holds Lens'],
    'the highest' => [['leads' => 'bold', 'among' => ['bold', 'calm']], 'Bold is highest among Bold, Calm'],
    'tries' => [['tries' => 'door', 'is' => '>=', 'value' => 2], 'at least 2 wrong tries at Door'],
    'a cover' => [['lifted' => 'flag'], 'The flag is lifted'],
    'time' => [['minutes' => 10, 'is' => '>='], 'at least 10 minutes have passed'],
]);

it('means and says the same of whatever is left out, in play, in the workshop and behind the scene', function (
    array $condition,
): void {
    $read = fn (array $one): ?Condition => Conditions::maybe(Node::root(['if' => $one])->at('if'));
    $game = ConditionWordsCases::namedParts();
    $whole = $condition + (Schema::defaults()['condition'][array_key_first($condition)] ?? []);
    $input = ['game' => $game, 'condition' => $condition];
    $written = Scripts::run(
        'workshop/scene/condition-kinds.js',
        'module.writeCondition(module.readCondition(input.condition), input.game) ?? null', $input,
    );
    foreach ([$condition, $whole, array_reverse($condition, true)] as $one) {
        $said = Scripts::run(
            'workshop/editor/sentence.js', 'module.sentence(input.condition, input.game)',
            ['condition' => $one] + $input,
        );
        expect($read($one))->toEqual($read($condition))
            ->and($said)->toBe(KindWords::ofCondition(GameDocument::of($game), $condition))
            ->not->toContain('undefined');
    }
    expect($read($written))->toEqual($read($condition));
})->with(function (): Generator {
    foreach (ConditionWordsCases::full() as $condition) {
        $kind = array_key_first($condition);
        $optional = array_keys(Schema::defaults()['condition'][$kind] ?? []);
        for ($left = 0; $left < 2 ** count($optional); $left++) {
            $out = array_filter($optional, fn (int $bit): bool => ($left >> $bit & 1) === 1, ARRAY_FILTER_USE_KEY);
            yield [array_diff_key($condition, array_flip($out))];
        }
    }
});

it('means the same by an effect that leaves its number out, in play and in the workshop', function (
    array $effect,
): void {
    $read = fn (array $one): array => Effects::listed(Node::root(['do' => [$one]]), 'do');
    $written = Scripts::run(
        'workshop/scene/effect-kinds.js', 'module.writeEffect(module.readEffect(input))', $effect,
    );

    expect($read($written))->toEqual($read($effect))->and($written)->toBe($effect + Schema::defaults()['effects'][
        array_key_first($effect)
    ]);
})->with([[['add' => 'bold']], [['set' => 'bold']]]);

it('says nothing wrong of a condition that is none', function (mixed $condition): void {
    expect(KindWords::ofCondition(GameDocument::of(ConditionWordsCases::namedParts()), $condition))->toBe('always');
})->with([null, 'text', [[]]]);

it('says what a student does', function (array $action, string $words): void {
    expect(ActionWords::of(GameDocument::of(ConditionWordsCases::namedParts()), $action))->toBe($words);
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
    expect(Names::of(GameDocument::of(ConditionWordsCases::namedParts()), $id))->toBe($name);
})->with([['quay', 'The quay'], ['lens', 'Lens'], ['chest', 'Which number?'], ['opt', 'Lamp'], ['gone', 'gone']]);

it('cuts a long name', function (): void {
    $game = ConditionWordsCases::namedParts();
    $game['scenes'][0]['title'] = str_repeat('long ', 30);

    expect(mb_strlen(Names::of(GameDocument::of($game), 'quay')))->toBeLessThanOrEqual(50);
});

it('offers every effect that the format has, and words for each', function (): void {
    $kinds = Scripts::run('workshop/scene/effect-kinds.js', 'Object.keys(module.EFFECTS)');
    $schema = json_decode((string) file_get_contents(base_path('docs/format/game.schema.json')), true);
    $known = array_map(fn (array $one): string => $one['required'][0], $schema['$defs']['effect']['oneOf']);

    expect($kinds)->toEqualCanonicalizing($known)->and(array_keys((array) __('workshop.effects.kinds')))
        ->toEqualCanonicalizing($known);
});

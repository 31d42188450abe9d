<?php

use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Check\Search\Exploration;
use Fravel\Condition\Conditions;
use Fravel\Document\GameDocument;
use Fravel\Document\Reference;
use Fravel\Document\References;
use Fravel\Document\Schema;
use Fravel\Document\Validation;
use Fravel\Edit\Duplicate;
use Fravel\Play\Playing;
use Fravel\Play\View;
use Fravel\State\Action;
use Fravel\Support\Json;
use Fravel\Support\Node;
use Opis\JsonSchema\Validator;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Engine\MadeUpKindsCases;
use Tests\Support\Games;
use Tests\Support\Kinds\MadeUp;
use Tests\Support\Plays;

beforeEach(fn () => MadeUp::teach());
afterEach(fn () => MadeUp::unlearn());

const BELL_WAY = [
    ['choose' => 'bell'], ['hint' => 'clock'], ['answer' => 'clock', 'with' => '7'],
    ['answer' => 'mirror', 'with' => 'otto'], ['choose' => 'on'],
];

it('plays kinds that no game has', function (): void {
    $game = GameDocument::of(MadeUpKindsCases::bellGame());
    $state = Plays::through($game, BELL_WAY)->state;

    expect($state->ended)->toBe('won')->and($state->tokens)->toBe(['key'])
        ->and(
            Playing::act(
                $game, Plays::through($game, [['choose' => 'bell']])->state, Action::of(['choose' => 'bell']), 0,
            )->isRefused()
        )->toBeTrue()
        ->and(View::of($game, Plays::through($game, [])->state, 0)->things[0])
        ->toMatchArray(['kind' => 'bell', 'md' => 'Ring', 'sounded' => false]);
});

it('proves of them what is so', function (): void {
    $report = Check::of(GameDocument::of(MadeUpKindsCases::bellGame()), 5000);

    // The hint is to be had only before the clock is open: whoever forgets it stands before a wall.
    expect($report->isProved)->toBeTrue()
        ->and(array_column($report->findings, 'code'))
        ->toContain('play.trap')->not->toContain('ending.unreachable', 'scene.unreachable')
        ->and($report->facts['shortest'])->toBe(count(BELL_WAY));
});

it('says that it could not decide on answers it knows nothing about', function (array $rules): void {
    $document = MadeUpKindsCases::bellGame();
    $document['scenes'][0]['things'][2]['rules'] = $rules;
    $report = Check::of(GameDocument::of($document), 5000);
    $undecided = array_filter(
        $report->findings, static fn (Finding $finding): bool => $finding->code === 'lock.undecided',
    );

    expect($report->isProved)->toBeFalse()->and(array_column($undecided, 'where'))->toBe([['mirror', 'yard']])
        ->and($report->unlooked)->toContain('answers');
})->with([
    'a made-up matcher and a word it never has' => [[[
        'match' => ['all' => [['palindrome' => true], ['has' => ['gull']]]], 'verdict' => 'open', 'go' => 'hall',
    ]]],
    'a pattern that nothing fits' => [[['match' => ['pattern' => 'a(?=b)c'], 'verdict' => 'open', 'go' => 'hall']]],
]);

it('finds what they name, and copies them with it', function (): void {
    $document = MadeUpKindsCases::bellGame();
    $names = array_map(
        static fn (Reference $reference): string => "{$reference->field()} {$reference->id}", References::in($document),
    );
    $copied = Duplicate::of(GameDocument::of($document), ['yard', 'hall'], 1, new Randomizer(new Mt19937(1)))
        ->apply(GameDocument::of($document))->game;
    $bells = array_filter(
        array_merge(...array_column($copied->document['scenes'], 'things')),
        static fn (array $thing): bool => $thing['kind'] === 'bell',
    );
    $hinted = array_values(
        array_filter(
            References::in($copied->document),
            static fn (Reference $reference): bool => $reference->field() === 'hinted',
        ),
    );

    expect($names)->toContain('give coin', 'swap coin', 'for key', 'hinted clock')
        ->and(Validation::ofReferences($document))->toBe([])
        ->and(count($bells))->toBe(2)
        ->and(count($hinted))->toBe(2)->and($hinted[1]->id)->not->toBe('clock')
        ->and($copied->kindOf($hinted[1]->id))->toBe('lock')
        ->and(
            Validation::ofReferences(
                array_replace_recursive(
                    $document, ['scenes' => [1 => ['things' => [['if' => ['hinted' => 'nobody']]]]]],
                ),
            )
        )
        ->toHaveCount(1);
});

it('has them in words and in the schema', function (): void {
    $schema = Schema::filled(
        Json::readObject((string) file_get_contents(dirname(__DIR__, 3).'/docs/format/game.schema.json')),
    );
    $accepts = static fn (array $document): bool => (new Validator)
        ->validate(json_decode(Json::write($document)), json_decode(Json::write($schema)))->isValid();
    $said = Conditions::read(Node::root(['not' => ['hinted' => 'clock']]))->said();

    expect($accepts(MadeUpKindsCases::bellGame()))->toBeTrue()
        ->and(
            $accepts(
                array_replace_recursive(
                    MadeUpKindsCases::bellGame(), ['scenes' => [1 => ['things' => [['if' => ['hinted' => 5]]]]]],
                ),
            )
        )->toBeFalse()
        ->and([$said->code, $said->parts[0]->code, $said->parts[0]->named])
        ->toBe(['condition.not', 'condition.hinted', ['part' => ['clock']]]);
});

it('looks at hints where a condition asks for them', function (): void {
    // The winning way: ask for the hint, then go.
    $game = Games::of([
        [
            'id' => 'a',
            'things' => [
                ['hints' => [['md' => 'Look up.']]] + Games::lock('l', 'x'),
                ['if' => ['hinted' => 'l']] + Games::choice('on', ['go' => 'end']),
            ],
        ],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);

    expect(Plays::through($game, [['hint' => 'l'], ['choose' => 'on']])->state->ended)->toBe('won')
        ->and(array_column(Check::of($game)->findings, 'code'))->not->toContain('ending.unreachable')
        ->and(Exploration::of($game, 500)->scenes)->toHaveKey('end');
});

it('follows nothing that it was not told how to', function (): void {
    $game = Games::of([
        ['id' => 'a', 'things' => [['if' => ['weather' => 'rain']] + Games::choice('on', ['go' => 'end'])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);
    Conditions::teach('weather', Tests\Support\Kinds\Weather::class);
    $report = Check::of($game);
    Conditions::unlearn('weather');

    expect($report->isProved)->toBeFalse()->and($report->unlooked)->toContain('ways');
});

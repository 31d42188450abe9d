<?php

use App\Workshop\PatternPreview;
use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Fravel\Document\Renaming;
use Fravel\Document\Veil;
use Fravel\Pattern\Pattern;
use Fravel\Pattern\Patterns;
use Tests\Support\Feature\GuessCases;
use Tests\Support\Guesser;

it('gives nobody away by ids or places, in no pattern, new or of old', function (Pattern $pattern, bool $isOld): void {
    $guesser = new Guesser;
    for ($round = 0; $round < 60; $round++) {
        $document = PatternPreview::ofSample($pattern);
        $guesser->look(
            $isOld ? GuessCases::frozen(GuessCases::asOfOld($document), $round) : GameDocument::of($document), $round,
        );
    }

    expect($guesser->typed)->toBe(0);
    foreach ($guesser->picks as $way => ['tried' => $tried, 'right' => $right, 'chance' => $chance]) {
        // Four standard deviations: a fair draw passes all but once in thirty thousand.
        $most = $chance + 4 * sqrt($chance);
        expect($right === $tried || $right <= $most)
            ->toBeTrue("{$way} was right {$right} times of {$tried}, by chance {$chance}");
        foreach ($guesser->places[$way] as $place => $picked) {
            expect($picked)->toBeLessThanOrEqual($most, "{$way} picked the option in place {$place} {$picked} times "
                ."of {$tried}, by chance {$chance}");
        }
    }
})
    ->with(
        fn (): array => array_combine(
            array_map(fn (Pattern $pattern): string => $pattern->name(), Patterns::all()), Patterns::all(),
        ),
    )
    ->with(['new' => [false], 'of old' => [true]]);

it('leaves an edition no id that a draft gave by hand, and every way as it was', function (): void {
    $document = Database\Seeders\DemoSeeder::document('dark-lamp');
    $veil = Veil::over($document, fn (string $id): string => hash('sha256', $id, true));
    $telling = array_filter(
        array_keys(Ids::in(['scenes' => $veil->document['scenes']])), fn (string $id): bool => ! Ids::isDrawn($id),
    );

    expect($telling)->toBe([])
        ->and((new Renaming(array_flip($veil->renamed)))->ofDocument($veil->document))
        ->toBe(array_diff_key($document, ['walkthroughs' => true]))
        ->and(Fravel\Document\Validation::ofReferences($veil->document))->toBe([]);
});

it('renames the gaps of a text with what its rules ask of them', function (): void {
    $lock = [
        'id' => 'l', 'kind' => 'lock', 'input' => ['type' => 'gaps', 'md' => 'The {right-one} and {{the} {other}'],
        'rules' => [[
            'match' => ['gaps' => ['right-one' => ['equals' => ['x']], 'other' => ['equals' => ['y']]]],
            'verdict' => 'open',
        ]],
    ];
    $veil = Veil::over(
        Tests\Support\Games::document([['id' => 's', 'things' => [$lock]]]),
        fn (string $id): string => hash('sha256', $id, true),
    );
    $made = $veil->document['scenes'][0]['things'][0];

    expect($made['input']['md'])->toBe("The {{$veil->renamed['right-one']}} and {{the} {{$veil->renamed['other']}}")
        ->and(array_keys($made['rules'][0]['match']['gaps']))
        ->toBe([$veil->renamed['right-one'], $veil->renamed['other']])
        ->and(json_encode($veil->document))->not->toContain('right-one');
});

it('leaves ids that were drawn as they are, and what is veiled twice as it was', function (): void {
    $bytes = fn (string $id): string => hash('sha256', $id, true);
    $once = Veil::over(Tests\Support\Games::twoRooms(), $bytes);
    $twice = Veil::over($once->document, $bytes);

    expect($twice->renamed)->toBe([])->and($twice->document)->toBe($once->document)
        ->and($once->renamed)->toHaveKeys(['hall', 'door', 'leave'])->not->toHaveKey('lamp');
});

<?php

use App\Workshop\PatternPreview;
use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Fravel\Document\Renaming;
use Fravel\Document\Veil;
use Fravel\Pattern\Pattern;
use Fravel\Pattern\Patterns;
use Tests\Support\Guesser;

/**
 * The pattern's game with numbers for ids, as an earlier version made it: what was made first has the lowest.
 *
 * @param  array<string, mixed>  $document
 * @return array<string, mixed>
 */
function asOfOld(array $document): array
{
    $ids = array_keys(Ids::in(['scenes' => $document['scenes']]));
    $taken = $old = [];
    foreach ($ids as $id) {
        $taken[$old[$id] = Ids::fresh(Ids::stem($id), $taken)] = true;
    }

    return (new Renaming($old))->ofDocument($document);
}

/** What a device gets of it: the edition. */
function frozen(array $document, int $round): GameDocument
{
    return GameDocument::of(Veil::over($document, fn (string $id): string => hash('sha256', "{$round}|{$id}", true))->document);
}

it('gives nobody away by ids or places, in no pattern, new or of old', function (Pattern $pattern, bool $isOld): void {
    $guesser = new Guesser;
    for ($round = 0; $round < 60; $round++) {
        $document = PatternPreview::ofSample($pattern);
        $guesser->look($isOld ? frozen(asOfOld($document), $round) : GameDocument::of($document), $round);
    }

    expect($guesser->typed)->toBe(0);
    foreach ($guesser->picks as $way => ['tried' => $tried, 'right' => $right, 'chance' => $chance]) {
        // Four standard deviations: a fair draw passes all but once in thirty thousand.
        $most = $chance + 4 * sqrt($chance);
        expect($right === $tried || $right <= $most)->toBeTrue("{$way} was right {$right} times of {$tried}, by chance {$chance}");
        foreach ($guesser->places[$way] as $place => $picked) {
            expect($picked)->toBeLessThanOrEqual($most, "{$way} picked the option in place {$place} {$picked} times of {$tried}, by chance {$chance}");
        }
    }
})->with(fn (): array => array_combine(array_map(fn (Pattern $pattern): string => $pattern->name(), Patterns::all()), Patterns::all()))->with(['new' => [false], 'of old' => [true]]);

it('leaves an edition no id that a draft gave by hand, and every way as it was', function (): void {
    $document = Database\Seeders\DemoSeeder::document('dark-lamp');
    $veil = Veil::over($document, fn (string $id): string => hash('sha256', $id, true));
    $telling = array_filter(array_keys(Ids::in(['scenes' => $veil->document['scenes']])), fn (string $id): bool => ! Ids::isDrawn($id));

    expect($telling)->toBe([])
        ->and((new Renaming(array_flip($veil->renamed)))->ofDocument($veil->document))->toBe(array_diff_key($document, ['walkthroughs' => true]))
        ->and(Fravel\Document\Validation::ofReferences($veil->document))->toBe([]);
});

it('renames the gaps of a text with what its rules ask of them', function (): void {
    $lock = ['id' => 'l', 'kind' => 'lock', 'input' => ['type' => 'gaps', 'md' => 'The {right-one} and {{the} {other}'], 'rules' => [['match' => ['gaps' => ['right-one' => ['equals' => ['x']], 'other' => ['equals' => ['y']]]], 'verdict' => 'open']]];
    $veil = Veil::over(Tests\Support\Games::document([['id' => 's', 'things' => [$lock]]]), fn (string $id): string => hash('sha256', $id, true));
    $made = $veil->document['scenes'][0]['things'][0];

    expect($made['input']['md'])->toBe("The {{$veil->renamed['right-one']}} and {{the} {{$veil->renamed['other']}}")
        ->and(array_keys($made['rules'][0]['match']['gaps']))->toBe([$veil->renamed['right-one'], $veil->renamed['other']])
        ->and(json_encode($veil->document))->not->toContain('right-one');
});

it('leaves ids that were drawn as they are, and what is veiled twice as it was', function (): void {
    $bytes = fn (string $id): string => hash('sha256', $id, true);
    $once = Veil::over(Tests\Support\Games::twoRooms(), $bytes);
    $twice = Veil::over($once->document, $bytes);

    expect($twice->renamed)->toBe([])->and($twice->document)->toBe($once->document)->and($once->renamed)->toHaveKeys(['hall', 'door', 'leave'])->not->toHaveKey('lamp');
});

<?php

use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Edit\Commands;
use Fravel\Edit\Edited;
use Fravel\Support\Json;
use Tests\Support\RandomGames;

/** Applies every mend that the check offers and looks whether what it mends is gone, and nothing else broke. */
function expectMendsToMend(GameDocument $game): int
{
    $place = static fn (Finding $finding): string => $finding->code.' '.implode(' ', $finding->where).' '.($finding->arguments['rule'] ?? '');
    $findings = Check::of($game, 600)->findings;
    $offered = array_filter($findings, static fn (Finding $finding): bool => $finding->mend !== null);
    foreach ($offered as $finding) {
        $edited = Commands::read($finding->mend->toArray(), $game)?->apply($game);
        expect($edited)->toBeInstanceOf(Edited::class, $place($finding));
        $after = Check::of($edited->game, 600)->findings;
        $times = static fn (array $all): int => count(array_filter($all, static fn (Finding $other): bool => $place($other) === $place($finding)));

        expect($times($after))->toBeLessThan($times($findings), $place($finding))
            ->and(Validation::ofShape($edited->game->document))->toBe([])
            ->and(Json::write($edited->inverse->apply($edited->game)->game->document))->toBe(Json::write($game->document));
    }

    return count($offered);
}

test('every mend mends what it is offered for', function (string $file): void {
    $example = Json::readObject((string) file_get_contents($file));

    expect(expectMendsToMend(GameDocument::of($example['game'])))->toBeGreaterThanOrEqual(0);
})->with(fn () => array_map(static fn (string $file): array => [$file], array_combine(array_map(static fn (string $file): string => strtr(basename($file, '.json'), '-', ' '), $files = glob(dirname(__DIR__, 2).'/Examples/checks/*.json')), $files)));

test('and in games of any kind', function (int $seed): void {
    expect(expectMendsToMend(GameDocument::of((new RandomGames($seed))->document())))->toBeGreaterThanOrEqual(0);
})->with(range(1, 15));

<?php

use Database\Seeders\DemoSeeder;
use Fravel\Check\Check;
use Fravel\Document\GameDocument;
use Fravel\Play\Replay;

it('proves every demo game sound, with nothing left to mend but what is meant', function (
    string $folder, array $meant,
): void {
    $verdicts = Check::of(GameDocument::of(DemoSeeder::document($folder)));
    $codes = array_values(array_unique(array_map(fn ($finding): string => $finding->code, $verdicts->toMend())));

    expect($verdicts->isProved)->toBeTrue()->and($codes)->toBe($meant);
})->with([['dark-lamp', ['lock.guessable']], ['fog-crossing', []]]);

it('tells The Fog Crossing to four endings, each by a recorded way', function (): void {
    $game = GameDocument::of(DemoSeeder::document('fog-crossing'));
    $ends = array_map(
        fn ($walkthrough): array => [
            ($replay = Replay::of($game, $walkthrough))->divergesAt, $replay->outcome->state->scene,
        ],
        array_values($game->walkthroughs()),
    );

    expect($ends)->toBe([[null, 'berth'], [null, 'pilot'], [null, 'morning'], [null, 'rocks']])
        ->and(count($game->scenes()))->toBeGreaterThanOrEqual(20)->and($game->chapters())->toHaveCount(3);
});

it('has a gate in The Fog Crossing that wants three of four reports', function (array $held, bool $opens): void {
    $game = GameDocument::of(DemoSeeder::document('fog-crossing'));
    $outcome = Fravel\Play\Playing::act(
        $game, Fravel\Play\Playing::startAt($game, 'fog-hub', $held, [], 1, 0)->state,
        Fravel\State\Action::of(['choose' => 'hub-wheel']), 0,
    );

    expect($outcome->state->scene === 'wheelhouse')->toBe($opens);
})->with([
    'none' => [[], false],
    'two' => [['bell-report', 'chart-report'], false],
    'three' => [['bell-report', 'chart-report', 'head-report'], true],
    'all' => [['bell-report', 'chart-report', 'head-report', 'engine-report'], true],
]);

it('keeps its words about what is found in every language file that the check has codes for', function (): void {
    $files = glob(base_path('engine/Check/Finder/*.php')) ?: [];
    preg_match_all(
        "/Finding::(?:warning|error)\('([a-z.-]+)'/", implode('', array_map(file_get_contents(...), $files)), $codes,
    );
    $words = require lang_path('en/findings.php');

    foreach ([...$codes[1], 'route.open', 'text.sample'] as $code) {
        expect($words)->toHaveKey($code);
    }
});

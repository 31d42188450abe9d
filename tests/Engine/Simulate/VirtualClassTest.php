<?php

use Fravel\Check\Effort;
use Fravel\Document\GameDocument;
use Fravel\Play\Playing;
use Fravel\Report\LockReport;
use Fravel\Simulate\Answers;
use Fravel\Simulate\Chance;
use Fravel\Simulate\Pupil;
use Fravel\Simulate\VirtualClass;
use Fravel\Simulate\VirtualPlay;
use Fravel\State\Action;
use Tests\Support\AdversarialGames;
use Tests\Support\Games;

/** A demo game by its folder. */
function demoGame(string $folder): GameDocument
{
    $path = dirname(__DIR__, 3)."/database/demo/{$folder}/game.json";

    return GameDocument::of((array) json_decode((string) file_get_contents($path), true));
}

it('plays by actions the engine takes, in the order of their times, the same for the same seed', function (
    string $folder,
): void {
    $game = demoGame($folder);
    $plays = VirtualClass::plays($game, 5, ['Ada', 'Ben', 'Cid'], 1000);
    foreach ($plays as $deeds) {
        $state = Playing::start($game, $deeds[0]['outcome']->state->seed, $deeds[0]['at'])->state;
        $before = 0;
        foreach (array_slice($deeds, 1) as $deed) {
            $outcome = Playing::act($game, $state, Action::of($deed['action']), $deed['at']);
            expect($outcome->isRefused())->toBeFalse()->and($deed['at'])->toBeGreaterThanOrEqual($before);
            [$state, $before] = [$outcome->state, $deed['at']];
        }
        expect($state->open)->toBe(end($deeds)['outcome']->state->open);
    }
    expect(VirtualClass::plays($game, 5, ['Ada', 'Ben', 'Cid'], 1000))->toEqual($plays)
        ->and(VirtualClass::plays($game, 6, ['Ada', 'Ben', 'Cid'], 1000))->not->toEqual($plays)
        ->and(VirtualClass::plays($game, 5, ['Ada'], 1000)['Ada'])->toEqual($plays['Ada']);
})->with(['dark-lamp', 'fog-crossing', 'find-the-flag', 'who-nests-here', 'low-tide', 'lamp-room-workbench']);

it('brings most to an end of a game that can be won, and stops all when their time is up', function (): void {
    $game = demoGame('dark-lamp');
    $ended = array_filter(VirtualClass::logs($game, 3, 20), fn ($log): bool => $log->endedAt !== null);
    $hurried = VirtualClass::logs($game, 3, 20, 300);
    $last = max(array_map(fn ($log): int => array_slice($log->deeds, -1)[0]->at - $log->startedAt, $hurried));

    expect(count($ended))->toBeGreaterThan(15)->and($last)->toBeLessThan(300)
        ->and(array_filter($hurried, fn ($log): bool => $log->endedAt !== null))->toBe([]);
});

it('lets those play who come through with what may be spent, as they would among all', function (): void {
    $game = demoGame('dark-lamp');
    $names = ['Ada', 'Ben', 'Cid', 'Dee'];
    $all = VirtualClass::plays($game, 5, $names, 0);
    $some = VirtualClass::plays($game, 5, $names, 0, null, new Effort(40_000));

    expect(count($some))->toBeGreaterThan(0)->toBeLessThan(4)
        ->and($some)->toEqual(array_slice($all, 0, count($some)))
        ->and(VirtualClass::logs($game, 5, 4, null, new Effort(10)))->toBe([]);
});

it('plays a lock of more answers than can be looked through with those that were found', function (
    string $which,
): void {
    $game = GameDocument::of(AdversarialGames::known()[$which]);

    expect(VirtualClass::plays($game, 1, ['Ada'], 0, 60))->toHaveCount(1);
})->with(['two thousand rules', 'thousands of answers and of lengths', 'three hundred areas']);

it('has who knows more right more often, and who is quicker through sooner', function (): void {
    $game = demoGame('dark-lamp');
    $answers = new Answers($game);
    $sums = function (float $skill, float $pace) use ($game, $answers): array {
        [$tries, $seconds] = [0, 0];
        foreach (range(1, 12) as $seed) {
            $pupil = new Pupil('Ada', $skill, 0.2, $pace, 20.0);
            $deeds = VirtualPlay::of($game, $answers, $pupil, new Chance((string) $seed), 0);
            $tries += array_sum(end($deeds)['outcome']->state->tries);
            $seconds += end($deeds)['at'];
        }

        return [$tries, $seconds];
    };
    [[$weak], [$strong, $usual], [, $quick]] = [$sums(0.4, 1.0), $sums(0.9, 1.0), $sums(0.9, 0.5)];
    expect($strong)->toBeLessThan($weak / 2)->and($quick)->toBeLessThan(0.7 * $usual);
});

it('answers what opens each lock, and else what does not', function (array $input, array $rule): void {
    $lock = ['id' => 'l', 'kind' => 'lock', 'ask' => 'What?', 'input' => $input,
        'rules' => [['match' => $rule, 'verdict' => 'open']]];
    $game = GameDocument::of(Games::document([['id' => 'hall', 'things' => [$lock]]]));
    $answers = new Answers($game);
    $is = fn (mixed $sent): bool => $game->lock('l')->ruleFor($game->lock('l')->accept($sent, 'en')) === 0;
    $chance = new Chance('x');
    $pupil = new Pupil('Ada', 0.5, 0.5, 1.0, 9.0);
    expect($is($answers->right($game->lock('l'))))->toBeTrue();
    foreach (range(1, 20) as $time) {
        $wrong = $answers->wrong($game->lock('l'), $pupil, $chance);
        expect($wrong)->not->toBeNull()->and($is($wrong))->toBeFalse();
    }
})->with([
    'words' => [['type' => 'text'], ['equals' => ['gannet']]],
    'a number' => [['type' => 'number', 'unit' => 'km'], ['number' => 12, 'within' => 0]],
    'a code' => [['type' => 'digits', 'length' => 4], ['equals' => ['0917']]],
    'options' => [
        ['type' => 'options', 'options' => [['id' => 'a', 'md' => 'A'], ['id' => 'b', 'md' => 'B']]],
        ['options' => ['b']],
    ],
]);

it('spreads a class: some locks are hard for some, and some find it easy', function (): void {
    $game = demoGame('dark-lamp');
    $reports = LockReport::all($game, VirtualClass::logs($game, 9, 40));
    $rates = array_map(fn ($report): float => $report->rate(), $reports);
    expect(min($rates))->toBeGreaterThan(0.2)->and(max($rates))->toBeLessThan(1.0)
        ->and(count($reports))->toBeGreaterThan(8);
});

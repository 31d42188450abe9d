<?php

use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Edit\Commands;
use Fravel\Play\Playing;
use Fravel\Play\View;
use Fravel\Report\Happening;
use Fravel\Report\PassageReport;
use Fravel\Report\PlayLog;
use Fravel\State\Action;
use Fravel\State\PlayState;
use Tests\Support\FilmGames;
use Tests\Support\Games;
use Tests\Support\Plays;

const ASKS = ['cue' => 'asks'];
const LAST = ['cue' => 'last'];
const ON = ['continue' => true];

/** What the device of such a play may know, as text. */
function known(GameDocument $game, PlayState $state): string
{
    return (string) json_encode(View::of($game, $state, 0)->toArray());
}

it('lets nobody past a stop that is not done, whatever a device sends', function (array $sent): void {
    $game = FilmGames::lens();
    $before = Plays::through($game, array_slice($sent, 0, -1))->state;
    $outcome = Playing::act($game, $before, Action::of($sent[count($sent) - 1]), 0);

    expect($outcome->isRefused())->toBeTrue()->and($outcome->state)->toBe($before)
        ->and(known($game, $before))->not->toContain('What opens beam');
})->with([
    'a later stop at once' => [[LAST]],
    'on from one that is not answered' => [[ASKS, ON]],
    'a later stop from the one that asks' => [[ASKS, LAST]],
    'a later stop after going back to the passage' => [[ASKS, ['answer' => 'bends', 'with' => 'x'], LAST]],
    'out of the scene before the film is through' => [[ON]],
    'one that is none' => [[['cue' => 'film']]],
]);

it('holds a film back behind ever so many stops that open for some alone', function (int $count): void {
    $needs = ['has' => 't'];
    $stops = array_map(static fn (int $at): array => [
        'id' => "s{$at}", 'stop' => ['clip' => 'clip', 'at' => $at], 'needs' => $at === 1 ? null : $needs,
        'things' => [Games::lock("l{$at}", 'yes')],
    ], range(1, $count));
    $game = Games::of([
        ['id' => 'film', 'things' => [['id' => 'clip', 'kind' => 'clip', 'asset' => 'x']], 'next' => [['go' => 's1']]],
        ...$stops, ['id' => 'z', 'stop' => ['clip' => 'clip', 'at' => $count + 1]],
    ], ['tokens' => [['id' => 't', 'name' => 'T', 'kind' => 'item']]]);
    $done = [['cue' => 's1'], ['answer' => 'l1', 'with' => 'yes'], ON];
    $to = static fn (array $before): string => Plays::through($game, [...$before, ['cue' => 'z']])->state->scene;

    expect($to([]))->toBe('film')->and($to($done))->toBe('z')
        ->and(Plays::through($game, [ON])->state->scene)->toBe('film');
})->with([2, 12, 40]);

it('goes on once what was asked is answered, and leaves the film when it is through', function (): void {
    $game = FilmGames::lens();
    $answered = [ASKS, ['answer' => 'bends', 'with' => 'twice'], ON];
    $through = Plays::through($game, $answered)->state;

    expect($through->scene)->toBe('film')->and($through->film['clip']['at'])->toBe(10.0)
        ->and(Plays::through($game, [...$answered, ['cue' => 'word'], ON, LAST])->state->scene)->toBe('last')
        ->and(Plays::through($game, [...$answered, LAST, ['answer' => 'beam', 'with' => 'one'], ON, ON])->state->ended)
        ->toBe('won');
});

it('leads back to the passage so many times, then shows the way on', function (): void {
    $game = FilmGames::lens();
    $wrong = ['answer' => 'bends', 'with' => 'once'];
    $once = Plays::through($game, [ASKS, $wrong])->state;
    $thrice = Plays::through($game, [ASKS, $wrong, ASKS, $wrong, ASKS, $wrong])->state;

    expect($once->scene)->toBe('film')
        ->and($once->film['clip'])->toBe(['at' => 4.0, 'until' => 9.0, 'then' => 'asks', 'times' => 1])
        ->and([$thrice->scene, $thrice->isOpen('bends'), $thrice->answers])->toBe(['asks', true, []])
        ->and(Plays::through($game, [ASKS, $wrong, ASKS, $wrong])->state->film['clip']['times'])->toBe(2)
        ->and(array_column(Plays::through($game, [ASKS, $wrong])->eventList(), 0))->toContain('wound');
});

it('takes a moment for a destination: who is led behind a stop need not have answered it', function (): void {
    $game = FilmGames::lens();
    $late = Plays::through($game, [['choose' => 'jump']])->state;

    expect($late->film['clip'])->toBe(['at' => 25.0, 'until' => null, 'then' => null, 'times' => 1])
        ->and($late->hasVisited('late'))->toBeTrue()
        ->and(Plays::through($game, [['choose' => 'jump'], LAST])->state->scene)->toBe('last')
        ->and($game->destination('late'))->toBe('film')->and($game->kindOf('edges'))->toBe('moment')
        ->and(array_column(Validation::ofReferences($game->document), 'code'))->toBe(['reference.missing']);
});

it('leads into the middle of a film from elsewhere, by way of its scene', function (?array $needs, string $to): void {
    $game = Games::of([
        ['id' => 'hall', 'things' => [Games::choice('watch', ['go' => 'm'])]],
        ['id' => 'film', 'needs' => $needs, 'things' => [[
            'id' => 'clip', 'kind' => 'clip', 'asset' => 'x', 'moments' => [['id' => 'm', 'at' => 7]],
        ]]],
    ], ['tokens' => [['id' => 't', 'name' => 'T', 'kind' => 'item']]]);
    $state = Plays::through($game, [['choose' => 'watch']])->state;

    expect($state->scene)->toBe($to)->and(isset($state->film['clip']))->toBe($to === 'film');
})->with([[null, 'film'], [['has' => 't'], 'hall']]);

it('shows of a stop its page alone, and of the film where it stands', function (): void {
    $game = FilmGames::lens();
    $view = View::of($game, Plays::through($game, [ASKS])->state, 0);

    expect(array_column($view->things, 'id'))->toBe(['bends'])->and($view->continues)->toBeFalse()
        ->and($view->scene['film']['stop'])
        ->toBe(['at' => 10.0, 'lasts' => null, 'place' => 'beside', 'isDone' => false])
        ->and(array_column($view->scene['film']['stops'], 'isOpen', 'id'))
        ->toBe(['asks' => true])
        ->and($view->scene['film']['entries'])->toBe([0.0, 10.0]);
});

it('shows of captions and stops only those of what may be seen by now', function (
    array $actions, array $lines, array $stops,
): void {
    $said = array_map(
        static fn (int $at): array => ['at' => $at, 'until' => $at + 2, 'text' => "{$at}"], [1, 9, 12, 26, 31],
    );
    $game = FilmGames::lens(['lines' => $said]);
    $clip = View::of($game, Plays::through($game, $actions)->state, 0)->things[0];

    expect([array_column($clip['lines'], 'text'), array_column($clip['stops'], 'id')])->toBe([$lines, $stops]);
})->with([
    'at first' => [[], ['1', '9'], ['asks']],
    'led behind the first' => [[['choose' => 'jump']], ['1', '9', '26'], ['asks', 'last']],
    'past the first' => [
        [ASKS, ['answer' => 'bends', 'with' => 'twice'], ON], ['1', '9', '12', '26'], ['asks', 'word', 'last'],
    ],
]);

it('asks in rounds, in a fresh order at every attempt, until enough are right in a row', function (): void {
    $rounds = array_map(static fn (int $at): array => [
        'id' => "r{$at}", 'ask' => "Ask {$at}?",
        'input' => ['type' => 'options', 'options' => [
            ['id' => "y{$at}", 'md' => 'yes'], ['id' => "n{$at}", 'md' => 'no'],
        ]],
        'match' => ['options' => ["y{$at}"]],
    ], range(1, 5));
    $game = Games::of([['id' => 'a', 'things' => [Games::lock('l', '', [
        'rounds' => $rounds, 'enough' => 3, 'rules' => [['match' => ['anything' => true], 'verdict' => 'open']],
    ])]]]);
    $asked = static fn (PlayState $state): string => $game->lock('l')->round($state)->id ?? '';
    $answer = static fn (PlayState $state, string $sign): PlayState => Playing::act(
        $game, $state, Action::of(['answer' => 'l', 'with' => $sign.substr($asked($state), 1)]), 0,
    )->state;
    $state = Plays::through($game, [])->state;
    $orders = [];
    for ($try = 0; $try < 4; $try++) {
        $first = $answer($state, 'y');
        $orders[] = $asked($state).$asked($first);
        expect($asked($state))->not->toBe($asked($first))->and($first->streaks)->toBe(['l' => 1])
            ->and(known($game, $first))->toContain('"right":1')->not->toContain('match');
        $state = $answer($first, 'n');
        expect($state->triesOn('l'))->toBe($try + 1)->and($state->streaks)->toBe([]);
    }
    expect(count(array_unique($orders)))->toBeGreaterThan(2)
        ->and($answer($answer($answer($state, 'y'), 'y'), 'y')->isOpen('l'))->toBeTrue()
        ->and(Playing::act($game, $state, Action::of(['answer' => 'l', 'with' => 'y9']), 0)->isRefused())->toBeTrue()
        ->and(View::of($game, $answer($answer($answer($state, 'y'), 'y'), 'y'), 0)->things[0]['rounds'])
        ->toHaveCount(3);
});

it('goes on with a play that was kept before films had stops', function (): void {
    $game = Games::of([['id' => 'a', 'things' => [[
        'id' => 'clip', 'kind' => 'clip', 'asset' => 'x',
        'cues' => [['id' => 'cue', 'at' => 3, 'things' => [['id' => 'in', 'kind' => 'text', 'md' => 'In.']]]],
    ]]]]);
    $old = array_diff_key(Plays::through($game, [])->state->toArray(), ['film' => 0, 'streaks' => 0]);
    $state = Playing::act($game, PlayState::fromArray($old), Action::of(['cue' => 'cue']), 0)->state;

    expect(array_column(View::of($game, $state, 0)->things, 'id'))->toBe(['clip', 'in'])
        ->and($state->film)->toBe([]);
});

it('takes its stops along when it is copied or deleted, and leads on what led to its moments', function (): void {
    $game = Games::of([
        ['id' => 'hall', 'things' => [Games::choice('watch', ['go' => 'late'])]],
        ...FilmGames::lens()->document['scenes'],
    ]);
    $copied = Commands::read(['duplicate' => ['film']], $game)->apply($game)->game;
    $stops = array_filter(array_column($copied->document['scenes'], 'stop', 'id'));
    $left = Commands::read(['deleteScene' => 'film', 'lead' => 'out'], $game)->apply($game)->game;

    expect($stops)->toHaveCount(6)->and(array_unique(array_column($stops, 'clip')))->toHaveCount(2)
        ->and(array_column(Validation::ofReferences($copied->document), 'code'))
        ->toBe(['reference.missing', 'reference.missing'])
        ->and($left->sceneIds())->toBe(['hall', 'out'])
        ->and($left->scene('hall')->things[0]->react[0]->go->to)->toBe('out');
});

it('tells how often a passage was seen again, and takes a right round for no answer yet', function (): void {
    $game = FilmGames::lens();
    $wrong = ['answer' => 'bends', 'with' => 'once'];
    $log = static function (array $sent) use ($game): PlayLog {
        $kept = [];
        $state = Plays::through($game, [])->state;
        foreach ($sent as $at => $action) {
            $outcome = Playing::act($game, $state, Action::of($action), $at);
            $state = $outcome->state;
            $kept[] = ['at' => $at, 'what' => new Happening($action, $outcome->eventList())];
        }
        $kept[] = [
            'at' => 99, 'what' => new Happening(['answer' => 'beam'], [['answered', 'beam', 'round', 'r1']]),
        ];

        return PlayLog::of('p', 'Mia', 0, null, $state, $kept);
    };
    $logs = [$log([ASKS, $wrong, ASKS, $wrong]), $log([ASKS, $wrong]), $log([['choose' => 'jump']])];

    expect(array_map(
        static fn (PassageReport $one): array => [$one->moment->id, $one->plays, $one->times],
        PassageReport::all($game, $logs),
    ))->toBe([['edges', 2, 3], ['late', 1, 1]])
        ->and($logs[0]->answered())->toBe(['bends' => true]);
});

it('is not left while a stop is open: nothing happens on going on, and the way back is the same', function (): void {
    $lens = FilmGames::lens()->document['scenes'];
    $lens[0] += ['back' => true, 'arrive' => [['do' => [['add' => 'n', 'by' => 1]]]]];
    $game = Games::of(
        [['id' => 'hall', 'things' => [Games::choice('watch', ['go' => 'film'])]], ...$lens],
        ['tallies' => [['id' => 'n', 'name' => 'N', 'start' => 0]]],
    );
    $state = Plays::through(
        $game, [['choose' => 'watch'], ASKS, ['answer' => 'bends', 'with' => 'twice'], ON, ['back' => true]],
    )->state;

    expect([$state->scene, $state->tally('n')])->toBe(['hall', 1]);
});

it('asks only what is shown to the student, and a mere moment is followed by the film alone', function (): void {
    $go = ['otherwise' => [['go' => 'plain']]];
    $game = Games::of([
        ['id' => 'film', 'things' => [[
            'id' => 'clip', 'kind' => 'clip', 'asset' => 'x', 'moments' => [['id' => 'plain', 'at' => 5]],
        ]]],
        ['id' => 'one', 'stop' => ['clip' => 'clip', 'at' => 5], 'things' => [
            Games::lock('l', 'yes', $go), Games::lock('hidden', 'yes', ['if' => ['has' => 't']]),
        ]],
        ['id' => 'two', 'stop' => ['clip' => 'clip', 'at' => 9]],
    ], ['tokens' => [['id' => 't', 'name' => 'T', 'kind' => 'item']]]);
    $wrong = [['cue' => 'one'], ['answer' => 'l', 'with' => 'no']];
    $right = [['cue' => 'one'], ['answer' => 'l', 'with' => 'yes'], ON];

    expect(Plays::through($game, $wrong)->state->film['clip']['then'])->toBeNull()
        ->and(Plays::through($game, [...$wrong, ['cue' => 'two']])->state->scene)->toBe('film')
        ->and(Plays::through($game, [...$right, ['cue' => 'two']])->state->scene)->toBe('two');
});

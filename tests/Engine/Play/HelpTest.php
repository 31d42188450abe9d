<?php

declare(strict_types=1);

use Fravel\Document\GameDocument;
use Fravel\Play\Fit;
use Fravel\Play\Help;
use Fravel\Play\Playing;
use Fravel\Report\Need;
use Fravel\State\PlayState;
use Tests\Support\Games;

/** A lock with two hints, a gate behind it, and a cover that the lock lifts. */
function cellar(): GameDocument
{
    $hints = [['md' => 'Look up.', 'after' => ['tries' => 'door', 'is' => '>=', 'value' => 9]], ['md' => 'Look down.']];

    return Games::of([
        ['id' => 'hall', 'things' => [
            Games::lock('door', 'gannet', ['hints' => $hints], ['go' => 'attic', 'do' => [['give' => 'key']]]),
            ['id' => 'lid', 'kind' => 'cover', 'opens' => 'lock', 'lock' => 'door', 'back' => ['md' => 'x']],
        ]],
        ['id' => 'attic', 'needs' => ['has' => 'key']],
    ], ['tokens' => [['id' => 'key', 'name' => 'Key', 'kind' => 'item']]]);
}

/** @return list<string> kinds of events */
function happened(Fravel\Play\Outcome $outcome): array
{
    return array_column($outcome->eventList(), 0);
}

it('gives the next hint whenever the teacher says so, and no more than there are', function (): void {
    [$game, $state] = [cellar(), Playing::start(cellar(), 1, 0)->state];
    $first = Help::hint($game, $state, 'door', 0);
    $second = Help::hint($game, $first->state, 'door', 0);

    expect([$first->state->hinted, $second->state->hinted])->toBe([['door' => 1], ['door' => 2]])
        ->and(Help::hint($game, $second->state, 'door', 0)->isRefused())->toBeTrue()
        ->and(Help::hint($game, $state, 'gone', 0)->isRefused())->toBeTrue();
});

it('opens a lock with all that its answer does where the student is before it, else by itself', function (): void {
    [$game, $state] = [cellar(), Playing::start(cellar(), 1, 0)->state];
    $here = Help::open($game, $state, 'door', 0);
    $away = Help::open($game, Help::move($game, $state, 'attic', 0)->state, 'door', 0);

    expect($here->state->scene)->toBe('attic')->and($here->state->tokens)->toBe(['key'])
        ->and($here->state->isLifted('lid'))->toBeTrue()
        ->and($away->state->isOpen('door'))->toBeTrue()->and($away->state->tokens)->toBe([])
        ->and(happened($away))->not->toContain('entered')
        ->and(Help::open($game, $here->state, 'door', 0)->isRefused())->toBeTrue();
});

it('moves a play anywhere, whatever a scene needs', function (): void {
    [$game, $state] = [cellar(), Playing::start(cellar(), 1, 0)->state];
    expect(Help::move($game, $state, 'attic', 0)->state->scene)->toBe('attic')
        ->and(Help::move($game, $state, 'gone', 0)->isRefused())->toBeTrue()
        ->and(Help::move($game, $state, 'hall', 0)->isRefused())->toBeTrue();
});

it('says who is stuck by the class’s own times, and by tries', function (): void {
    $game = cellar();
    $state = Playing::start($game, 1, 0)->state;
    $tried = static fn (PlayState $of, int $times): PlayState => array_reduce(
        range(1, $times), static fn (PlayState $now): PlayState => $now->mark('door', 'wrong', true), $of,
    );
    $need = static fn (PlayState $of, int $seconds, array $medians = []): Need => Need::of(
        $game, $of, $seconds, 0, $medians,
    );

    expect($need($state, 130, ['door' => 60])->isStuck)->toBeTrue()
        ->and($need($state, 130, ['door' => 300])->isStuck)->toBeFalse()
        ->and($need($state, 90, ['door' => 10])->isStuck)->toBeFalse()
        ->and($need($tried($state, 4), 20)->isStuck)->toBeTrue()
        ->and([$need($tried($state, 2), 20)->tries, $need($state, 20)->lock])->toBe([2, 'door'])
        ->and($need($state, 600)->worth)->toBeGreaterThan($need($state, 200)->worth)
        ->and($need($state->end('won'), 9999)->isStuck)->toBeFalse();
});

it('knows whether a play fits another edition: its scene, what it opened and lifted, what it holds', function (): void {
    $game = cellar();
    $state = Help::open($game, Playing::start($game, 1, 0)->state, 'door', 0)->state;
    $without = static function (callable $change) use ($game): GameDocument {
        return GameDocument::of($change($game->document));
    };
    $later = $without(static function (array $document): array {
        array_unshift($document['scenes'][0]['things'][0]['rules'], ['match' => ['equals' => 'tern'], 'say' => 'No.']);

        return $document;
    });

    expect(Fit::isIn($game, $state))->toBeTrue()->and(Fit::isIn($later, $state))->toBeFalse()
        ->and(Fit::isIn($without(static fn (array $it): array => ['tokens' => []] + $it), $state))->toBeFalse()
        ->and(Fit::isIn($without(static fn (array $it): array => ['scenes' => [$it['scenes'][0]]] + $it), $state))
        ->toBeFalse();
});

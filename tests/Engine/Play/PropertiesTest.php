<?php

use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Play\Playing;
use Fravel\Play\View;
use Fravel\State\Action;
use Fravel\State\Event;
use Fravel\Support\Json;
use Tests\Support\Plays;
use Tests\Support\RandomGames;

/** Seeds of games and plays; a failing one names itself. */
dataset('seeds', range(1, 60));

it('draws games that are valid', function (int $seed): void {
    $document = (new RandomGames($seed))->document();

    expect(Validation::ofShape($document))->toBe([])->and(Validation::ofReferences($document))->toBe([]);
})->with('seeds');

it('gives the same bytes for the same game, seed, actions and times', function (int $seed): void {
    $play = static function () use ($seed): string {
        $drawn = new RandomGames($seed);
        $outcome = Plays::through(GameDocument::of($drawn->document()), $drawn->actions(40), $seed);

        return Json::write([$outcome->eventList(), $outcome->state->toArray()]);
    };

    expect($play())->toBe($play());
})->with('seeds');

it('leaves the state on a refusal, and an open lock open unless an effect closes it', function (int $seed): void {
    $drawn = new RandomGames($seed);
    $game = GameDocument::of($drawn->document());
    $closes = preg_match('/"(close|forget)":/', Json::write($game->document)) === 1;
    $state = Playing::start($game, $seed, 0)->state;
    foreach ($drawn->actions(60) as $now => $sent) {
        $outcome = Playing::act($game, $state, Action::of($sent), $now);
        if ($outcome->isRefused()) {
            expect($outcome->state)->toBe($state);
        }
        if (! $closes) {
            expect(array_diff($state->open, $outcome->state->open))->toBe([]);
        }
        $state = $outcome->state;
    }
    expect($state->scene)->not->toBe('');
})->with('seeds');

it('never shows what is not earned', function (int $seed): void {
    $drawn = new RandomGames($seed);
    $game = GameDocument::of($drawn->document());
    $state = Playing::start($game, $seed, 0)->state;
    foreach ($drawn->actions(40) as $now => $sent) {
        $state = Playing::act($game, $state, Action::of($sent), $now)->state;
        $shown = Json::write(View::of($game, $state, $now)->toArray());
        expect($shown)->not->toContain('"rules"')->not->toContain('"match"')->not->toContain('"otherwise"');
        // The right answer is shown to nobody but who gave it.
        expect(isset($state->answers["{$state->scene}-lock"]) || ! str_contains($shown, '"yes"'))->toBeTrue();
        foreach (['s0', 's1', 's2', 's3', 's4'] as $scene) {
            $isHere = $state->scene === $scene;
            expect(str_contains($shown, "hidden-{$scene}"))->toBe($isHere && $state->isLifted("{$scene}-lid"))
                ->and(str_contains($shown, "hint-{$scene}"))
                ->toBe($isHere && ($state->hinted["{$scene}-lock"] ?? 0) > 0)
                ->and($isHere || ! str_contains($shown, "\"{$scene}-"))->toBeTrue();
        }
    }
})->with('seeds');

it('makes an event of every change, and none of what stays', function (int $seed): void {
    $drawn = new RandomGames($seed);
    $outcome = Plays::through(GameDocument::of($drawn->document()), $drawn->actions(50), $seed);
    $held = [];
    foreach ($outcome->events as $event) {
        $held = match ($event->kind->value) {
            'given' => [...$held, $event->arguments[0]],
            'taken' => array_diff($held, [$event->arguments[0]]),
            default => $held,
        };
    }

    expect(array_values($held))->toBe($outcome->state->tokens)
        ->and(Event::between($outcome->state, $outcome->state))->toBe([]);
})->with('seeds');

<?php

declare(strict_types=1);

namespace Fravel\Play;

use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\Route;
use Fravel\Effect\Effect;
use Fravel\State\Action;
use Fravel\State\Event;
use Fravel\State\EventKind;
use Fravel\State\PlayState;
use Fravel\Thing\Lock;

/**
 * Plays a game. Pure: the same game, seed, actions and times give the same result, byte for byte.
 *
 * Times are whole seconds since 1970. An action that is not possible now changes nothing and yields one `refused`
 * event: a reason, and arguments for its words.
 *
 * @pure
 */
final class Playing
{
    public static function start(GameDocument $game, int $seed, int $now, string $player = ''): Outcome
    {
        $tallies = array_map(static fn ($tally): int|float => $tally->start, $game->tallies());
        $step = new Step($game, PlayState::begin($tallies, $seed, $now, $player), $now);
        $step->follow(new Route($game->start()));

        return $step->outcome();
    }

    /**
     * From any scene, holding some tokens and with tallies as they are given; for rehearsing.
     *
     * @param  list<string>  $tokens
     * @param  array<string, int|float>  $tallies  those not named stand as they start
     */
    public static function startAt(
        GameDocument $game,
        string $scene,
        array $tokens,
        array $tallies,
        int $seed,
        int $now,
        string $player = '',
    ): Outcome {
        $starts = array_map(static fn ($tally): int|float => $tally->start, $game->tallies());
        $state = PlayState::begin([...$starts, ...array_intersect_key($tallies, $starts)], $seed, $now, $player);
        foreach (array_intersect($tokens, array_keys($game->tokens())) as $token) {
            $state = $state->give($token);
        }
        $step = new Step($game, $state, $now);
        $step->follow(new Route($scene));

        return $step->outcome();
    }

    /** @param  bool  $isWatched  whether a teacher reads the answers that wait for one; else they open at once */
    public static function act(
        GameDocument $game, PlayState $state, Action $action, int $now, bool $isWatched = false,
    ): Outcome {
        if ($state->ended !== null) {
            return self::refuse($state, 'play.ended');
        }
        $step = new Step($game, $state, $now, $isWatched);
        $outcome = match ($action->verb) {
            'back' => self::back($game, $step),
            'continue' => self::goOn($game, $step),
            default => self::onThing($game, $step, $action, $now),
        };

        return $outcome->state !== $state && $outcome->state->isBeyondCounting()
            ? self::refuse($state, 'tally.overflow')
            : $outcome;
    }

    /** With something that stands in the scene now, or with all of its covers. */
    private static function onThing(GameDocument $game, Step $step, Action $action, int $now): Outcome
    {
        if ($action->verb === 'lower' && $action->on === $step->state()->scene) {
            return self::coverAgain($game, $step, $now);
        }
        foreach ($game->scene($step->state()->scene)?->shown($step->state(), $now) ?? [] as $thing) {
            if ($thing->isMeantBy($action)) {
                $thing->act($action, $step);

                return $step->outcome();
            }
        }

        return self::refuse($step->state(), 'thing.absent');
    }

    /** Everything in the scene that may be covered again is. */
    private static function coverAgain(GameDocument $game, Step $step, int $now): Outcome
    {
        foreach ($game->scene($step->state()->scene)?->shown($step->state(), $now) ?? [] as $thing) {
            $lower = Action::of(['lower' => $thing->id]);
            if ($lower !== null && $thing->mayTake() && $step->state()->isLifted($thing->id)) {
                $thing->act($lower, $step);
            }
        }

        return $step->outcome();
    }

    /**
     * What comes of an answer that this rule catches, or none; for searches that need no answer to try.
     *
     * @param  list<Effect>  $effects  of what the answer picks
     */
    public static function caughtBy(
        GameDocument $game,
        PlayState $state,
        Lock $lock,
        ?int $index,
        array $effects,
        int $now,
    ): Outcome {
        $step = new Step($game, $state, $now);
        $lock->judge($step, $index, $effects);

        return $step->outcome();
    }

    /** What comes of a reaction by itself, whether its condition holds or not; for searches. */
    public static function fired(GameDocument $game, PlayState $state, Reaction $reaction, int $now): Outcome
    {
        $step = new Step($game, $state, $now);
        $step->fire([new Reaction(null, '', $reaction->effects, $reaction->go)]);

        return $step->outcome();
    }

    private static function back(GameDocument $game, Step $step): Outcome
    {
        $state = $step->state();
        if (! ($game->scene($state->scene)->back ?? false) || ! isset($state->from[$state->scene])) {
            return self::refuse($state, 'back.none');
        }
        $step->follow(new Route(Route::BACK));

        return $step->outcome();
    }

    private static function goOn(GameDocument $game, Step $step): Outcome
    {
        $scene = $game->scene($step->state()->scene);
        $next = $scene->next ?? [];
        $reason = $next === [] ? 'continue.none' : $scene?->heldUpBy($step->state(), $step->now());
        if ($reason !== null) {
            return self::refuse($step->state(), $reason);
        }
        $step->fire($next);

        return $step->outcome();
    }

    /** @param  array<string, string|int>  $arguments */
    private static function refuse(PlayState $state, string $reason, array $arguments = []): Outcome
    {
        return new Outcome($state, [Event::of(EventKind::Refused, $reason, $arguments)]);
    }
}

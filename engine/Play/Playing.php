<?php

declare(strict_types=1);

namespace Fravel\Play;

use Fravel\Answer\Input\Options;
use Fravel\Answer\Refusal;
use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\Route;
use Fravel\Effect\Effect;
use Fravel\State\Event;
use Fravel\State\EventKind;
use Fravel\State\PlayState;
use Fravel\State\Verdict;
use Fravel\Thing\Choice;
use Fravel\Thing\Clip;
use Fravel\Thing\Cover;
use Fravel\Thing\Lock;
use Fravel\Thing\Thing;

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
    public static function startAt(GameDocument $game, string $scene, array $tokens, array $tallies, int $seed, int $now, string $player = ''): Outcome
    {
        $starts = array_map(static fn ($tally): int|float => $tally->start, $game->tallies());
        $state = PlayState::begin([...$starts, ...array_intersect_key($tallies, $starts)], $seed, $now, $player);
        foreach (array_intersect($tokens, array_keys($game->tokens())) as $token) {
            $state = $state->give($token);
        }
        $step = new Step($game, $state, $now);
        $step->follow(new Route($scene));

        return $step->outcome();
    }

    public static function act(GameDocument $game, PlayState $state, Action $action, int $now): Outcome
    {
        if ($state->ended !== null) {
            return self::refuse($state, 'play.ended');
        }
        $step = new Step($game, $state, $now);
        $outcome = match ($action->verb) {
            'back' => self::back($game, $step),
            'continue' => self::goOn($game, $step),
            'cue' => self::cue($game, $step, $action->on, $now),
            default => self::onThing($game, $step, $action, $now),
        };

        return $outcome->state !== $state && $outcome->state->isBeyondCounting() ? self::refuse($state, 'tally.overflow') : $outcome;
    }

    private static function onThing(GameDocument $game, Step $step, Action $action, int $now): Outcome
    {
        $thing = self::find($game, $step->state(), $action->on, $now);

        return match (true) {
            $thing === null => self::refuse($step->state(), 'thing.absent'),
            $action->verb === 'choose' && $thing instanceof Choice => self::choose($step, $thing),
            $action->verb === 'choose' && $thing instanceof Lock => self::passOpened($step, $thing),
            $action->verb === 'answer' && $thing instanceof Lock => self::answer($game, $step, $thing, $action->with, $now),
            $action->verb === 'hint' && $thing instanceof Lock => self::hint($step, $thing, $now),
            $action->verb === 'lift' && $thing instanceof Cover => self::lift($step, $thing),
            $action->verb === 'lower' && $thing instanceof Cover => self::lower($step, $thing),
            default => self::refuse($step->state(), 'thing.other'),
        };
    }

    private static function choose(Step $step, Choice $choice): Outcome
    {
        $step->fire($choice->react);

        return $step->outcome();
    }

    /** An open lock may be passed again: by what its place does, else by where it led when it opened. */
    private static function passOpened(Step $step, Lock $lock): Outcome
    {
        $state = $step->state();
        $route = $lock->routeWhenOpen($state);
        if (! $state->isOpen($lock->id) || ($lock->opened === [] && $route === null)) {
            return self::refuse($state, 'lock.shut');
        }
        $lock->opened === [] ? $step->follow($route) : $step->fire($lock->opened);

        return $step->outcome();
    }

    private static function answer(GameDocument $game, Step $step, Lock $lock, mixed $sent, int $now): Outcome
    {
        $state = $step->state();
        if ($state->isOpen($lock->id)) {
            return self::refuse($state, 'lock.open');
        }
        if ($lock->needs !== null && ! $lock->needs->holds($state, $now)) {
            return self::refuse($state, 'lock.not-ready');
        }
        $wait = $lock->waitIn($state, $now);
        if ($wait > 0) {
            return self::refuse($state, 'lock.guarded', ['seconds' => $wait]);
        }
        $answer = $lock->accept($sent, $game->language());
        if ($answer instanceof Refusal) {
            return self::refuse($state, $answer->code, $answer->arguments);
        }
        self::judge($step, $lock, $lock->ruleFor($answer), $lock->input instanceof Options ? $lock->input->effectsOf($answer) : [], $now);

        return $step->outcome();
    }

    /**
     * What comes of an answer that this rule catches, or none; for searches that need no answer to try.
     *
     * @param  list<Effect>  $effects  of what the answer picks
     */
    public static function caughtBy(GameDocument $game, PlayState $state, Lock $lock, ?int $index, array $effects, int $now): Outcome
    {
        $step = new Step($game, $state, $now);
        self::judge($step, $lock, $index, $effects, $now);

        return $step->outcome();
    }

    /** What comes of a reaction by itself, whether its condition holds or not; for searches. */
    public static function fired(GameDocument $game, PlayState $state, Reaction $reaction, int $now): Outcome
    {
        $step = new Step($game, $state, $now);
        $step->fire([new Reaction(null, '', $reaction->effects, $reaction->go)]);

        return $step->outcome();
    }

    /** @param  list<Effect>  $effects  of what the answer picks */
    private static function judge(Step $step, Lock $lock, ?int $index, array $effects, int $now): void
    {
        $rule = $index === null ? null : $lock->rules[$index];
        $verdict = $rule->verdict ?? Verdict::Wrong;
        $step->note(EventKind::Answered, $lock->id, $verdict->value, $index ?? 'otherwise');
        $verdict->isTry() ? self::countTry($step, $lock, $verdict, $now) : $step->become($step->state()->openLock($lock->id, $index));
        $step->apply($effects);
        $step->fire($rule === null ? $lock->otherwise : [$rule->reaction]);
    }

    private static function countTry(Step $step, Lock $lock, Verdict $verdict, int $now): void
    {
        $state = $step->state()->countTry($lock->id, $verdict);
        if ($lock->guard !== null && $lock->guard->closesAfter($state->triesOn($lock->id))) {
            $state = $state->guard($lock->id, $now + $lock->guard->wait);
        }
        $step->become($state);
    }

    private static function hint(Step $step, Lock $lock, int $now): Outcome
    {
        $state = $step->state();
        $hint = $state->isOpen($lock->id) ? null : $lock->nextHint($state, $now);
        if ($hint === null) {
            return self::refuse($state, 'hint.none');
        }
        $step->note(EventKind::Hinted, $lock->id, $state->hinted[$lock->id] ?? 0);
        $step->become($state->hint($lock->id));
        $step->apply($hint->effects);

        return $step->outcome();
    }

    private static function lift(Step $step, Cover $cover): Outcome
    {
        if (! $cover->isLiftedByHand() || $step->state()->isLifted($cover->id)) {
            return self::refuse($step->state(), $cover->isLiftedByHand() ? 'cover.lifted' : 'cover.locked');
        }
        $step->become($step->state()->lift($cover->id));
        $step->fire($cover->react);

        return $step->outcome();
    }

    private static function lower(Step $step, Cover $cover): Outcome
    {
        if (! $cover->toggle || ! $step->state()->isLifted($cover->id)) {
            return self::refuse($step->state(), 'cover.stays');
        }
        $step->become($step->state()->lower($cover->id));

        return $step->outcome();
    }

    /** A cue is passed once: winding a clip back gives nothing twice. */
    private static function cue(GameDocument $game, Step $step, string $id, int $now): Outcome
    {
        foreach (self::shown($game, $step->state(), $now) as $thing) {
            $cue = $thing instanceof Clip ? $thing->cue($id) : null;
            if ($cue === null) {
                continue;
            }
            $passed = $step->state()->passCue($id);
            if ($passed === $step->state()) {
                return self::refuse($passed, 'cue.passed');
            }
            $step->become($passed);
            $step->fire($cue->react);

            return $step->outcome();
        }

        return self::refuse($step->state(), 'thing.absent');
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
        $next = $game->scene($step->state()->scene)->next ?? [];
        if ($next === []) {
            return self::refuse($step->state(), 'continue.none');
        }
        $step->fire($next);

        return $step->outcome();
    }

    private static function find(GameDocument $game, PlayState $state, string $id, int $now): ?Thing
    {
        foreach (self::shown($game, $state, $now) as $thing) {
            if ($thing->id === $id) {
                return $thing;
            }
        }

        return null;
    }

    /** @return list<Thing> */
    private static function shown(GameDocument $game, PlayState $state, int $now): array
    {
        return $game->scene($state->scene)?->shown($state, $now) ?? [];
    }

    /** @param  array<string, string|int>  $arguments */
    private static function refuse(PlayState $state, string $reason, array $arguments = []): Outcome
    {
        return new Outcome($state, [Event::of(EventKind::Refused, $reason, $arguments)]);
    }
}

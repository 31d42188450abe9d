<?php

declare(strict_types=1);

namespace Fravel\Play;

use Fravel\Document\GameDocument;
use Fravel\State\Event;
use Fravel\State\EventKind;
use Fravel\State\PlayState;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/**
 * What a teacher does for one play: nothing of it is an answer of the student's. Like Playing it is pure, and what is
 * not possible changes nothing and yields one `refused` event.
 *
 * @pure
 */
final class Help
{
    /** The next hint of a lock, whether it may be asked for yet or not; it costs nothing. */
    public static function hint(GameDocument $game, PlayState $state, string $lock, int $now): Outcome
    {
        $given = $state->hinted[$lock] ?? 0;
        $hint = $state->isOpen($lock) ? null : $game->lock($lock)->hints[$given] ?? null;
        if ($hint === null || $state->ended !== null) {
            return self::refused($state, 'hint.none');
        }
        $step = new Step($game, $state, $now);
        $step->note(EventKind::Hinted, $lock, $given);
        $step->become($state->hint($lock));

        return $step->outcome();
    }

    /**
     * Opens a lock: with all that its right answer does where the student is before it, else by itself.
     */
    public static function open(GameDocument $game, PlayState $state, string $lock, int $now): Outcome
    {
        $thing = $game->lock($lock);
        if ($thing === null || $state->isOpen($lock) || $state->ended !== null) {
            return self::refused($state, 'lock.open');
        }
        $rule = self::opening($thing);
        if ($rule !== null && self::isHere($game, $state, $lock, $now)) {
            return Playing::caughtBy($game, $state, $thing, $rule, [], $now);
        }
        $step = new Step($game, $state, $now);
        $step->become($state->openLock($lock, $rule));

        return $step->outcome();
    }

    /** The answer that waits is read and right. */
    public static function accept(GameDocument $game, PlayState $state, string $lock, int $now): Outcome
    {
        return $state->isAwaited($lock)
            ? self::open($game, $state, $lock, $now)
            : self::refused($state, 'lock.open');
    }

    /** The answer that waits is read, and another one is asked for. */
    public static function sendBack(PlayState $state, string $lock, string $words): Outcome
    {
        return $state->isAwaited($lock) && $state->ended === null
            ? new Outcome($state->sendBack($lock, $words), [])
            : self::refused($state, 'lock.open');
    }

    /** Into another scene, whoever it lets in. */
    public static function move(GameDocument $game, PlayState $state, string $scene, int $now): Outcome
    {
        if ($game->scene($scene) === null || $scene === $state->scene || $state->ended !== null) {
            return self::refused($state, 'play.ended');
        }
        $step = new Step($game, $state, $now);
        $step->place($scene);

        return $step->outcome();
    }

    private static function opening(Lock $lock): ?int
    {
        foreach ($lock->rules as $place => $rule) {
            if ($rule->opens()) {
                return $place;
            }
        }

        return null;
    }

    private static function isHere(GameDocument $game, PlayState $state, string $lock, int $now): bool
    {
        $shown = $game->scene($state->scene)?->shown($state, $now) ?? [];

        return in_array($lock, array_column(Things::locks($shown), 'id'), true);
    }

    private static function refused(PlayState $state, string $reason): Outcome
    {
        return new Outcome($state, [Event::of(EventKind::Refused, $reason, [])]);
    }
}

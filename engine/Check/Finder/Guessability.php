<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Answers\Guessing;
use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Scene;
use Fravel\State\Verdict;
use Fravel\Thing\Guard;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/** Locks on something that can be had by trying one answer after the other in less than two minutes. */
final class Guessability implements SceneFinder
{
    private const SECONDS = 120;

    /** The guard that is offered: after so many tries, and no longer than anybody would wait. */
    private const TRIES = 3;

    private const LONGEST_WAIT = 60;

    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $findings = [];
        foreach (Things::locks($scene->things) as $lock) {
            $guessing =
                self::isWorthIt($lock) || $context->isNamed($lock->id)
                    ? Guessing::at($lock, $context->game->language(), $context->effort)
                    : null;
            if ($guessing === null || $guessing->seconds($lock->guard) >= self::SECONDS) {
                continue;
            }
            $words = $context->placeOf($lock, $scene) + [
                'guesses' => (int) ceil($guessing->guesses),
                'seconds' => (int) ceil($guessing->seconds($lock->guard)),
            ];
            $wait = self::waitFor($guessing, $lock->guard);
            $findings[] = Finding::warning('lock.guessable', [$lock->id, $scene->id], $words)->mendedBy(
                $wait === null ? null : $context->mends->guard($lock->id, self::TRIES, $wait),
                $lock->guard === null ? null : 'lock.guessable.longer',
            );
        }

        return $findings;
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return $context->namedIn($scene);
    }

    /** Whether something comes of opening it; a question that only says how right one was may be guessed at. */
    private static function isWorthIt(Lock $lock): bool
    {
        foreach ($lock->rules as $rule) {
            if ($rule->verdict === Verdict::Open && ($rule->reaction->effects !== [] || $rule->reaction->go !== null)) {
                return true;
            }
        }

        return $lock->opened !== [];
    }

    /** Seconds that make guessing too long; null when no fair wait does, or none longer than the one that is there. */
    private static function waitFor(Guessing $guessing, ?Guard $now): ?int
    {
        // A pause that is there already is made longer, or left as it is.
        for ($wait = 10 * intdiv($now->wait ?? 0, 10) + 10; $wait <= self::LONGEST_WAIT; $wait += 10) {
            if ($guessing->seconds(new Guard(self::TRIES, $wait)) >= self::SECONDS) {
                return $wait;
            }
        }

        return null;
    }
}

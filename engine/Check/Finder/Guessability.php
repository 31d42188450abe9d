<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Answers\Guessing;
use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Scene;
use Fravel\State\Verdict;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/** Locks on something that can be had by trying one answer after the other in less than two minutes. */
final class Guessability implements SceneFinder
{
    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $findings = [];
        foreach (Things::locks($scene->things) as $lock) {
            $guessing =
                self::dependsOn($lock) || $context->isWanted($lock->id)
                    ? Guessing::at($lock, $context->game->language(), $context->effort)
                    : null;
            if ($guessing === null || ! $guessing->isTooSoon($lock->guard)) {
                continue;
            }
            $words = $context->placeOf($lock, $scene) + [
                'guesses' => (int) ceil($guessing->guesses),
                'seconds' => (int) ceil($guessing->seconds($lock->guard)),
            ];
            $guard = $guessing->fairGuard($lock->guard);
            $findings[] = Finding::warning('lock.guessable', [$lock->id, $scene->id], $words)->mendedBy(
                $guard === null ? null : $context->mends->guard($lock->id, $guard->tries, $guard->wait),
                $lock->guard === null ? null : 'lock.guessable.longer',
            );
        }

        return $findings;
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return implode(',', array_map(
            static fn (Lock $lock): string => $context->isWanted($lock->id) ? $lock->id : '',
            Things::locks($scene->things),
        ));
    }

    /** Whether something comes of opening it; a question that only says how right one was may be guessed at. */
    public static function dependsOn(Lock $lock): bool
    {
        foreach ($lock->rules as $rule) {
            if ($rule->verdict === Verdict::Open && ($rule->reaction->effects !== [] || $rule->reaction->go !== null)) {
                return true;
            }
        }

        return $lock->opened !== [];
    }
}

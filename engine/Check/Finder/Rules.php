<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Answers\Hiding;
use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Scene;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/** Rules that earlier ones hide, and locks that nothing opens. */
final class Rules implements SceneFinder
{
    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $findings = [];
        foreach (Things::locks($scene->things) as $lock) {
            $words = $context->placeOf($lock, $scene);
            $hidden = array_filter(
                array_keys($lock->rules),
                static fn (int $index): bool => Hiding::isHidden(
                    $lock,
                    $index,
                    $context->game->language(),
                    $context->effort,
                ),
            );
            foreach ($hidden as $index) {
                $findings[] = Finding::error('rule.hidden', [$lock->id, $scene->id], $words + ['rule' => $index + 1])
                    ->about($lock->rules[$index]->match->said())
                    ->mendedBy($context->mends->moveRuleFirst($lock->id, $index));
            }
            if (isset($context->reach->unsure[$lock->id])) {
                $findings[] = Finding::warning('lock.undecided', [$lock->id, $scene->id], $words);
            }
            $neverAsked =
                $context->reach->isComplete &&
                isset($context->reach->scenes[$scene->id]) &&
                $lock->needs !== null &&
                ! isset($context->reach->ready[$lock->id]);
            if (! $context->isOpenedByEffect($lock->id) && ($neverAsked || ! self::canOpen($lock, $hidden, $context))) {
                $findings[] = Finding::error('lock.never-opens', [$lock->id, $scene->id], $words)->mendedBy(
                    $neverAsked ? $context->mends->leaveOut($lock->id, 'needs') : null,
                );
            }
        }

        return $findings;
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return $context->namedIn($scene)." {$context->reachedIn($scene)}";
    }

    /** @param  array<int, int>  $hidden  indexes of rules */
    private static function canOpen(Lock $lock, array $hidden, CheckContext $context): bool
    {
        foreach ($lock->rules as $index => $rule) {
            if (
                $rule->opens() &&
                ! in_array($index, $hidden, true) &&
                ! Hiding::isImpossible($lock, $index, $context->game->language(), $context->effort)
            ) {
                return true;
            }
        }

        return false;
    }
}

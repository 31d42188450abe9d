<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Answers\Hiding;
use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Thing\Lock;

/** Rules that earlier ones hide, and locks that nothing opens. */
final class Rules implements Finder
{
    public static function find(CheckContext $context): array
    {
        $findings = [];
        $opened = self::openedByEffects($context);
        foreach ($context->locks() as ['scene' => $scene, 'lock' => $lock]) {
            $words = $context->placeOf($lock, $scene);
            $hidden = array_filter(array_keys($lock->rules), static fn (int $index): bool => Hiding::isHidden($lock, $index, $context->game->language(), $context->effort));
            foreach ($hidden as $index) {
                $findings[] = Finding::error('rule.hidden', [$lock->id, $scene->id], $words + ['rule' => $index + 1])->mendedBy($context->mends->moveRuleFirst($lock->id, $index));
            }
            if (isset($context->reach->unsure[$lock->id])) {
                $findings[] = Finding::warning('lock.undecided', [$lock->id, $scene->id], $words);
            }
            $neverAsked = $context->reach->isComplete && isset($context->reach->scenes[$scene->id]) && $lock->needs !== null && ! isset($context->reach->ready[$lock->id]);
            if (! isset($opened[$lock->id]) && ($neverAsked || ! self::canOpen($lock, $hidden, $context))) {
                $findings[] = Finding::error('lock.never-opens', [$lock->id, $scene->id], $words)->mendedBy($neverAsked ? $context->mends->leaveOut($lock->id, 'needs') : null);
            }
        }

        return $findings;
    }

    /** @param  array<int, int>  $hidden  indexes of rules */
    private static function canOpen(Lock $lock, array $hidden, CheckContext $context): bool
    {
        foreach ($lock->rules as $index => $rule) {
            if ($rule->opens() && ! in_array($index, $hidden, true) && ! Hiding::isImpossible($lock, $index, $context->game->language(), $context->effort)) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, true> */
    private static function openedByEffects(CheckContext $context): array
    {
        $opened = [];
        foreach ($context->references as $reference) {
            if ($reference->kind === 'lock' && $reference->field() === 'open' && in_array('do', $reference->path, true)) {
                $opened[$reference->id] = true;
            }
        }

        return $opened;
    }
}

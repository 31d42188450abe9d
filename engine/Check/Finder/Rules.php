<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Answer\Answer;
use Fravel\Check\Answers\Hiding;
use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Scene;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/** Rules that earlier ones hide or meet, and locks that nothing opens, or nothing that a key types. */
final class Rules implements SceneFinder
{
    /** Answers of a rule that are held against the rules before it. */
    private const NAMED = 20;

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
            $lacking = self::lacking($lock, $hidden, $context);
            if ($lacking !== null) {
                $findings[] = Finding::error('lock.untypable', [$lock->id, $scene->id], $words + ['sign' => $lacking])
                    ->mendedBy($context->mends->takeAsTyped($lock, $context->game->language()));
            }
            array_push($findings, ...self::meeting($lock, $scene, $context));
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

    /**
     * A sign that no key types though every answer needs it; null where some answer can be typed, or none is known.
     *
     * @param  array<int, int>  $hidden  indexes of rules
     */
    private static function lacking(Lock $lock, array $hidden, CheckContext $context): ?string
    {
        $language = $context->game->language();
        foreach ($lock->rounds as $round) {
            $alone = $round->alone($lock);
            $sign = Hiding::lacking($alone, 0, $language, $context->effort);
            if ($sign !== null) {
                return $sign;
            }
        }
        $found = null;
        foreach ($lock->rounds === [] ? $lock->rules : [] as $index => $rule) {
            if ($rule->opens() && ! in_array($index, $hidden, true)) {
                $sign = Hiding::lacking($lock, $index, $language, $context->effort);
                if ($sign === null) {
                    return null;
                }
                $found ??= $sign;
            }
        }

        return $found;
    }

    /**
     * Rules of which each takes what another names, since answers are taken as they were meant.
     *
     * @return list<Finding>
     */
    private static function meeting(Lock $lock, Scene $scene, CheckContext $context): array
    {
        $findings = [];
        foreach ($lock->clean->meant->isAny() && count($lock->rules) > 1 ? $lock->rules : [] as $index => $rule) {
            foreach ($rule->match->isLiteral() ? array_slice($rule->match->samples(), 0, self::NAMED) : [] as $sent) {
                $context->effort->spend(5 + count($lock->rules));
                $answer = $lock->accept($sent, $context->game->language());
                $other = $answer instanceof Answer ? self::wouldCatch($lock, $answer, $index) : null;
                if ($other !== null && is_string($sent)) {
                    $findings[] = Finding::warning('rule.meets', [$lock->id, $scene->id], [
                        'rule' => $index + 1, 'other' => $other + 1, 'answer' => $sent,
                    ] + $context->placeOf($lock, $scene));
                    break;
                }
            }
        }

        return $findings;
    }

    /** An earlier rule with another verdict that takes it only as it was meant. */
    private static function wouldCatch(Lock $lock, Answer $answer, int $index): ?int
    {
        foreach (array_slice($lock->rules, 0, $index) as $earlier => $rule) {
            if (
                $rule->verdict !== $lock->rules[$index]->verdict
                && $rule->match->matches($answer)
                && ! $rule->match->matches(new Answer($answer->value, $answer->cleaning->asWritten()))
            ) {
                return $earlier;
            }
        }

        return null;
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

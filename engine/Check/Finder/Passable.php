<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\CheckMemo;
use Fravel\Check\Finding;
use Fravel\Check\Search\Exploration;
use Fravel\Check\Unopened;
use Fravel\Condition\Condition;
use Fravel\Condition\Need;
use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;
use Fravel\Document\Scene;
use Fravel\Document\Trigger;
use Fravel\Edit\Command;
use Fravel\State\Fact;
use Fravel\Thing\Lock;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/**
 * Locks that students may leave shut and come to an ending all the same: by going on, by a choice, by a jump past the
 * stop they stand in. What a lock's own rules lead to when it stays shut is meant.
 */
final class Passable
{
    /** States that a game without the lock is looked at. */
    private const BUDGET = 2000;

    /** Locks that are looked at closely: a game with more of them beside an open way has been told enough. */
    private const MOST = 60;

    /**
     * @param  array<string, true>  $told  locks of which it is said already
     * @return list<Finding>
     */
    public static function find(CheckContext $context, array $told): array
    {
        $findings = [];
        $looked = 0;
        $endings = self::endings($context);
        $needed = $context->detours()->needed($endings, $context->effort);
        if ($needed === null) {
            return [];
        }
        // What one search learned of a scene holds in the next, which leaves another lock shut.
        $memo = $context->memo?->next() ?? new CheckMemo();
        foreach ($context->locks() as ['scene' => $scene, 'lock' => $lock]) {
            $context->effort->spend();
            if (
                isset($told[$lock->id]) || isset($needed[$lock->id]) || $scene->ending !== null
                || $context->isOutOfReach($scene) || $context->isOpenedElsewhere($lock->id)
            ) {
                continue;
            }
            $ways = self::waysPast($scene, $lock);
            $isLooked = $ways !== [] && ++$looked <= self::MOST;
            if ($isLooked && self::isEndedWithout($lock, $endings, $context, $memo)) {
                $findings[] = self::finding($scene, $lock, $ways, $context);
            }
        }

        return $findings;
    }

    /** @param  list<string>  $ways  what leads past it */
    private static function finding(Scene $scene, Lock $lock, array $ways, CheckContext $context): Finding
    {
        $into = Exploration::wayInto($context->game, $scene->id, $context->statesOf(self::BUDGET), $context->effort);
        $way = $ways[0] === '' ? '' : $context->calls($ways[0]);
        [$mend, $as] = count($ways) === 1 ? self::mend($scene, $lock, $ways[0], $context) : [null, null];
        $finding = Finding::warning('lock.passable', [$lock->id, $scene->id], [
            'by' => $way === '' ? 0 : 1, 'way' => $way,
        ] + $context->placeOf($lock, $scene))->mendedBy($mend, $as);

        return $into === null ? $finding : $finding->shownBy($into);
    }

    /** @return array{Command|null, string|null} where one way alone leads past it: what shuts that, and its words */
    private static function mend(Scene $scene, Lock $lock, string $way, CheckContext $context): array
    {
        if ($way !== '') {
            return [$context->mends->showOnceOpen($way, $lock->id), 'lock.passable.choice'];
        }

        return [
            $scene->next === [] || $scene->waits || $scene->back || $scene->stop !== null || $lock->common->if !== null
                ? null
                : $context->mends->waitIn($scene->id),
            null,
        ];
    }

    /** @return list<string> choices that lead on past the lock, by their ids; '' for going on, or past the stop */
    private static function waysPast(Scene $scene, Lock $lock): array
    {
        if ($scene->stop !== null) {
            return $scene->stop->letsBy() || $scene->stop->needs !== null ? [] : [''];
        }
        $past = array_filter(
            Things::flattened($scene->things),
            static fn (Thing $thing): bool => $thing->locks() === [] && self::isWayPast($thing, $lock),
        );
        $ways = array_values(array_map(static fn (Thing $thing): string => $thing->id, $past));

        return $scene->back || self::leadsPast($scene->next, $lock) ? [...$ways, ''] : $ways;
    }

    private static function isWayPast(Thing $thing, Lock $lock): bool
    {
        if (self::needs($thing->common->if, $lock)) {
            return false;
        }
        $acting = array_filter(
            $thing->reactions(), static fn (ReactionList $list): bool => $list->on === Trigger::Act,
        );

        return array_filter(
            $acting, static fn (ReactionList $list): bool => self::leadsPast($list->reactions, $lock),
        ) !== [];
    }

    /** @param  list<Reaction>  $reactions */
    private static function leadsPast(array $reactions, Lock $lock): bool
    {
        return array_filter(
            $reactions,
            static fn (Reaction $reaction): bool => $reaction->leadsOn() && ! self::needs($reaction->if, $lock),
        ) !== [];
    }

    private static function needs(?Condition $condition, Lock $lock): bool
    {
        $least = $condition?->least();

        return $least !== null && self::isNeeded($least, Fact::open($lock->id));
    }

    private static function isNeeded(Need $need, string $fact): bool
    {
        if ($need->fact !== null) {
            return $need->fact === $fact;
        }
        $without = array_filter($need->parts, static fn (Need $part): bool => ! self::isNeeded($part, $fact));

        return count($without) < $need->atLeast;
    }

    /** @return array<string, true> scenes that are an ending and not a lost one */
    private static function endings(CheckContext $context): array
    {
        $endings = [];
        foreach ($context->game->scenes() as $scene) {
            if (in_array($scene->ending?->kind, ['won', 'open'], true)) {
                $endings[$scene->id] = true;
            }
        }

        return $endings;
    }

    /**
     * Whether one of the endings is reached by those too who never open it.
     *
     * @param  array<string, true>  $endings
     */
    private static function isEndedWithout(Lock $lock, array $endings, CheckContext $context, CheckMemo $memo): bool
    {
        return Exploration::isAnyReached(
            Unopened::game($context->game, [$lock], $context->effort),
            $endings,
            $context->statesOf(self::BUDGET),
            $context->effort,
            $memo,
        );
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Answers\Hiding;
use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Check\Search\Exploration;
use Fravel\Check\Unopened;
use Fravel\Document\Scene;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/** Whether the game has endings, they can be reached, and are endings: nothing is asked there, and something before. */
final class Endings implements Finder
{
    /** States that a game in which nothing is opened is looked at. */
    private const BUDGET = 2000;

    public static function find(CheckContext $context): array
    {
        $endings = array_filter($context->game->scenes(), static fn (Scene $scene): bool => $scene->ending !== null);
        if ($endings === []) {
            return $context->isReveal()
                ? []
                : [Finding::error('ending.none', [])->mendedBy($context->mends->endBehind($context->lastScene()))];
        }
        $findings = self::won($endings, $context);
        foreach ($endings as $scene) {
            $context->effort->read(count($scene->things));
            $words = ['scene' => $context->titleOf($scene->id)];
            if ($context->isOutOfReach($scene)) {
                $findings[] = Finding::error('ending.unreachable', [$scene->id], $words)
                    ->mendedBy($context->mends->leadTo($scene, $context->sceneBefore($scene)));
            }
            $asks = Things::locks($scene->things) !== [];
            if ($asks || $scene->stop !== null) {
                $code = $scene->stop !== null ? 'ending.stop' : 'ending.asks';
                $findings[] = Finding::error($code, [$scene->id], $words)
                    ->mendedBy($context->mends->endBehind($scene));
            }
        }

        return $findings;
    }

    /**
     * Won endings that are reached with nothing opened, though there are locks on the ways.
     *
     * @param  array<int, Scene>  $endings
     * @return list<Finding>
     */
    private static function won(array $endings, CheckContext $context): array
    {
        $won = array_filter($endings, static fn (Scene $scene): bool => $scene->ending?->kind === 'won'
            && ! $context->isOutOfReach($scene));
        $goal = array_fill_keys(array_map(static fn (Scene $scene): string => $scene->id, $won), true);
        if (! $context->detours()->reachWithout($goal, $context->effort)) {
            return [];
        }
        $locks = array_map(static fn (array $place): Lock => $place['lock'], $context->locks());
        $asked = array_filter($context->locks(), static fn (array $place): bool => $place['scene']->ending === null
            && ! $context->isOutOfReach($place['scene']) && self::canOpen($place['lock'], $context));
        if ($asked === []) {
            return [];
        }
        $reach = Exploration::of(
            Unopened::game($context->game, $locks, $context->effort),
            $context->statesOf(self::BUDGET), $context->effort,
        );
        $free = array_filter($won, static fn (Scene $scene): bool => isset($reach->scenes[$scene->id]));

        return array_values(array_map(
            static fn (Scene $scene): Finding => Finding::error(
                'ending.free', [$scene->id], ['scene' => $context->titleOf($scene->id)],
            ),
            $free,
        ));
    }

    /** One that nothing opens is told by itself. */
    private static function canOpen(Lock $lock, CheckContext $context): bool
    {
        if ($context->reach->isComplete && ! isset($context->reach->ready[$lock->id])) {
            return false;
        }
        if ($lock->rounds !== []) {
            return true;
        }
        foreach ($lock->rules as $index => $rule) {
            if ($rule->opens() && ! Hiding::isIdle($lock, $index, $context->game->language(), $context->effort)) {
                return true;
            }
        }

        return false;
    }
}

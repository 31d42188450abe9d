<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Reaction;
use Fravel\Document\Scene;
use Fravel\Document\Trigger;

/** Scenes that nobody can reach, and scenes in which nothing leads on. */
final class Scenes implements Finder
{
    public static function find(CheckContext $context): array
    {
        $findings = [];
        $isReveal = $context->isReveal();
        foreach ($context->game->scenes() as $scene) {
            $context->effort->read(count($scene->things));
            if ($scene->ending === null && $context->isOutOfReach($scene)) {
                $findings[] = Finding::error(
                    'scene.unreachable',
                    [$scene->id],
                    ['scene' => $context->titleOf($scene->id)],
                )->mendedBy($context->mends->leadTo($scene, $context->sceneBefore($scene)));
            }
            $isBoard = $isReveal && CheckContext::uncovers($scene);
            if ($scene->ending === null && ! $scene->back && ! $isBoard && ! self::leadsOn($scene)) {
                $findings[] = Finding::error(
                    'scene.stuck',
                    [$scene->id],
                    ['scene' => $context->titleOf($scene->id)],
                )->mendedBy($context->mends->leadOn($scene->id));
            }
        }

        return $findings;
    }

    /** Whether anything leads on from here, once one is here. */
    private static function leadsOn(Scene $scene): bool
    {
        foreach ($scene->reactions() as $list) {
            if (
                $list->on !== Trigger::Refused &&
                array_filter($list->reactions, static fn (Reaction $reaction): bool => $reaction->leadsOn()) !== []
            ) {
                return true;
            }
        }

        return false;
    }
}

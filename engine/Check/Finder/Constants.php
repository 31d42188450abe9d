<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Condition\Condition;
use Fravel\Document\Scene;
use Fravel\Thing\Things;

/** Conditions that always hold or never do, and reactions behind one that always fires. */
final class Constants implements SceneFinder
{
    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $findings = [];
        foreach (self::placesIn($scene) as [$owner, $field, $condition]) {
            $always = $condition->foldsTo($context->folding());
            if ($always !== null) {
                $mend = $always && $field !== null ? $context->mends->leaveOut($owner, $field) : null;
                $findings[] = self::finding($context, $owner, $scene, $always)
                    ->about($condition->said())
                    ->mendedBy($mend);
            }
        }
        foreach ($scene->reactions() as $list) {
            if ($list->hasIdle()) {
                $findings[] = self::finding($context, $list->owner, $scene, false);
            }
        }

        return $findings;
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return $context->folding()->key();
    }

    private static function finding(CheckContext $context, string $owner, Scene $scene, bool $always): Finding
    {
        $where = array_values(array_unique([$owner, $scene->id]));

        return Finding::warning('condition.constant', $where, [
            'scene' => $context->titleOf($scene->id),
            'part' => $context->calls($owner),
            'how' => $always ? 'always' : 'never',
        ]);
    }

    /** @return list<array{string, string|null, Condition}> part, its field where it has one of its own, condition */
    private static function placesIn(Scene $scene): array
    {
        $places = [[$scene->id, 'needs', $scene->needs]];
        foreach (Things::flattened($scene->things) as $thing) {
            foreach ($thing->conditions() as $field => $condition) {
                $places[] = [$thing->id, $field, $condition];
            }
        }
        foreach ($scene->reactions() as $list) {
            foreach ($list->reactions as $reaction) {
                $places[] = [$list->owner, null, $reaction->if];
            }
        }

        return array_values(array_filter($places, static fn (array $place): bool => $place[2] !== null));
    }
}

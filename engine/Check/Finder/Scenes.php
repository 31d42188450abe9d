<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Reaction;
use Fravel\Document\Scene;
use Fravel\Thing\Choice;
use Fravel\Thing\Clip;
use Fravel\Thing\Cover;
use Fravel\Thing\Lock;
use Fravel\Thing\Rule;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/** Scenes that nobody can reach, and scenes in which nothing leads on. */
final class Scenes implements Finder
{
    public static function find(CheckContext $study): array
    {
        $findings = [];
        foreach ($study->game->scenes() as $scene) {
            if ($scene->ending === null && $study->isOutOfReach($scene)) {
                $findings[] = Finding::error('scene.unreachable', [$scene->id], ['scene' => $scene->title])->mendedBy($study->mends->leadTo($scene, $study->sceneBefore($scene)));
            }
            if ($scene->ending === null && ! $scene->back && array_filter(self::reactions($scene), self::leadsOn(...)) === []) {
                $findings[] = Finding::error('scene.stuck', [$scene->id], ['scene' => $scene->title])->mendedBy($study->mends->leadOn($scene->id));
            }
        }

        return $findings;
    }

    /** @return list<Reaction> */
    private static function reactions(Scene $scene): array
    {
        $all = [...$scene->arrive, ...$scene->next];
        foreach (Things::flattened($scene->things) as $thing) {
            array_push($all, ...self::reactionsOf($thing));
        }

        return $all;
    }

    /** @return list<Reaction> */
    private static function reactionsOf(Thing $thing): array
    {
        return match (true) {
            $thing instanceof Choice, $thing instanceof Cover => $thing->react,
            $thing instanceof Lock => [...array_map(static fn (Rule $rule): Reaction => $rule->reaction, $thing->rules), ...$thing->otherwise, ...$thing->opened],
            $thing instanceof Clip => array_merge([], ...array_map(static fn ($cue): array => $cue->react, $thing->cues)),
            default => [],
        };
    }

    private static function leadsOn(Reaction $reaction): bool
    {
        return $reaction->go !== null && $reaction->go->to !== '@stay';
    }
}

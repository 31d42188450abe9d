<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\ConstantFolding;
use Fravel\Check\Finding;
use Fravel\Condition\Condition;
use Fravel\Document\Reaction;
use Fravel\Document\Scene;
use Fravel\Thing\Choice;
use Fravel\Thing\Cover;
use Fravel\Thing\Lock;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/** Conditions that always hold or never do, and reactions behind one that always fires. */
final class Constants implements Finder
{
    public static function find(CheckContext $study): array
    {
        $steady = new ConstantFolding($study);
        $findings = [];
        foreach ($study->game->scenes() as $scene) {
            foreach (self::placesIn($scene) as [$owner, $field, $condition]) {
                $always = $condition === null ? null : $steady->value($condition, $owner);
                if ($always !== null) {
                    $mend = $always && $field !== null ? $study->mends->leaveOut($owner, $field) : null;
                    $findings[] = self::finding($study, $owner, $scene, $always)->mendedBy($mend);
                }
            }
            foreach (self::listsIn($scene) as [$owner, $reactions]) {
                if (self::hasIdle($reactions)) {
                    $findings[] = self::finding($study, $owner, $scene, false);
                }
            }
        }

        return $findings;
    }

    private static function finding(CheckContext $study, string $owner, Scene $scene, bool $always): Finding
    {
        $where = array_values(array_unique([$owner, $scene->id]));

        return Finding::warning('condition.constant', $where, ['scene' => $scene->title, 'part' => $study->calls($owner), 'how' => $always ? 'always' : 'never']);
    }

    /** @return list<array{string, string|null, Condition|null}> part, its field where it has one of its own, condition */
    private static function placesIn(Scene $scene): array
    {
        $places = [[$scene->id, 'needs', $scene->needs]];
        foreach (Things::flattened($scene->things) as $thing) {
            $places[] = [$thing->id, 'if', $thing->common->if];
            if ($thing instanceof Lock) {
                $places[] = [$thing->id, 'needs', $thing->needs];
                foreach ($thing->hints as $hint) {
                    $places[] = [$thing->id, null, $hint->after];
                }
            }
        }
        foreach (self::listsIn($scene) as [$owner, $reactions]) {
            foreach ($reactions as $reaction) {
                $places[] = [$owner, null, $reaction->if];
            }
        }

        return $places;
    }

    /** @return list<array{string, list<Reaction>}> */
    private static function listsIn(Scene $scene): array
    {
        $lists = [[$scene->id, $scene->refused], [$scene->id, $scene->arrive], [$scene->id, $scene->next]];
        foreach (Things::flattened($scene->things) as $thing) {
            array_push($lists, ...self::listsOf($thing));
        }

        return $lists;
    }

    /** @return list<array{string, list<Reaction>}> */
    private static function listsOf(Thing $thing): array
    {
        return match (true) {
            $thing instanceof Choice, $thing instanceof Cover => [[$thing->id, $thing->react]],
            $thing instanceof Lock => [[$thing->id, $thing->otherwise], [$thing->id, $thing->opened]],
            default => [],
        };
    }

    /** @param  list<Reaction>  $reactions */
    private static function hasIdle(array $reactions): bool
    {
        foreach (array_slice($reactions, 0, -1) as $reaction) {
            if ($reaction->if === null) {
                return true;
            }
        }

        return false;
    }
}

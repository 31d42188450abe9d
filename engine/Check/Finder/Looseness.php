<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Answers\NearMisses;
use Fravel\Check\Finding;
use Fravel\Check\Study;
use Fravel\Document\Answer\Matcher\Has;
use Fravel\Document\Thing\Lock;
use Fravel\Document\Thing\Rule;
use Fravel\State\Verdict;

/** Locks that open on plainly wrong answers too. */
final class Looseness implements Finder
{
    private const SHOWN = 3;

    public static function find(Study $study): array
    {
        $findings = [];
        foreach ($study->locks() as ['scene' => $scene, 'lock' => $lock]) {
            $wrong = array_slice(NearMisses::openedOn($lock, $study->game->language(), $study->effort), 0, self::SHOWN);
            if ($wrong !== []) {
                $words = $study->placeOf($lock, $scene) + ['answers' => implode(', ', array_map(static fn (string $one): string => "“{$one}”", $wrong))];
                $findings[] = Finding::warning('answer.loose', [$lock->id, $scene->id], $words)->mendedBy(self::looksForWords($lock) ? $study->mends->takeExactly($lock->id) : null);
            }
        }

        return $findings;
    }

    private static function looksForWords(Lock $lock): bool
    {
        return array_filter($lock->rules, static fn (Rule $rule): bool => $rule->verdict === Verdict::Open && $rule->match instanceof Has) !== [];
    }
}

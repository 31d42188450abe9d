<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Answers\NearMisses;
use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Thing\Lock;
use Fravel\Thing\Rule;

/** Locks that open on plainly wrong answers too. */
final class Looseness implements Finder
{
    private const SHOWN = 3;

    public static function find(CheckContext $context): array
    {
        $findings = [];
        foreach ($context->locks() as ['scene' => $scene, 'lock' => $lock]) {
            $wrong = array_slice(NearMisses::openedOn($lock, $context->game->language(), $context->effort), 0, self::SHOWN);
            if ($wrong !== []) {
                $words = $context->placeOf($lock, $scene) + ['answers' => implode(', ', array_map(static fn (string $one): string => "“{$one}”", $wrong))];
                $findings[] = Finding::warning('answer.loose', [$lock->id, $scene->id], $words)->mendedBy(self::looksForWords($lock) ? $context->mends->takeExactly($lock->id) : null);
            }
        }

        return $findings;
    }

    private static function looksForWords(Lock $lock): bool
    {
        return array_filter($lock->rules, static fn (Rule $rule): bool => $rule->opens() && $rule->match->isLoose()) !== [];
    }
}

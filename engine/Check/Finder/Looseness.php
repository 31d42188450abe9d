<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Answers\NearMisses;
use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Scene;
use Fravel\Thing\Lock;
use Fravel\Thing\Rule;
use Fravel\Thing\Things;

/** Locks that open on plainly wrong answers too. */
final class Looseness implements SceneFinder
{
    private const SHOWN = 3;

    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $findings = [];
        foreach (Things::locks($scene->things) as $lock) {
            // What is asked in rounds is judged by each of them.
            if ($lock->rounds !== []) {
                continue;
            }
            $wrong = array_slice(
                NearMisses::openedOn($lock, $context->game->language(), $context->effort),
                0,
                self::SHOWN,
            );
            if ($wrong !== []) {
                $words = $context->placeOf($lock, $scene) + [
                    'answers' => implode(', ', array_map(static fn (string $one): string => "“{$one}”", $wrong)),
                ];
                $findings[] = Finding::warning('answer.loose', [$lock->id, $scene->id], $words)->mendedBy(
                    self::looksForWords($lock) ? $context->mends->takeExactly($lock->id) : null,
                );
            }
        }

        return $findings;
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return '';
    }

    private static function looksForWords(Lock $lock): bool
    {
        return array_filter($lock->rules, static fn (Rule $rule): bool => $rule->opens() && $rule->match->isLoose()) !==
            [];
    }
}

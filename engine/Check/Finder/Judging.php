<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Answer\Answer;
use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Scene;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/** Questions without a right answer that call each answer right all the same. */
final class Judging implements SceneFinder
{
    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $judging = array_filter(
            Things::locks($scene->things), static fn (Lock $lock): bool => self::judges($lock, $context),
        );

        return array_values(array_map(
            static fn (Lock $lock): Finding => Finding::warning(
                'lock.judges', [$lock->id, $scene->id], $context->placeOf($lock, $scene),
            )->mendedBy($context->mends->noteAnswers($lock)),
            $judging,
        ));
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return '';
    }

    /** Whether every pick opens it, and still it speaks of right and wrong. */
    private static function judges(Lock $lock, CheckContext $context): bool
    {
        $picks = $lock->input->picks();
        if ($lock->tells() === Lock::NOTED || $lock->rounds !== [] || count($picks) < 2) {
            return false;
        }
        foreach ($picks as $pick) {
            $context->effort->spend(5 + count($lock->rules));
            $answer = $lock->accept($pick, $context->game->language());
            $rule = $answer instanceof Answer ? $lock->ruleFor($answer) : null;
            if ($rule === null || ! $lock->rules[$rule]->opens()) {
                return false;
            }
        }

        return true;
    }
}

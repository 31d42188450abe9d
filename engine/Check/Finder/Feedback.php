<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Reaction;
use Fravel\Document\Scene;
use Fravel\Thing\Things;

/** Locks that say nothing of the teacher’s own to a wrong answer. */
final class Feedback implements SceneFinder
{
    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $findings = [];
        foreach (Things::locks($scene->things) as $lock) {
            if (
                array_filter(
                    $lock->otherwise,
                    static fn (Reaction $reaction): bool => $reaction->say !== '' || $reaction->go !== null,
                ) === []
            ) {
                $findings[] = Finding::warning(
                    'feedback.missing',
                    [$lock->id, $scene->id],
                    $context->placeOf($lock, $scene),
                )->mendedBy($context->mends->addFeedback($lock->id));
            }
        }

        return $findings;
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return '';
    }
}

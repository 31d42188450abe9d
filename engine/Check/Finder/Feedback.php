<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Reaction;

/** Locks that say nothing of the teacher’s own to a wrong answer. */
final class Feedback implements Finder
{
    public static function find(CheckContext $context): array
    {
        $findings = [];
        foreach ($context->locks() as ['scene' => $scene, 'lock' => $lock]) {
            if (array_filter($lock->otherwise, static fn (Reaction $reaction): bool => $reaction->say !== '' || $reaction->go !== null) === []) {
                $findings[] = Finding::warning('feedback.missing', [$lock->id, $scene->id], $context->placeOf($lock, $scene))->mendedBy($context->mends->addFeedback($lock->id));
            }
        }

        return $findings;
    }
}

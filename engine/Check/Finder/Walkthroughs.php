<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Play\Replay;

/** Recorded ways that the game no longer goes. */
final class Walkthroughs implements Finder
{
    public static function find(CheckContext $context): array
    {
        $findings = [];
        foreach ($context->game->walkthroughs() as $walkthrough) {
            $replay = Replay::of($context->game, $walkthrough);
            if ($replay->divergesAt !== null) {
                $title = static fn (string $scene): string => $context->game->scene($scene) === null
                    ? ''
                    : $context->titleOf($scene);
                $findings[] = Finding::warning(
                    'walkthrough.parts',
                    [$walkthrough->id, $replay->found],
                    [
                        'name' => $walkthrough->name,
                        'step' => $replay->divergesAt,
                        'expected' => $title($replay->expected),
                        'gone' => $context->game->scene($replay->expected) === null ? 1 : 0,
                        'found' => $title($replay->found),
                    ],
                )->shownBy(array_slice($walkthrough->steps, 0, $replay->divergesAt))
                    ->mendedBy($context->mends->remove($walkthrough->id));
            }
        }

        return $findings;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Check\Search\Exploration;
use Fravel\Document\Scene;
use Fravel\Edit\Command;
use Fravel\Edit\Edited;

/** A state that can be reached and from which no ending can, with the fewest actions that lead there. */
final class Traps implements Finder
{
    /** States that a mend is tried on. */
    private const BUDGET = 5000;

    public static function find(CheckContext $context): array
    {
        // A game without an ending is one trap from its start; that it has none is said by itself.
        $hasEnding =
            array_filter($context->game->scenes(), static fn (Scene $scene): bool => $scene->ending !== null) !== [];
        $trap = $hasEnding && ! self::isUnsure($context) ? $context->reach->trap : null;

        return $trap === null
            ? []
            : [
                Finding::error(
                    'play.trap',
                    [$trap['scene']],
                    ['scene' => $context->titleOf($trap['scene']), 'steps' => count($trap['actions'])],
                )
                    ->shownBy($trap['actions'])
                    ->mendedBy(self::mend($context, $trap['scene'])),
            ];
    }

    /** Whether the way there needs an answer of which nobody knows if there is one. */
    private static function isUnsure(CheckContext $context): bool
    {
        $needed = array_filter(
            $context->reach->trap['actions'] ?? [],
            static fn (array $action): bool => isset($action['answer']) &&
                isset($context->reach->unsure[$action['answer']]) &&
                $action['with'] === null,
        );

        return $needed !== [];
    }

    /** A way back to the start, where that is shown to lead out. */
    private static function mend(CheckContext $context, string $scene): ?Command
    {
        $mend = $context->mends->leadBackToStart($scene);
        $mended = $mend?->apply($context->game);

        return $mended instanceof Edited &&
            Exploration::of($mended->game, self::BUDGET, $context->effort)->trap === null
            ? $mend
            : null;
    }
}

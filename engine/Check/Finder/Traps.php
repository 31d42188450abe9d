<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Finding;
use Fravel\Check\Study;
use Fravel\Document\Scene;

/** A state that can be reached and from which no ending can, with the fewest actions that lead there. */
final class Traps implements Finder
{
    public static function find(Study $study): array
    {
        // A game without an ending is one trap from its start; that it has none is said by itself.
        $hasEnding = array_filter($study->game->scenes(), static fn (Scene $scene): bool => $scene->ending !== null) !== [];
        $trap = $hasEnding ? $study->reach->trap : null;

        return $trap === null ? [] : [Finding::error('play.trap', [$trap['scene']], ['scene' => $study->titleOf($trap['scene']), 'steps' => count($trap['actions'])], $trap['actions'])];
    }
}

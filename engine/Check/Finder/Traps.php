<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Finding;
use Fravel\Check\Study;

/** A state that can be reached and from which no ending can, with the fewest actions that lead there. */
final class Traps implements Finder
{
    public static function find(Study $study): array
    {
        $trap = $study->reach->trap;

        return $trap === null ? [] : [Finding::error('play.trap', [$trap['scene']], ['scene' => $study->titleOf($trap['scene']), 'steps' => count($trap['actions'])], $trap['actions'])];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Scene;

/** Looks for what is wrong in one scene; asked anew only where the scene, or what else it depends on, is another. */
interface SceneFinder
{
    /** @return list<Finding> */
    public static function inScene(CheckContext $context, Scene $scene): array;

    /** What of the rest of the game its findings depend on; the language is always among it. */
    public static function depends(CheckContext $context, Scene $scene): string;
}

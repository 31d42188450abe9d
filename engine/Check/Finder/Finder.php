<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;

/** Looks for one kind of thing that is wrong with a game. */
interface Finder
{
    /** @return list<Finding> */
    public static function find(CheckContext $context): array;
}

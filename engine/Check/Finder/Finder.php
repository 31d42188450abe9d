<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Finding;
use Fravel\Check\Study;

/** Looks for one kind of thing that is wrong with a game. */
interface Finder
{
    /** @return list<Finding> */
    public static function find(Study $study): array;
}

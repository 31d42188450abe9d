<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Condition\Observed;

/** An effect on what is so or not: it counts nothing, and does the same in every state. */
trait Uncounted
{
    public function adds(): array
    {
        return [];
    }

    public function puts(): array
    {
        return [];
    }

    public function observe(Observed $seen): void
    {
        // What it does is the same in every state.
    }
}

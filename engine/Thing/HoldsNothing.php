<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\State\PlayState;

/** A thing without locks and without things inside it. */
trait HoldsNothing
{
    public function locks(): array
    {
        return [];
    }

    public function things(): array
    {
        return [];
    }

    public function thingsIn(PlayState $state): array
    {
        return [];
    }
}

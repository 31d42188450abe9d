<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\State\Action;

/** A thing that is only looked at: nothing can be done with it, nothing comes of it. */
trait Passive
{
    use HoldsNothing;

    public function conditions(): array
    {
        return ['if' => $this->common->if];
    }

    public function reactions(): array
    {
        return [];
    }

    public function actions(): array
    {
        return [];
    }

    public function act(Action $action, Turn $turn): void
    {
        $turn->refuse('thing.other');
    }

    public function liftedBy(): ?string
    {
        return null;
    }

    public function keep(Keeping $keeping): void
    {
        // It has no facts of its own.
    }

    public function onlyAdds(): bool
    {
        return true;
    }

    public function mayTake(): bool
    {
        return false;
    }

    public function isOpenEnd(): bool
    {
        return false;
    }
}

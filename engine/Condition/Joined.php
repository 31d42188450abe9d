<?php

declare(strict_types=1);

namespace Fravel\Condition;

/** What conditions share that join others. */
trait Joined
{
    public function observe(Observed $seen): void
    {
        foreach ($this->parts as $part) {
            $part->observe($seen);
        }
    }

    public function isRising(): bool
    {
        return array_filter($this->parts, static fn (Condition $part): bool => ! $part->isRising()) === [];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

/** A matcher that is neither a choice of others nor joins any. */
trait Single
{
    public function choices(): array
    {
        return [$this];
    }

    public function joined(): array
    {
        return [$this];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

/** A matcher of answers that are put together from given parts: it takes what it names, part for part. */
trait Whole
{
    public function isLiteral(): bool
    {
        return true;
    }

    public function readsCleaned(): bool
    {
        return true;
    }

    public function isLoose(): bool
    {
        return false;
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        return $other == $this;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

/** A matcher that looks at what was typed, uncleaned, and takes more than it names. */
trait AsTyped
{
    public function isLiteral(): bool
    {
        return false;
    }

    public function readsCleaned(): bool
    {
        return false;
    }

    public function isLoose(): bool
    {
        return false;
    }
}

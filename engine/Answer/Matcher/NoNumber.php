<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

/** A matcher that takes no span of numbers. */
trait NoNumber
{
    public function span(): ?Span
    {
        return null;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

/** How an answer is entered, which decides how one slips. */
enum Entry
{
    /** Sign after sign. */
    case Code;
    case Number;
    case Words;
    /** By pointing, picking, ordering. */
    case Picks;

    /** Whether it takes what stands on a keyboard. */
    public function isTyped(): bool
    {
        return $this === self::Number || $this === self::Words;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

/** Compares matchers that stand inside others. */
interface Comparing
{
    /**
     * Whether the one takes every answer that the other does, as far as what they are tells; where that can't be told
     * it says no.
     */
    public function takesAll(Matcher $wide, Matcher $narrow): bool;
}

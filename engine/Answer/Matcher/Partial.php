<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;

/** A matcher over an answer of many parts, which can tell how many of them are right. */
interface Partial extends Matcher
{
    public function rightParts(Answer $answer): int;

    /** How many parts there are to be right. */
    public function size(): int;

    /** An answer with so many fewer parts right, where one can be made of it. */
    public function broken(mixed $answer, int $parts): mixed;
}

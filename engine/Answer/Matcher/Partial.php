<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;

/** A matcher over an answer of many parts, which can tell how many of them are right. */
interface Partial extends Matcher
{
    public function rightParts(Answer $answer): int;
}

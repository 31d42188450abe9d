<?php

declare(strict_types=1);

namespace Fravel\Document\Answer\Matcher;

use Fravel\Document\Answer\Answer;

/** A matcher over an answer of many parts, which can tell how many of them are right. */
interface Partial extends Matcher
{
    public function rightParts(Answer $answer): int;
}

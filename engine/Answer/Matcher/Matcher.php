<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** What an answer must be like; the key it is written under names its kind. */
interface Matcher
{
    public static function read(Node $node): self;

    public function matches(Answer $answer): bool;
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** `{"anything": true}` */
final readonly class Anything implements Matcher
{
    public function __construct()
    {
    }

    public static function read(Node $node): self
    {
        $node->flag('anything');

        return new self;
    }

    public function matches(Answer $answer): bool
    {
        return true;
    }
}

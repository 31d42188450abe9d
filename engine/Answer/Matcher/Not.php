<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** `{"not": Matcher}` */
final readonly class Not implements Matcher
{
    public function __construct(public Matcher $part)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Matchers::read($node->at('not')));
    }

    public function matches(Answer $answer): bool
    {
        return ! $this->part->matches($answer);
    }
}

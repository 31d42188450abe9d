<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** `{"all": [Matcher, …]}` */
final readonly class All implements Matcher
{
    /** @param  list<Matcher>  $parts */
    public function __construct(public array $parts)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Matchers::listed($node, 'all'));
    }

    public function matches(Answer $answer): bool
    {
        foreach ($this->parts as $part) {
            if (! $part->matches($answer)) {
                return false;
            }
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** `{"right": {"of": Matcher, "atLeast": 3}}`: so many parts right. */
final readonly class Right implements Matcher
{
    public function __construct(public ?Partial $of, public int $atLeast)
    {
    }

    public static function read(Node $node): self
    {
        $right = $node->at('right');
        $of = Matchers::read($right->at('of'));
        if (! $of instanceof Partial) {
            $right->at('of')->wrong('a matcher with parts: options, order, pairs or gaps');
            $of = null;
        }

        return new self($of, $right->whole('atLeast', 1, 1));
    }

    public function matches(Answer $answer): bool
    {
        return $this->of !== null && $this->of->rightParts($answer) >= $this->atLeast;
    }
}

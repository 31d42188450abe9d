<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** `{"gaps": {"g1": Matcher, …}}`: each gap by its own matcher. */
final readonly class Gaps implements Partial
{
    /** @param  array<string, Matcher>  $gaps */
    public function __construct(public array $gaps)
    {
    }

    public static function read(Node $node): self
    {
        return new self(array_map(Matchers::read(...), $node->map('gaps')));
    }

    public function matches(Answer $answer): bool
    {
        return $this->rightParts($answer) === count($this->gaps);
    }

    public function rightParts(Answer $answer): int
    {
        $right = 0;
        foreach ($this->gaps as $gap => $matcher) {
            $right += $matcher->matches($answer->part($gap)) ? 1 : 0;
        }

        return $right;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** `{"pairs": {"left": "right", …}}` */
final readonly class Pairs implements Partial
{
    /** @param  array<string, string>  $pairs left → right */
    public function __construct(public array $pairs)
    {
    }

    public static function read(Node $node): self
    {
        return new self(array_map(static fn (Node $right): string => $right->asText(), $node->map('pairs')));
    }

    public function matches(Answer $answer): bool
    {
        return $this->rightParts($answer) === count($this->pairs) && count($answer->map()) === count($this->pairs);
    }

    public function rightParts(Answer $answer): int
    {
        return count(array_intersect_assoc($answer->map(), $this->pairs));
    }
}

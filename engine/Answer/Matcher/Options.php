<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** `{"options": ["a", "c"]}`: exactly this set. */
final readonly class Options implements Partial
{
    /** @param  list<string>  $ids */
    public function __construct(public array $ids)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->texts('options'));
    }

    public function matches(Answer $answer): bool
    {
        return array_diff($answer->list(), $this->ids) === [] && array_diff($this->ids, $answer->list()) === [];
    }

    public function rightParts(Answer $answer): int
    {
        return count(array_intersect($answer->list(), $this->ids));
    }
}

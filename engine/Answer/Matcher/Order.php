<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Support\Node;

/** `{"order": ["a", "b"]}`: this list; also for keys and colours. */
final readonly class Order implements Partial
{
    /** @param  list<string>  $ids */
    public function __construct(public array $ids)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->texts('order'));
    }

    public function matches(Answer $answer): bool
    {
        return $answer->list() === $this->ids;
    }

    public function rightParts(Answer $answer): int
    {
        return count(array_intersect_assoc($answer->list(), $this->ids));
    }
}

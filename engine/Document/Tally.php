<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Support\Node;

/** A number that reactions change. */
final readonly class Tally
{
    public function __construct(public string $id, public string $name, public int|float $start, public bool $shown)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id(), $node->text('name'), $node->number('start'), $node->flag('shown'));
    }
}

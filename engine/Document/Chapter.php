<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Support\Node;

/** Scenes that belong together; progress is shown by chapter. */
final readonly class Chapter
{
    public function __construct(public string $id, public string $title, public ?string $start)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id(), $node->text('title'), $node->maybeText('start'));
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Support\Node;

/** Makes its scene end the play: won, lost or open. */
final readonly class Ending
{
    public function __construct(public string $kind, public string $md)
    {
    }

    public static function maybe(Node $node): ?self
    {
        if ($node->value === null) {
            return null;
        }

        return new self($node->oneOf('kind', ['won', 'lost', 'open'], 'open'), $node->text('md'));
    }
}

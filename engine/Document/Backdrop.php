<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Support\Node;

/** What stands behind the things of a scene: a picture, a colour, or neither. */
final readonly class Backdrop
{
    public function __construct(public ?string $asset, public ?string $colour, public string $alt)
    {
    }

    public static function read(Node $node): self
    {
        $colour = $node->maybeText('colour');
        if ($colour !== null && preg_match('/^#[0-9a-fA-F]{6}$/D', $colour) !== 1) {
            $node->at('colour')->wrong('a colour such as #eadfc8');
            $colour = null;
        }

        return new self($node->maybeText('asset'), $colour, $node->text('alt'));
    }
}

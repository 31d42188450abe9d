<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Showing;
use Fravel\Support\Node;
use Fravel\Support\Palette;

/** One side of a cover. */
final readonly class Face
{
    public function __construct(public string $md, public ?string $asset, public ?string $colour)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->text('md'), $node->maybeText('asset'), $node->maybeText('colour'));
    }

    /** @return array<string, mixed> */
    public function shown(Showing $showing): array
    {
        return ['md' => $showing->fill($this->md), 'asset' => $this->asset, 'colour' => $this->colour];
    }

    public function words(): Words
    {
        return new Words($this->md, Palette::COLOURS['ink'], $this->asset === null ? $this->colour : null);
    }
}

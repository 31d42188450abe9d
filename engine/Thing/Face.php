<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Showing;
use Fravel\Support\Contrast;
use Fravel\Support\Node;
use Fravel\Support\Palette;

/** One side of a cover. */
final readonly class Face
{
    /** How large its words stand on a stage; `great` is read from the back row. */
    public const SIZES = ['small', 'body', 'title', 'great'];

    public function __construct(
        public string $md, public ?string $asset, public ?string $colour, public string $size = 'body',
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->text('md'), $node->maybeText('asset'), $node->maybeText('colour'),
            $node->known('size', self::SIZES, 'body'),
        );
    }

    /** @return array<string, mixed> */
    public function shown(Showing $showing): array
    {
        return [
            'md' => $showing->fill($this->md), 'asset' => $this->asset, 'colour' => $this->colour,
            'size' => $this->size,
            'ink' => $this->colour === null ? '' : Contrast::inkOn($this->colour),
        ];
    }

    /** Whether nothing is on it: what lies behind shows through. */
    public function isClear(): bool
    {
        return $this->md === '' && $this->asset === null && $this->colour === null;
    }

    public function words(): Words
    {
        $ink = Palette::COLOURS[Contrast::inkOn($this->colour)];

        return new Words($this->md, $ink, $this->asset === null ? $this->colour : null);
    }
}

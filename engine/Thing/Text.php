<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Showing;
use Fravel\Support\Node;
use Fravel\Support\Palette;

/** Words to read. */
final readonly class Text extends Thing
{
    use Passive;

    /** What a text is for, which decides how large it stands on a stage. */
    public const SIZES = ['title', 'body', 'small'];

    /** Colours of the palette, by name: what is chosen reads well wherever it is shown. */
    public const COLOURS = ['ink', 'paper', 'deep', 'lamp', 'signal', 'moss', 'dusk'];

    /** @param  bool  $plate  whether it stands on a plate of paper */
    public function __construct(
        Common $common,
        public string $md,
        public string $size,
        public string $colour,
        public bool $plate,
    ) {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(
            Common::read($node),
            $node->text('md'),
            $node->known('size', self::SIZES, 'body'),
            $node->known('colour', self::COLOURS, 'ink'),
            $node->at('plate')->value === true,
        );
    }

    public static function schema(): array
    {
        return [
            'md' => ['type' => 'string'],
            'size' => ['description' => 'text on a stage: title, body or small'],
            'colour' => ['description' => 'text: ink, paper, deep, lamp, signal, moss or dusk'],
            'plate' => ['description' => 'text on a stage: true when it stands on a plate of paper'],
        ];
    }

    public function shown(Showing $showing): array
    {
        return [
            'md' => $showing->fill($this->md),
            'size' => $this->size,
            'colour' => $this->colour,
            'plate' => $this->plate,
        ];
    }

    public function words(): array
    {
        $plate = $this->plate ? Palette::COLOURS['paper'] : null;

        return [new Words($this->md, Palette::COLOURS[$this->colour], $plate, ! $this->plate)];
    }

    public function lacksFile(): bool
    {
        return false;
    }
}

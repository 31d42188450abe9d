<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Reaction;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** Something to tap that leads on: a button, a picture, or a clear area over part of the backdrop. */
final readonly class Choice extends Thing
{
    public const REFERS = ['asset' => 'asset'];

    /** @param  list<Reaction>  $react */
    public function __construct(
        Common $common,
        public string $look,
        public string $md,
        public ?string $asset,
        public array $react,
    ) {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(
            Common::read($node),
            $node->oneOf('look', ['button', 'picture', 'clear'], 'button'),
            $node->text('md'),
            $node->maybeText('asset'),
            Reaction::listed($node, 'react'),
        );
    }

    public function shown(Showing $showing): array
    {
        return ['look' => $this->look, 'md' => $showing->fill($this->md), 'asset' => $this->asset];
    }
}

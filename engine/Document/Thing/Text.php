<?php

declare(strict_types=1);

namespace Fravel\Document\Thing;

use Fravel\Document\Showing;
use Fravel\Support\Node;

/** Words to read. */
final readonly class Text extends Thing
{
    public function __construct(Common $common, public string $md)
    {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(Common::read($node), $node->text('md'));
    }

    public function shown(Showing $showing): array
    {
        return ['md' => $showing->fill($this->md)];
    }
}

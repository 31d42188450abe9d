<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Reaction;
use Fravel\Support\Node;

/** A moment of a clip, in seconds, at which it may pause, show things and set off a reaction. */
final readonly class Cue
{
    /**
     * @param  list<Thing>  $things
     * @param  list<Reaction>  $react
     */
    public function __construct(
        public string $id,
        public int|float $at,
        public int|float|null $until,
        public bool $pause,
        public array $things,
        public array $react,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->number('at'),
            $node->has('until') ? $node->number('until') : null,
            $node->flag('pause'),
            Things::listed($node, 'things'),
            Reaction::listed($node, 'react'),
        );
    }
}

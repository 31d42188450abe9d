<?php

declare(strict_types=1);

namespace Fravel\Film;

use Fravel\Support\Node;

/** A moment of a clip that routes may lead to; with an end it is a passage. Times are seconds from its beginning. */
final readonly class Moment
{
    /** @param  string  $scene  where the clip stands */
    public function __construct(
        public string $id,
        public string $title,
        public float $at,
        public ?float $until,
        public string $clip = '',
        public string $scene = '',
    ) {
    }

    public static function read(Node $node, string $clip = '', string $scene = ''): self
    {
        $at = max(0.0, (float) $node->number('at'));
        $until = $node->has('until') ? (float) $node->number('until') : null;

        return new self(
            $node->id(), $node->text('title'), $at, $until !== null && $until > $at ? $until : null, $clip, $scene,
        );
    }
}

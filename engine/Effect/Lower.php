<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"lower": "cover"}` */
final readonly class Lower implements Effect
{
    public const REFERS = ['lower' => 'cover'];

    public function __construct(public string $cover)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('lower'));
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->lower($this->cover);
    }
}

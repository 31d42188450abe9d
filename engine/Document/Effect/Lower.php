<?php

declare(strict_types=1);

namespace Fravel\Document\Effect;

use Fravel\Document\Game;
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

    public function apply(PlayState $state, Game $game): PlayState
    {
        return $state->lower($this->cover);
    }
}

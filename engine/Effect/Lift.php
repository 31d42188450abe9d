<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"lift": "cover"}` */
final readonly class Lift implements Effect
{
    public const REFERS = ['lift' => 'cover'];

    public function __construct(public string $cover)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('lift'));
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->lift($this->cover);
    }
}

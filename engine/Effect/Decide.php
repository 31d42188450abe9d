<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"must": "tally"}`: it leads, whatever the others come to. */
final readonly class Decide implements Effect
{
    public const REFERS = ['must' => 'tally'];

    public function __construct(public string $tally)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('must'));
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->decide($this->tally);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"give": "token"}` */
final readonly class Give implements Effect
{
    public const REFERS = ['give' => 'token'];

    public function __construct(public string $token)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('give'));
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->give($this->token);
    }
}

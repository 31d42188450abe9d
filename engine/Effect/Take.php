<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"take": "token"}` */
final readonly class Take implements Effect
{
    public const REFERS = ['take' => 'token'];

    public function __construct(public string $token)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('take'));
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->take($this->token);
    }
}

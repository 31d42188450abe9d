<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"has": "token"}` */
final readonly class Has implements Condition
{
    public const REFERS = ['has' => 'token'];

    public function __construct(public string $token)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('has'));
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $state->holds($this->token);
    }
}

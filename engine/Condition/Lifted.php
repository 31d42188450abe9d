<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"lifted": "cover"}` */
final readonly class Lifted implements Condition
{
    public const REFERS = ['lifted' => 'cover'];

    public function __construct(public string $cover)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('lifted'));
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $state->isLifted($this->cover);
    }
}

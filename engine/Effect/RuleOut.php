<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"never": "tally"}`: it never leads, not even when it is decided. */
final readonly class RuleOut implements Effect
{
    public const REFERS = ['never' => 'tally'];

    public function __construct(public string $tally)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('never'));
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->ruleOut($this->tally);
    }
}

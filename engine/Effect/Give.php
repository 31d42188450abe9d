<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"give": "token"}` */
final readonly class Give implements Effect
{
    use Uncounted;

    public const FIELDS = ['give' => 'token'];

    public function __construct(public string $token)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('give'));
    }

    public static function schema(): array
    {
        return ['give' => ['$ref' => '#/$defs/id']];
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->give($this->token);
    }

    public function changes(GameDocument $game): array
    {
        return [Fact::token($this->token)];
    }

    public function isGain(): bool
    {
        return true;
    }

    public function mayTake(): bool
    {
        return false;
    }

    public function said(): Wording
    {
        return new Wording('effect.give', named: ['part' => [$this->token]]);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Effect;

use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"take": "token"}` */
final readonly class Take implements Effect
{
    use Uncounted;

    public const FIELDS = ['take' => 'token'];

    public function __construct(public string $token)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('take'));
    }

    public static function schema(): array
    {
        return ['take' => ['$ref' => '#/$defs/id']];
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->take($this->token);
    }

    public function changes(GameDocument $game): array
    {
        return [Fact::token($this->token)];
    }

    public function isGain(): bool
    {
        return false;
    }

    public function mayTake(): bool
    {
        return true;
    }

    public function said(): Wording
    {
        return new Wording('effect.take', named: ['part' => [$this->token]]);
    }
}

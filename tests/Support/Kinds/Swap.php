<?php

declare(strict_types=1);

namespace Tests\Support\Kinds;

use Fravel\Condition\Observed;
use Fravel\Document\GameDocument;
use Fravel\Effect\Effect;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"swap": "token", "for": "token"}`: whoever holds the first gives it for the second. */
final readonly class Swap implements Effect
{
    public const FIELDS = ['swap' => 'token', 'for' => 'token'];

    public function __construct(public string $swap, public string $for)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('swap'), $node->id('for'));
    }

    public static function schema(): array
    {
        return ['swap' => ['$ref' => '#/$defs/id'], 'for' => ['$ref' => '#/$defs/id']];
    }

    public function apply(PlayState $state, GameDocument $game): PlayState
    {
        return $state->holds($this->swap) ? $state->take($this->swap)->give($this->for) : $state;
    }

    public function changes(GameDocument $game): array
    {
        return [Fact::token($this->swap), Fact::token($this->for)];
    }

    public function isGain(): bool
    {
        return false;
    }

    public function mayTake(): bool
    {
        return true;
    }

    public function adds(): array
    {
        return [];
    }

    public function puts(): array
    {
        return [];
    }

    public function observe(Observed $seen): void
    {
        $seen->see(Fact::token($this->swap));
    }

    public function said(): Wording
    {
        return new Wording('effect.swap', named: ['part' => [$this->swap], 'for' => [$this->for]]);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"has": "token"}` */
final readonly class Has implements Condition
{
    public const FIELDS = ['has' => 'token'];

    public function __construct(public string $token)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('has'));
    }

    public static function schema(): array
    {
        return ['has' => ['$ref' => '#/$defs/id']];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $state->holds($this->token);
    }

    public function observe(Observed $seen): void
    {
        $seen->see(Fact::token($this->token));
    }

    public function isRising(): bool
    {
        return true;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        return null;
    }

    public function least(): Need
    {
        return Need::fact(Fact::token($this->token));
    }

    public function said(): Wording
    {
        return new Wording('condition.has', named: ['part' => [$this->token]]);
    }
}

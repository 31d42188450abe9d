<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"lifted": "cover"}` */
final readonly class Lifted implements Condition
{
    public const FIELDS = ['lifted' => 'cover'];

    public function __construct(public string $cover)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('lifted'));
    }

    public static function schema(): array
    {
        return ['lifted' => ['$ref' => '#/$defs/id']];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $state->isLifted($this->cover);
    }

    public function observe(Observed $seen): void
    {
        $seen->see(Fact::lifted($this->cover));
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
        return Need::fact(Fact::lifted($this->cover));
    }

    public function said(): Wording
    {
        return new Wording('condition.lifted', named: ['part' => [$this->cover]]);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"found": "board"}`: all that a find-it board asks for was found. */
final readonly class Found implements Condition
{
    public const FIELDS = ['found' => 'find'];

    public function __construct(public string $board)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('found'));
    }

    public static function schema(): array
    {
        return ['found' => ['$ref' => '#/$defs/id']];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $state->hasFound($this->board);
    }

    public function observe(Observed $seen): void
    {
        $seen->see(Fact::found($this->board));
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
        return Need::fact(Fact::found($this->board));
    }

    public function said(): Wording
    {
        return new Wording('condition.found', named: ['part' => [$this->board]]);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"tied": ["bold", "calm"]}`: several of them are highest, and nothing has decided between them. */
final readonly class Tied implements Condition
{
    public const FIELDS = ['tied' => 'tally'];

    /** @param  list<string>  $among */
    public function __construct(public array $among)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->texts('tied'));
    }

    public static function schema(): array
    {
        return ['tied' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/id']]];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return count($state->leaders($this->among)) > 1;
    }

    public function observe(Observed $seen): void
    {
        foreach ($this->among as $tally) {
            $seen->measure(Fact::tally($tally));
            $seen->see(Fact::decided($tally));
            $seen->see(Fact::ruledOut($tally));
        }
    }

    public function isRising(): bool
    {
        return false;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        return count(array_unique($this->among)) < 2 ? false : null;
    }

    public function least(): ?Need
    {
        return null;
    }

    public function said(): Wording
    {
        return new Wording('condition.tied', named: ['parts' => $this->among]);
    }
}

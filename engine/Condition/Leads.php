<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"leads": "bold", "among": ["bold", "calm"]}`: strictly highest, a tie goes to the one listed first; `must` and `never` go before numbers. */
final readonly class Leads implements Condition
{
    public const REFERS = ['leads' => 'tally', 'among' => 'tally'];

    /** @param  list<string>  $among in the order that settles a tie */
    public function __construct(public string $tally, public array $among)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('leads'), $node->texts('among'));
    }

    public function holds(PlayState $state, int $now): bool
    {
        return ($state->leaders($this->among)[0] ?? null) === $this->tally;
    }
}

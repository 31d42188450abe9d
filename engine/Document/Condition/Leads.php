<?php

declare(strict_types=1);

namespace Fravel\Document\Condition;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** `{"leads": "bold", "among": ["bold", "calm"]}`: strictly highest, a tie goes to the one listed first. */
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
        $first = null;
        foreach ($this->among as $tally) {
            if ($first === null || $state->tally($tally) > $state->tally($first)) {
                $first = $tally;
            }
        }

        return $first === $this->tally;
    }
}

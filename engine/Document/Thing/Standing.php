<?php

declare(strict_types=1);

namespace Fravel\Document\Thing;

use Fravel\Document\Showing;
use Fravel\Support\Node;

/** Shows how tallies stand, as bars with words. */
final readonly class Standing extends Thing
{
    public const REFERS = ['of' => 'tally'];

    /** @param  list<string>  $of tallies */
    public function __construct(Common $common, public array $of, public string $order)
    {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(Common::read($node), $node->texts('of'), $node->oneOf('order', ['given', 'highest'], 'given'));
    }

    public function shown(Showing $showing): array
    {
        $bars = [];
        foreach ($this->of as $id) {
            $bars[] = ['name' => $showing->game->tallies()[$id]->name ?? $id, 'value' => $showing->state->tally($id)];
        }
        if ($this->order === 'highest') {
            usort($bars, static fn (array $a, array $b): int => $b['value'] <=> $a['value']);
        }

        return ['bars' => $bars];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Document\Showing;
use Fravel\Effect\Effect;
use Fravel\Effect\Effects;
use Fravel\Support\Node;

/** One of the things an answer is made of: an option, a key, an entry to put in order or to pair. */
final readonly class Item
{
    /** @param  list<Effect>  $effects of picking it, whatever the verdict */
    public function __construct(public string $id, public string $md, public ?string $asset, public array $effects)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id(), $node->text('md'), $node->maybeText('asset'), Effects::listed($node, 'do'));
    }

    /** @return list<self> */
    public static function listed(Node $node, string $key): array
    {
        return array_map(self::read(...), $node->list($key));
    }

    /**
     * @param  list<self>  $items
     * @return list<string>
     */
    public static function ids(array $items): array
    {
        return array_map(static fn (self $item): string => $item->id, $items);
    }

    /**
     * @param  list<self>  $items
     * @return list<array<string, mixed>>
     */
    public static function shown(array $items, Showing $showing): array
    {
        return array_map(
            static fn (self $item): array => [
                'id' => $item->id,
                'md' => $showing->fill($item->md),
                'asset' => $item->asset,
            ],
            $items,
        );
    }

    /**
     * The items in an order that the play's seed, the lock and its tries decide: the same for the same three, another
     * after each try.
     *
     * @param  list<self>  $items
     * @return list<self>
     */
    public static function shuffled(array $items, Showing $showing, string $lock): array
    {
        $draw = $showing->state->seed.'|'.$lock.'|'.$showing->state->triesOn($lock).'|';
        usort(
            $items,
            static fn (self $a, self $b): int => hash('sha256', $draw.$a->id) <=> hash('sha256', $draw.$b->id),
        );

        return $items;
    }
}

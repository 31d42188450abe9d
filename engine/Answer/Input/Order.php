<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/**
 * Given items to be put in order; shown in one drawn from the seed, since the order of writing is often the right one.
 */
final readonly class Order implements Input
{
    use Composed;
    use Picks;

    public const FIELDS = ['items' => 'items'];

    /** @param  list<Item>  $items */
    public function __construct(public array $items)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Item::listed($node, 'items'));
    }

    public static function schema(): array
    {
        return ['items' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/item']]];
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        $order = $this->acceptList($sent, $cleaning, Item::ids($this->items), count($this->items));
        if ($order instanceof Answer && count(array_unique($order->list())) !== count($this->items)) {
            return Refusal::malformed();
        }

        return $order;
    }

    public function ways(): float
    {
        return (float) array_product(range(1, max(1, count($this->items))));
    }

    public function shown(Showing $showing, string $lock): array
    {
        return ['type' => 'order', 'items' => Item::shown(Item::shuffled($this->items, $showing, $lock), $showing)];
    }

    public function every(int $most): ?array
    {
        return Arrangements::orders(Item::ids($this->items), $most);
    }

    public function entry(): Entry
    {
        return Entry::Picks;
    }

    public function parts(): array
    {
        return array_column($this->items, 'md', 'id');
    }

    /**
     * The order whose place among all is this number: by the factorial number system.
     *
     * @return list<string>
     */
    private function drawn(int $number): array
    {
        $order = [];
        foreach (array_reverse(Item::ids($this->items)) as $place => $id) {
            array_splice($order, $number % ($place + 1), 0, [$id]);
            $number = intdiv($number, $place + 1);
        }

        return $order;
    }
}

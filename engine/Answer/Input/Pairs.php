<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Probe\ListProbes;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** Each entry on the left to be given one on the right. */
final readonly class Pairs implements Input
{
    use Composed;

    public const FIELDS = ['left' => 'items', 'right' => 'items'];

    /**
     * @param  list<Item>  $left
     * @param  list<Item>  $right
     */
    public function __construct(public array $left, public array $right)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Item::listed($node, 'left'), Item::listed($node, 'right'));
    }

    public static function schema(): array
    {
        return [
            'left' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/item']],
            'right' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/item']],
        ];
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        if (! is_array($sent) || ($sent !== [] && array_is_list($sent))) {
            return Refusal::malformed();
        }
        $pairs = array_filter($sent, static fn (mixed $right): bool => $right !== '' && $right !== null);
        if ($pairs === []) {
            return Refusal::blank();
        }
        foreach ($pairs as $left => $right) {
            if (! in_array($left, Item::ids($this->left), true) || ! in_array($right, Item::ids($this->right), true)) {
                return Refusal::malformed();
            }
        }

        return count($pairs) === count($this->left) ? new Answer($pairs, $cleaning) : Refusal::incomplete();
    }

    public function ways(): float
    {
        return (float) count($this->right) ** count($this->left);
    }

    public function shown(Showing $showing, string $lock): array
    {
        return [
            'type' => 'pairs',
            'left' => Item::shown($this->left, $showing),
            'right' => Item::shown(Item::shuffled($this->right, $showing, $lock), $showing),
        ];
    }

    public function every(int $most): ?array
    {
        $lists = Arrangements::lists(Item::ids($this->right), count($this->left), $most);

        return $lists === null
            ? null
            : array_map(fn (array $list): array => array_combine(Item::ids($this->left), $list), $lists);
    }

    public function entry(): Entry
    {
        return Entry::Picks;
    }

    public function parts(): array
    {
        return array_column([...$this->left, ...$this->right], 'md', 'id');
    }

    /** @return array<string, string> */
    private function drawn(int $number): array
    {
        $right = Item::ids($this->right);

        return $right === []
            ? []
            : array_combine(Item::ids($this->left), ListProbes::spelt($number, $right, count($this->left)));
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Probe\ListProbes;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** A pad of any symbols, signs or pictures, of which so many are pressed. */
final readonly class Keys implements Input
{
    use Composed;
    use Picks;

    public const FIELDS = ['keys' => 'items'];

    /** @param  list<Item>  $keys */
    public function __construct(public array $keys, public int $length, public int $columns)
    {
    }

    public static function read(Node $node): self
    {
        return new self(
            Item::listed($node, 'keys'),
            $node->whole('length', 1, 1, 40),
            $node->whole('columns', 3, 1, 12),
        );
    }

    public static function schema(): array
    {
        return [
            'keys' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/item']],
            'length' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 40],
            'columns' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 12],
        ];
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        return $this->acceptList($sent, $cleaning, Item::ids($this->keys), $this->length);
    }

    public function ways(): float
    {
        return (float) count($this->keys) ** $this->length;
    }

    public function shown(Showing $showing, string $lock): array
    {
        return [
            'type' => 'keys',
            'length' => $this->length,
            'columns' => $this->columns,
            'keys' => Item::shown($this->keys, $showing),
        ];
    }

    public function every(int $most): ?array
    {
        return Arrangements::lists(Item::ids($this->keys), $this->length, $most);
    }

    public function entry(): Entry
    {
        return Entry::Picks;
    }

    public function parts(): array
    {
        return array_column($this->keys, 'md', 'id');
    }

    public function signs(array $colours, array $alts): array
    {
        $signs = [];
        foreach ($this->keys as $key) {
            $words = $key->md !== '' ? $key->md : $alts[$key->asset ?? ''] ?? '';
            $signs[$key->id] = $key->asset === null ? $words : "![{$words}](asset:{$key->asset})";
        }

        return $signs;
    }

    /** @return list<string> */
    private function drawn(int $number): array
    {
        $ids = Item::ids($this->keys);

        return $ids === [] ? [] : ListProbes::spelt($number, $ids, $this->length);
    }
}

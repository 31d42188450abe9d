<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Effect\Effect;
use Fravel\Support\Node;

/** One or several picked from given options. */
final readonly class Options implements Input
{
    use Composed;
    use Picks;

    public const FIELDS = ['options' => 'items'];

    /** @param  list<Item>  $options */
    public function __construct(public array $options, public bool $many, public bool $shuffle)
    {
    }

    public static function read(Node $node): self
    {
        return new self(Item::listed($node, 'options'), $node->flag('many'), $node->flag('shuffle'));
    }

    public static function schema(): array
    {
        return [
            'options' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/item']],
            'many' => ['type' => 'boolean'],
            'shuffle' => ['type' => 'boolean'],
        ];
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        $picked = $this->acceptList($sent, $cleaning, Item::ids($this->options), $this->many ? null : 1);
        if ($picked instanceof Refusal || ! $this->many) {
            return $picked;
        }

        return new Answer(array_values(array_unique($picked->list())), $cleaning);
    }

    /** @return list<Effect> what picking these does, in the order of the options */
    public function effectsOf(Answer $answer): array
    {
        $picked = array_filter(
            $this->options,
            static fn (Item $option): bool => in_array($option->id, $answer->list(), true),
        );

        return array_merge(
            [], ...array_map(static fn (Item $option): array => $option->effects, array_values($picked)),
        );
    }

    public function ways(): float
    {
        return $this->many ? 2.0 ** count($this->options) - 1 : (float) count($this->options);
    }

    public function shown(Showing $showing, string $lock): array
    {
        $options = $this->shuffle ? Item::shuffled($this->options, $showing, $lock) : $this->options;

        return ['type' => 'options', 'many' => $this->many, 'options' => Item::shown($options, $showing)];
    }

    public function every(int $most): ?array
    {
        return $this->many ? Arrangements::sets(Item::ids($this->options), $most) : Item::ids($this->options);
    }

    public function entry(): Entry
    {
        return Entry::Picks;
    }

    public function effects(): array
    {
        return array_map(static fn (Item $option): array => $option->effects, $this->options);
    }

    public function picks(): array
    {
        return $this->many ? [] : Item::ids($this->options);
    }

    public function parts(): array
    {
        return array_column($this->options, 'md', 'id');
    }

    /** @return list<string> */
    private function drawn(int $number): array
    {
        $ids = Item::ids($this->options);
        $picked = array_values(
            array_filter(
                $ids,
                static fn (string $id, int $place): bool => ((($number + 1) >> min($place, 60)) & 1) === 1,
                ARRAY_FILTER_USE_BOTH,
            ),
        );

        return $this->many ? $picked : array_slice($ids, $number, 1);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Showing;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** Shows how tallies stand, as bars with words. */
final readonly class Standing extends Thing
{
    use Passive;

    public const FIELDS = ['of' => 'tally'];

    /** What is decided comes before what is counted, what is ruled out after it. */
    private const ORDER = ['must' => 1, 'free' => 0, 'never' => -1];

    /** @param  list<string>  $of tallies */
    public function __construct(Common $common, public array $of, public string $order)
    {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        return new self(Common::read($node), $node->texts('of'), $node->oneOf('order', ['given', 'highest'], 'given'));
    }

    public static function schema(): array
    {
        return [
            'of' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/id']],
            'order' => ['enum' => ['given', 'highest']],
        ];
    }

    public function shown(Showing $showing): array
    {
        $bars = [];
        foreach ($this->of as $id) {
            $bars[$id] = [
                'name' => $showing->game->tallies()[$id]->name ?? $id,
                'value' => $showing->state->tally($id),
                'stands' => self::stands($showing->state, $id),
            ];
        }
        if ($this->order === 'highest') {
            uasort(
                $bars,
                static fn (array $a, array $b): int => [self::ORDER[$b['stands']], $b['value']] <=> [
                    self::ORDER[$a['stands']],
                    $a['value'],
                ],
            );
        }

        return ['bars' => array_values($bars)];
    }

    private static function stands(PlayState $state, string $tally): string
    {
        return match (true) {
            in_array($tally, $state->ruledOut, true) => 'never',
            in_array($tally, $state->decided, true) => 'must',
            default => 'free',
        };
    }

    public function words(): array
    {
        return [];
    }

    public function lacksFile(): bool
    {
        return false;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Showing;
use Fravel\Support\Node;

/** A picture cut into cells that appear as locks open. */
final readonly class Mosaic extends Thing
{
    use Passive;

    public const FIELDS = ['asset' => 'asset', 'by' => 'shares'];

    /** @param  array<string, int>  $shares lock → its part of the cells, in proportion to the sum */
    public function __construct(
        Common $common,
        public ?string $asset,
        public int $columns,
        public int $rows,
        public int $colours,
        public array $shares,
        public int $seed,
    ) {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        $shares = [];
        foreach ($node->list('by') as $share) {
            $shares[$share->id('lock')] = $share->whole('share', 1, 1, 1000);
        }

        return new self(
            Common::read($node),
            $node->maybeText('asset'),
            $node->whole('columns', 8, 1, 200),
            $node->whole('rows', 6, 1, 200),
            $node->whole('colours', 8, 2, 64),
            $shares,
            $node->whole('seed', 1),
        );
    }

    public static function schema(): array
    {
        return [
            'asset' => ['type' => ['string', 'null']],
            'columns' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 200],
            'rows' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 200],
            'colours' => ['type' => 'integer', 'minimum' => 2, 'maximum' => 64],
            'by' => [
                'type' => 'array',
                'items' => [
                    'type' => 'object',
                    'properties' => [
                        'lock' => ['$ref' => '#/$defs/id'],
                        'share' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 1000],
                    ],
                    'required' => ['lock'],
                ],
            ],
            'seed' => ['type' => 'integer', 'minimum' => 0],
        ];
    }

    /** The picture is not shown: only how many of its parts have been earned. */
    public function shown(Showing $showing): array
    {
        $earned = array_intersect_key($this->shares, array_flip($showing->state->open));

        return [
            'columns' => $this->columns,
            'rows' => $this->rows,
            'earned' => array_sum($earned),
            'of' => array_sum($this->shares),
        ];
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

<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Showing;
use Fravel\Mosaic\Reduction;
use Fravel\Mosaic\Sharing;
use Fravel\Support\Node;

/**
 * A picture in cells of few colours, which appear as locks open. What it was made of is no part of it: the colours of
 * the cells are, and of those a device gets what was earned.
 */
final readonly class Mosaic extends Thing
{
    use Passive;

    public const FIELDS = ['asset' => 'asset', 'by' => 'shares'];

    /**
     * @param  array<string, int>  $shares lock → its part of the cells, in proportion to the sum
     * @param  list<string>  $palette  colours of the cells as #rrggbb
     * @param  string  $cells  a sign for each, as Reduction gives them; '' where there is no picture yet
     * @param  string  $spread  one of Sharing::WAYS
     * @param  string  $drawn  for each cell the sign of its lock by its place in `by`, or `.`
     */
    public function __construct(
        Common $common,
        public ?string $asset,
        public int $columns,
        public int $rows,
        public int $colours,
        public array $shares,
        public int $seed,
        public array $palette,
        public string $cells,
        public string $spread,
        public string $drawn,
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
            array_map(self::colour(...), $node->texts('palette')),
            $node->text('cells'),
            $node->known('spread', Sharing::WAYS, Sharing::WAYS[0]),
            $node->text('drawn'),
        );
    }

    /** What is no colour is black: it is written into drawings as it is. */
    private static function colour(string $written): string
    {
        return preg_match('/^#[0-9a-f]{6}$/D', $written) === 1 ? $written : '#000000';
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
            'palette' => ['type' => 'array', 'items' => ['type' => 'string', 'pattern' => '^#[0-9a-f]{6}$']],
            'cells' => ['type' => 'string', 'maxLength' => 40_000],
            'spread' => ['enum' => Sharing::WAYS],
            'drawn' => ['type' => 'string', 'maxLength' => 40_000],
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
            'runs' => $this->runs(array_keys($earned)),
        ];
    }

    public function earnedBy(): array
    {
        return $this->owners() === [] ? [] : array_map(strval(...), array_keys($this->shares));
    }

    /** @return list<int> for each cell, the place of its lock among those of `by`; none without a picture */
    public function owners(): array
    {
        $isWhole = strlen($this->cells) === $this->columns * $this->rows && $this->shares !== [];

        return $isWhole
            ? Sharing::of($this->cells, array_values($this->shares), $this->spread, $this->seed, $this->drawn)
            : [];
    }

    /**
     * The cells of these locks, as rows of one colour.
     *
     * @param  list<string>  $locks
     * @return array<string, list<array{int, int, int}>> colour → column, row and how many beside each other
     */
    private function runs(array $locks): array
    {
        $places = array_keys(array_intersect(array_keys($this->shares), $locks));
        $isEarned = array_fill_keys($places, true);
        $signs = array_flip(str_split(Reduction::SIGNS));
        [$runs, $last] = [[], null];
        foreach ($locks === [] ? [] : $this->owners() as $cell => $owner) {
            $colour = isset($isEarned[$owner]) ? $this->palette[$signs[$this->cells[$cell]] ?? -1] ?? null : null;
            [$column, $row] = [$cell % $this->columns, intdiv($cell, $this->columns)];
            if ($colour !== null && $colour === $last && $column > 0) {
                [$from, , $long] = array_pop($runs[$colour]);
                $runs[$colour][] = [$from, $row, $long + 1];
            } elseif ($colour !== null) {
                $runs[$colour][] = [$column, $row, 1];
            }
            $last = $colour;
        }

        return $runs;
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

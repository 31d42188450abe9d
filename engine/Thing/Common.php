<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Condition\Condition;
use Fravel\Condition\Conditions;
use Fravel\Support\Node;

/** What every thing has. Box and turn are in units of a 1600 × 900 stage and degrees. */
final readonly class Common
{
    /**
     * @param  array{int|float, int|float, int|float, int|float}|null  $box  x, y, width, height
     * @param  bool  $stays  whether it stays in view while locks are answered
     * @param  list<array{float, float}>  $points  of a polygon, 0 to 1 inside the box
     */
    public function __construct(
        public string $id,
        public string $label,
        public ?array $box,
        public int|float $turn,
        public string $shape,
        public array $points,
        public ?Condition $if,
        public bool $stays,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('label'),
            self::box($node),
            $node->number('turn'),
            $node->oneOf('shape', ['rect', 'ellipse', 'polygon'], 'rect'),
            Points::read($node, 'points'),
            Conditions::maybe($node->at('if')),
            $node->at('stays')->value === true,
        );
    }

    /** @return array{int|float, int|float, int|float, int|float}|null */
    private static function box(Node $node): ?array
    {
        if (! $node->has('box')) {
            return null;
        }
        $box = array_map(static fn (Node $side): mixed => $side->value, $node->list('box'));
        if (
            count($box) === 4 &&
            array_filter($box, static fn (mixed $side): bool => ! is_int($side) && ! is_float($side)) === []
        ) {
            /** @var array{int|float, int|float, int|float, int|float} */
            return $box;
        }
        $node->at('box')->wrong('four numbers: x, y, width, height');

        return null;
    }
}

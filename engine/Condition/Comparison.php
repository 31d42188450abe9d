<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\Support\Node;

enum Comparison: string
{
    case Less = '<';
    case AtMost = '<=';
    case Equal = '=';
    case AtLeast = '>=';
    case More = '>';
    case Differs = '!=';

    public static function read(Node $node): self
    {
        return self::from($node->oneOf('is', array_column(self::cases(), 'value'), self::AtLeast->value));
    }

    public function holds(int|float $left, int|float $right): bool
    {
        return match ($this) {
            self::Less => $left < $right,
            self::AtMost => $left <= $right,
            self::Equal => $left == $right,
            self::AtLeast => $left >= $right,
            self::More => $left > $right,
            self::Differs => $left != $right,
        };
    }
}

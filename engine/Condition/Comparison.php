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

    /** @return array<string, mixed> */
    public static function schema(): array
    {
        return ['enum' => ['<', '<=', '=', '>=', '>', '!='], 'default' => self::AtLeast->value];
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

    /** Whether a number that grows turns it true and never false again. */
    public function isUpward(): bool
    {
        return $this === self::AtLeast || $this === self::More;
    }

    /** Its value for a number that starts at the least it can be and only grows; null when it may turn. */
    public function foldsFrom(int $least, int|float $value): ?bool
    {
        return match ($this) {
            self::AtLeast => $value <= $least ? true : null,
            self::More, self::Differs => $value < $least ? true : null,
            self::Less => $value <= $least ? false : null,
            self::AtMost, self::Equal => $value < $least ? false : null,
        };
    }

    /** Whether so many of what is there can be had at all; null when it depends. */
    public static function countFolds(int $wanted, int $there): ?bool
    {
        return $wanted <= 0 ? true : ($wanted > $there ? false : null);
    }
}

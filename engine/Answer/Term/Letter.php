<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/** `x` */
final readonly class Letter implements Term
{
    public function __construct(public string $name)
    {
    }

    public function worth(Room $room): Fraction
    {
        return Fraction::whole(Polynomial::letter($this->name));
    }

    public function at(array $letters): ?BigRational
    {
        return $letters[$this->name] ?? null;
    }

    public function written(): string
    {
        return $this->name;
    }

    public function parts(): array
    {
        return [];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Unit;

use Brick\Math\BigRational;

/** A unit as a multiple of its quantity's base unit, for temperatures with the point at which it begins. */
final readonly class Unit
{
    public function __construct(public string $measures, public BigRational $factor, public BigRational $zero)
    {
    }

    /** The unit of differences between two points on this scale: 20 °C lie 20 K apart, and are not 20 K. */
    public function ofDifferences(): self
    {
        return new self("{$this->measures} difference", $this->factor, BigRational::zero());
    }

    public function toBase(BigRational $number): BigRational
    {
        return $number->multipliedBy($this->factor)->plus($this->zero);
    }

    public function fromBase(BigRational $number): BigRational
    {
        return $number->minus($this->zero)->dividedBy($this->factor);
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer;

use Brick\Math\BigRational;
use Fravel\Answer\Unit\Unit;
use Fravel\Answer\Unit\Units;

/** A number with a unit, or without one. */
final readonly class Quantity
{
    /** @param  bool  $isShare  whether the number was written in hundredths, with % behind it */
    private function __construct(public BigRational $number, public ?Unit $unit, private bool $isShare = false)
    {
    }

    /** The unit is the longest known one that leaves a number before it. */
    public static function read(string $text, string $language): ?self
    {
        $number = Number::read($text, $language);
        if ($number !== null) {
            return new self($number, null, str_contains($text, '%'));
        }
        $text = mb_substr($text, 0, 120);
        $length = mb_strlen($text);
        for ($cut = 1; $cut < $length; $cut++) {
            $unit = Units::named(mb_substr($text, $cut));
            if ($unit === null) {
                continue;
            }
            $number = Number::read(mb_substr($text, 0, $cut), $language);
            if ($number !== null) {
                return new self($number, $unit);
            }
        }

        return null;
    }

    /** The number in the other unit; a missing unit is taken as that unit. Null when they measure different things. */
    public function in(Unit $unit): ?BigRational
    {
        if ($this->unit === null) {
            return $this->isShare && $unit->measures === 'share' ? $unit->fromBase($this->number) : $this->number;
        }

        // Whoever is asked for a difference answers in degrees like anybody else.
        $own = $this->unit->measures === $unit->measures ? $this->unit : $this->unit->ofDifferences();

        return $own->measures === $unit->measures ? $unit->fromBase($own->toBase($this->number)) : null;
    }
}

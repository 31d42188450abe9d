<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/** `x^2`; where the exponent is no whole number between -20 and 20, it is worked out at numbers alone. */
final readonly class Power implements Term
{
    private const HIGHEST = 20;

    /** The highest exponent, and the most digits of what is raised, where it is worked out at numbers. */
    private const MOST = 64;

    private const DIGITS = 5;

    public function __construct(public Term $base, public Term $exponent)
    {
    }

    public function worth(Room $room): ?Fraction
    {
        $exponent = $this->times(self::HIGHEST, []);
        $base = $exponent === null ? null : $this->base->worth($room);
        $power = $base === null ? null : Fraction::whole(Polynomial::number(BigRational::one()));
        for ($count = abs((int) $exponent); $count > 0 && $power !== null; $count--) {
            $power = $power->times($base ?? $power, $room);
        }

        return $exponent < 0 && $power !== null
            ? Fraction::whole(Polynomial::number(BigRational::one()))->by($power, $room)
            : $power;
    }

    public function at(array $letters): ?BigRational
    {
        [$base, $exponent] = [$this->base->at($letters), $this->times(self::MOST, $letters)];
        if ($base === null || $exponent === null || ($base->isZero() && $exponent <= 0)) {
            return null;
        }
        $base = Room::short($base, self::DIGITS);
        if ($base === null) {
            return null;
        }

        return $exponent < 0 ? $base->reciprocal()->power(-$exponent) : $base->power($exponent);
    }

    public function written(): string
    {
        return "{$this->base->written()}^{$this->exponent->written()}";
    }

    public function parts(): array
    {
        return [$this->base, $this->exponent];
    }

    /**
     * The exponent, where it is a whole number that is not too high.
     *
     * @param  array<string, BigRational>  $letters
     */
    private function times(int $most, array $letters): ?int
    {
        $exponent = $this->exponent->at($letters)?->simplified();
        $isWhole = $exponent !== null && $exponent->getDenominator()->isEqualTo(1)
            && $exponent->abs()->isLessThanOrEqualTo($most);

        return $isWhole ? $exponent->getNumerator()->toInt() : null;
    }
}

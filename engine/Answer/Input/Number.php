<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Answer\Matcher\Span;
use Fravel\Answer\Refusal;
use Fravel\Answer\Unit\Units;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** A number as typed; the unit is shown beside the field. */
final readonly class Number implements Input
{
    use Typed;

    /** In characters; longer is refused with a word. */
    public const LONGEST = 100;

    public function __construct(public ?string $unit)
    {
    }

    public static function read(Node $node): self
    {
        $unit = $node->maybeText('unit');
        if ($unit !== null && $unit !== '' && Units::named($unit) === null) {
            $node->problems->add('unit.unknown', $node->pointer.'/unit', ['found' => $unit]);
        }

        return new self($unit);
    }

    public static function schema(): array
    {
        return ['unit' => ['type' => ['string', 'null']]];
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        return $this->acceptText($sent, $cleaning, self::LONGEST);
    }

    public function shown(Showing $showing, string $lock): array
    {
        return ['type' => 'number', 'unit' => $this->unit, 'most' => self::LONGEST];
    }

    /** A number field steps up from 0 by one. */
    public function guesses(array $open, string $language): ?float
    {
        $choices = array_merge([], ...array_map(static fn (Matcher $matcher): array => $matcher->choices(), $open));
        $steps = array_map(static fn (Matcher $matcher): ?float => self::stepsTo($matcher->span()), $choices);
        $steps = array_filter($steps, static fn (?float $one): bool => $one !== null);

        return $steps === [] ? null : min($steps);
    }

    public function entry(): Entry
    {
        return Entry::Number;
    }

    public function isLong(): bool
    {
        return false;
    }

    public function unit(): ?string
    {
        return $this->unit;
    }

    private static function stepsTo(?Span $span): ?float
    {
        if ($span === null || $span->isEmpty()) {
            return null;
        }
        $nearest = $span->least->isPositiveOrZero()
            ? self::rounded($span->least, RoundingMode::CEILING)
            : self::rounded($span->most->isNegative() ? $span->most : BigRational::zero(), RoundingMode::FLOOR);

        return $nearest->isGreaterThanOrEqualTo($span->least) && $nearest->isLessThanOrEqualTo($span->most)
            ? abs($nearest->toFloat()) + 1
            : null;
    }

    private static function rounded(BigRational $number, RoundingMode $mode): BigRational
    {
        return BigRational::of($number->toScale(0, $mode));
    }
}

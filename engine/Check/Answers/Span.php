<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Brick\Math\BigRational;
use Fravel\Answer\Matcher\Any;
use Fravel\Answer\Matcher\Between;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Answer\Matcher\Number;
use Fravel\Answer\Unit\Unit;

/** The numbers from one to another, both included, that a matcher takes. */
final readonly class Span
{
    private function __construct(public BigRational $least, public BigRational $most, public ?Unit $unit)
    {
    }

    /** Null for matchers that take no such span, or one without its ends. */
    public static function of(Matcher $matcher): ?self
    {
        if ($matcher instanceof Between) {
            return new self($matcher->least, $matcher->most, null);
        }
        if ($matcher instanceof Number && $matcher->places === null) {
            $room = $matcher->within ?? BigRational::zero();

            return new self($matcher->number->minus($room), $matcher->number->plus($room), $matcher->unit);
        }

        return null;
    }

    public function isEmpty(): bool
    {
        return $this->least->isGreaterThan($this->most);
    }

    /**
     * Whether the wide ones together leave nothing of the narrow one.
     *
     * @param  list<Matcher>  $wide
     */
    public static function takesAll(array $wide, Matcher $narrow): bool
    {
        $span = self::of($narrow);
        if ($span === null || $span->isEmpty()) {
            return false;
        }
        $spans = array_filter(self::listed($wide), static fn (self $one): bool => ! $one->isEmpty() && ($span->unit === null || $span->unit == $one->unit));
        usort($spans, static fn (self $a, self $b): int => $a->least->compareTo($b->least));
        $reached = $span->least;
        $isReached = false;
        foreach ($spans as $one) {
            // Two spans with a gap between them leave what lies there.
            if ($one->least->isGreaterThan($reached)) {
                break;
            }
            $isReached = $isReached || $one->most->isGreaterThanOrEqualTo($reached);
            $reached = $one->most->isGreaterThan($reached) ? $one->most : $reached;
        }

        return $isReached && $reached->isGreaterThanOrEqualTo($span->most);
    }

    /**
     * @param  list<Matcher>  $matchers
     * @return list<self>
     */
    private static function listed(array $matchers): array
    {
        $spans = [];
        foreach ($matchers as $matcher) {
            $span = self::of($matcher);
            array_push($spans, ...($matcher instanceof Any ? self::listed($matcher->parts) : ($span === null ? [] : [$span])));
        }

        return $spans;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Brick\Math\BigRational;
use Fravel\Answer\Unit\Unit;

/** The numbers from one to another, both included, that a matcher takes. */
final readonly class Span
{
    public function __construct(public BigRational $least, public BigRational $most, public ?Unit $unit)
    {
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
        $span = $narrow->span();
        if ($span === null || $span->isEmpty()) {
            return false;
        }
        $spans = array_filter(
            self::listed($wide),
            static fn (self $one): bool => ! $one->isEmpty() && ($span->unit === null || $span->unit == $one->unit),
        );
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
        $choices = array_merge([], ...array_map(static fn (Matcher $matcher): array => $matcher->choices(), $matchers));

        return array_values(array_filter(array_map(static fn (Matcher $choice): ?self => $choice->span(), $choices)));
    }
}

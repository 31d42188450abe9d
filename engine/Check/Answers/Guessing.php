<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Fravel\Answer\Input\Long;
use Fravel\Answer\Input\Number;
use Fravel\Answer\Input\Point;
use Fravel\Answer\Input\Text;
use Fravel\Answer\Matcher\Any;
use Fravel\Answer\Matcher\Equals;
use Fravel\Answer\Matcher\Inside;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Check\Effort;
use Fravel\State\Verdict;
use Fravel\Thing\Guard;
use Fravel\Thing\Lock;
use Fravel\Thing\Rule;

/** What somebody who knows nothing faces when they try one answer after the other. */
final readonly class Guessing
{
    /** Seconds to enter an answer and read what comes of it. */
    private const SECONDS_A_GUESS = 3;

    /** Seconds to find back to a lock whose wrong answers lead elsewhere. */
    private const SECONDS_BACK = 20;

    /** @param  float  $guesses  expected until the lock opens */
    private function __construct(public float $guesses, private int $secondsAGuess)
    {
    }

    /** Null where there is no end of answers to try. */
    public static function at(Lock $lock, string $language, Effort $effort = new Effort): ?self
    {
        $open = array_values(array_map(static fn (Rule $rule): Matcher => $rule->match, array_filter($lock->rules, static fn (Rule $rule): bool => $rule->verdict === Verdict::Open)));
        $guesses = match (true) {
            $open === [] => null,
            $lock->input instanceof Number => self::steps($open),
            $lock->input instanceof Point => self::taps($open),
            $lock->input instanceof Text, $lock->input instanceof Long => self::words($open, $language),
            default => self::amongAll($lock, $open, $language, $effort),
        };

        return $guesses === null ? null : new self($guesses, self::SECONDS_A_GUESS + (self::leadsAway($lock) ? self::SECONDS_BACK : 0));
    }

    /** Expected seconds until the lock opens, with the waits that a guard puts between. */
    public function seconds(?Guard $guard): float
    {
        $waits = $guard === null || $guard->wait === 0 ? 0.0 : floor(max(0.0, $this->guesses - 1) / $guard->tries) * $guard->wait;

        return $this->guesses * $this->secondsAGuess + $waits;
    }

    /** @param  list<Matcher>  $open */
    private static function amongAll(Lock $lock, array $open, string $language, Effort $effort): ?float
    {
        $ways = $lock->input->ways();
        if ($ways === null) {
            return null;
        }
        $caught = Enumeration::caught($lock, $language, $effort);
        $right = $caught === null
            ? count(array_unique(array_map(serialize(...), array_merge([], ...array_map(Samples::of(...), $open)))))
            : array_sum(array_filter($caught, static fn (string|int $rule): bool => $rule !== '' && $lock->rules[(int) $rule]->verdict === Verdict::Open, ARRAY_FILTER_USE_KEY));

        // A lock that takes any answer keeps no secret.
        if ($right >= $ways) {
            return null;
        }

        // Of n answers in any order, of which k are right, the first right one is met at place (n + 1) / (k + 1) on average.
        return $right === 0 ? null : ($ways + 1) / ($right + 1);
    }

    /**
     * A number field steps up from 0 by one.
     *
     * @param  list<Matcher>  $open
     */
    private static function steps(array $open): ?float
    {
        $steps = [];
        foreach ($open as $matcher) {
            foreach ($matcher instanceof Any ? $matcher->parts : [$matcher] as $part) {
                $steps[] = self::stepsTo($part);
            }
        }
        $steps = array_filter($steps, static fn (?float $one): bool => $one !== null);

        return $steps === [] ? null : min($steps);
    }

    private static function stepsTo(Matcher $matcher): ?float
    {
        $span = Span::of($matcher);
        if ($span === null || $span->isEmpty()) {
            return null;
        }
        $nearest = $span->least->isPositiveOrZero() ? self::rounded($span->least, RoundingMode::CEILING) : self::rounded($span->most->isNegative() ? $span->most : BigRational::zero(), RoundingMode::FLOOR);

        return $nearest->isGreaterThanOrEqualTo($span->least) && $nearest->isLessThanOrEqualTo($span->most) ? abs($nearest->toFloat()) + 1 : null;
    }

    private static function rounded(BigRational $number, RoundingMode $mode): BigRational
    {
        return BigRational::of($number->toScale(0, $mode));
    }

    /** @param  list<Matcher>  $open */
    private static function taps(array $open): ?float
    {
        $area = 0.0;
        foreach ($open as $matcher) {
            foreach ($matcher instanceof Any ? $matcher->parts : [$matcher] as $part) {
                $area += $part instanceof Inside ? self::area($part->corners) : 0.0;
            }
        }

        return $area > 0.0 ? 1 / min(1.0, $area) : null;
    }

    /**
     * Shoelace formula.
     *
     * @param  list<array{float, float}>  $corners
     */
    private static function area(array $corners): float
    {
        $twice = 0.0;
        foreach ($corners as $place => [$x, $y]) {
            [$nextX, $nextY] = $corners[($place + 1) % count($corners)];
            $twice += $x * $nextY - $nextX * $y;
        }

        return abs($twice) / 2;
    }

    /**
     * Words can't be counted, but for a single letter and for yes or no.
     *
     * @param  list<Matcher>  $open
     */
    private static function words(array $open, string $language): ?float
    {
        $guesses = null;
        foreach ($open as $matcher) {
            foreach ($matcher instanceof Equals ? $matcher->texts : [] as $text) {
                $of = match (true) {
                    in_array(mb_strtolower(trim($text)), LanguageData::of($language)->pairs, true) => 1.5,
                    preg_match('/^\p{L}$/Du', trim($text)) === 1 => 13.5,
                    preg_match('/^\d{1,2}$/D', trim($text)) === 1 => (float) $text + 1,
                    default => null,
                };
                $guesses = $of === null ? $guesses : min($guesses ?? $of, $of);
            }
        }

        return $guesses;
    }

    private static function leadsAway(Lock $lock): bool
    {
        $first = $lock->otherwise[0] ?? null;

        return $first !== null && $first->if === null && $first->go !== null && $first->go->to !== '@stay';
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Matcher\Matcher;
use Fravel\Check\Effort;
use Fravel\Thing\Guard;
use Fravel\Thing\Lock;
use Fravel\Thing\Round;
use Fravel\Thing\Rule;

/** What somebody who knows nothing faces when they try one answer after the other. */
final readonly class Guessing
{
    /** Seconds to enter an answer and read what comes of it. */
    private const SECONDS_A_GUESS = 3;

    /** A lock that is found out sooner, in seconds, can be had by guessing. */
    private const TOO_SOON = 120;

    /** The guard that is fair: after so many tries, and no longer than anybody would wait. */
    private const TRIES = 3;

    private const LONGEST_WAIT = 60;

    /** Seconds to find back to a lock whose wrong answers lead elsewhere. */
    private const SECONDS_BACK = 20;

    /** @param  float  $guesses  expected until the lock opens */
    private function __construct(public float $guesses, private int $secondsAGuess)
    {
    }

    /** Null where there is no end of answers to try. */
    public static function at(Lock $lock, string $language, Effort $effort = new Effort()): ?self
    {
        $open = array_values(
            array_map(
                static fn (Rule $rule): Matcher => $rule->match,
                array_filter($lock->rules, static fn (Rule $rule): bool => $rule->opens()),
            ),
        );
        $guesses =
            $open === []
                ? null
                : ($lock->rounds !== [] ? self::inRounds($lock) : ($lock->input->ways() === null
                    ? $lock->input->guesses($open, $language)
                    : self::amongAll($lock, $open, $language, $effort)));

        return $guesses === null
            ? null
            : new self($guesses, self::SECONDS_A_GUESS + (self::leadsAway($lock) ? self::SECONDS_BACK : 0));
    }

    /** Expected seconds until the lock opens, with the waits that a guard puts between. */
    public function seconds(?Guard $guard): float
    {
        $waits =
            $guard === null || $guard->wait === 0
                ? 0.0
                : floor(max(0.0, $this->guesses - 1) / $guard->tries) * $guard->wait;

        return $this->guesses * $this->secondsAGuess + $waits;
    }

    public function isTooSoon(?Guard $guard): bool
    {
        return $this->seconds($guard) < self::TOO_SOON;
    }

    /** The shortest that makes guessing too long; null when no fair wait does, or none longer than the one there is. */
    public function fairGuard(?Guard $now): ?Guard
    {
        // A pause that is there already is made longer, or left as it is.
        for ($wait = 10 * intdiv($now->wait ?? 0, 10) + 10; $wait <= self::LONGEST_WAIT; $wait += 10) {
            $guard = new Guard(self::TRIES, $wait);
            if (! $this->isTooSoon($guard)) {
                return $guard;
            }
        }

        return null;
    }

    /**
     * Answers until n in a row are right, each with probability p: (1 − pⁿ) / ((1 − p) pⁿ) (Feller, An Introduction to
     * Probability Theory and Its Applications I, XIII.7). The easiest round decides.
     */
    private static function inRounds(Lock $lock): ?float
    {
        $ways = array_map(static fn (Round $round): float => $round->input->ways() ?? INF, $lock->rounds);
        $chance = 1 / max(2.0, min([INF, ...$ways]));
        $all = $chance ** $lock->enough;

        return $all > 0.0 ? (1 - $all) / ((1 - $chance) * $all) : null;
    }

    /** @param  list<Matcher>  $open */
    private static function amongAll(Lock $lock, array $open, string $language, Effort $effort): ?float
    {
        $ways = $lock->input->ways();
        if ($ways === null) {
            return null;
        }
        $counts = LockAnswers::to($lock, $language, $effort)->counts;
        $right =
            $counts === null
                ? count(
                    array_unique(
                        array_map(
                            serialize(...),
                            array_merge(
                                [],
                                ...array_map(static fn (Matcher $matcher): array => $matcher->samples(), $open),
                            ),
                        ),
                    ),
                )
                : array_sum(
                    array_filter(
                        $counts,
                        static fn (string|int $rule): bool => $rule !== '' && $lock->rules[(int) $rule]->opens(),
                        ARRAY_FILTER_USE_KEY,
                    ),
                );
        // A lock that takes any answer keeps no secret.
        if ($right >= $ways) {
            return null;
        }

        // Of n answers in any order, of which k are right, the first right one is met at place (n + 1) / (k + 1) on
        // average.
        return $right === 0 ? null : ($ways + 1) / ($right + 1);
    }

    private static function leadsAway(Lock $lock): bool
    {
        $first = $lock->otherwise[0] ?? null;

        return $first !== null && $first->if === null && $first->go !== null && $first->go->to !== '@stay';
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Matcher\Matcher;
use Fravel\Check\Effort;
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
                : ($lock->input->ways() === null
                    ? $lock->input->guesses($open, $language)
                    : self::amongAll($lock, $open, $language, $effort));

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

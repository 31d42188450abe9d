<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Answer\Answer;
use Fravel\Check\Answers\Hiding;
use Fravel\Check\Answers\LockAnswers;
use Fravel\Check\Answers\Samples;
use Fravel\Check\Effort;
use Fravel\Document\Reaction;
use Fravel\Effect\Effect;
use Fravel\Thing\Lock;
use Fravel\Thing\Round;

/**
 * One way to answer a lock. A student is assumed to find any answer, so there is one for each rule that an answer may
 * match, one for anything else, and for options of which one is picked one for each.
 */
final readonly class Attempt
{
    /**
     * @param  list<Effect>  $effects  of what the answer picks
     * @param  bool  $isSure  whether it is known that there is such an answer
     */
    private function __construct(public ?int $rule, public mixed $sent, public array $effects, public bool $isSure)
    {
    }

    /**
     * @param  bool  $countTries  whether a wrong try is told from none
     * @return list<self> those that make a difference; a rule that earlier ones hide, or that nothing matches, is none
     */
    public static function at(Lock $lock, string $language, bool $countTries, Effort $effort = new Effort()): array
    {
        if ($lock->rounds !== []) {
            return self::rounds($lock, $countTries, $language, $effort);
        }
        $picks = $lock->input->picks();
        if ($picks !== []) {
            return array_map(static fn (string $sent): self => self::sent($lock, $sent, $language), $picks);
        }
        $attempts = [];
        foreach ([...array_keys($lock->rules), null] as $index) {
            if (($countTries || self::matters($lock, $index)) && ! self::isIdle($lock, $index, $language, $effort)) {
                $attempts[] = self::by($lock, $index, $language, $effort);
            }
        }

        return $attempts;
    }

    /**
     * The first rule that opens the lock; for games in which all that open do the same.
     *
     * @return list<self> none where nothing opens it
     */
    public static function opening(Lock $lock, string $language, Effort $effort = new Effort()): array
    {
        if ($lock->rounds !== []) {
            return array_slice(self::rounds($lock, false, $language, $effort), 0, 1);
        }
        $open = array_filter(
            array_keys($lock->rules),
            static fn (int $index): bool => $lock->rules[$index]->opens() &&
                ! Hiding::isIdle($lock, $index, $language, $effort),
        );
        $attempts = array_map(
            static fn (int $index): self => new self(
                $index,
                null,
                [],
                ! Hiding::isUndecided($lock, $index, $language, $effort),
            ),
            array_values($open),
        );
        usort($attempts, static fn (self $a, self $b): int => $b->isSure <=> $a->isSure);

        return array_slice($attempts, 0, 1);
    }

    /**
     * A lock that asks in rounds is opened by enough right ones, and a wrong one is a try.
     *
     * @return list<self>
     */
    private static function rounds(Lock $lock, bool $countTries, string $language, Effort $effort): array
    {
        $untypable = array_filter(
            $lock->rounds,
            static fn (Round $round): bool => Hiding::lacking($round->alone($lock), 0, $language, $effort) !== null,
        );
        $opening = count($lock->rounds) - count($untypable) < $lock->enough ? null : $lock->openingRule();
        $attempts = $opening === null ? [] : [new self($opening, null, [], true)];

        return $countTries || self::matters($lock, null)
            ? [...$attempts, new self(null, null, [], true)]
            : $attempts;
    }

    private static function by(Lock $lock, ?int $index, string $language, Effort $effort): self
    {
        $sent = Samples::caughtBy($lock, $index, $language, $effort);
        $answer = $sent === null ? null : $lock->accept($sent, $language);

        return new self(
            $index,
            $sent,
            $answer instanceof Answer ? $lock->input->effectsOf($answer) : [],
            $sent !== null,
        );
    }

    private static function isIdle(Lock $lock, ?int $index, string $language, Effort $effort): bool
    {
        if ($index !== null) {
            return Hiding::isIdle($lock, $index, $language, $effort);
        }
        $answers = LockAnswers::to($lock, $language, $effort);

        return $answers->isComplete && ! $answers->has(null);
    }

    private static function matters(Lock $lock, ?int $index): bool
    {
        $rule = $index === null ? null : $lock->rules[$index];
        if ($rule?->opens() === true || array_filter($lock->input->effects()) !== []) {
            return true;
        }

        return array_filter(
            $rule === null ? $lock->otherwise : [$rule->reaction],
            static fn (Reaction $reaction): bool => $reaction->effects !== [] || $reaction->go !== null,
        ) !== [];
    }

    private static function sent(Lock $lock, mixed $sent, string $language): self
    {
        $answer = $lock->accept($sent, $language);

        return $answer instanceof Answer
            ? new self($lock->ruleFor($answer), $sent, $lock->input->effectsOf($answer), true)
            : new self(null, $sent, [], true);
    }
}

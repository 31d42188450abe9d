<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Options;
use Fravel\Check\Answers\Hiding;
use Fravel\Check\Answers\Samples;
use Fravel\Check\Effort;
use Fravel\Effect\Effect;
use Fravel\State\Verdict;
use Fravel\Thing\Lock;

/**
 * One way to answer a lock. A student is assumed to find any answer, so there is one for each rule that an answer may match,
 * one for anything else, and for options of which one is picked one for each.
 */
final readonly class Attempt
{
    /** @param  list<Effect>  $effects  of what the answer picks */
    private function __construct(public ?int $rule, public mixed $sent, public array $effects)
    {
    }

    /**
     * @param  bool  $countTries  whether a wrong try is told from none
     * @return list<self> those that make a difference; a rule that earlier ones hide, or that nothing matches, is none
     */
    public static function at(Lock $lock, string $language, bool $countTries, Effort $effort = new Effort): array
    {
        if ($lock->input instanceof Options && ! $lock->input->many) {
            return array_map(static fn (mixed $sent): self => self::sent($lock, $sent, $language), Samples::picks($lock));
        }
        $attempts = [];
        foreach ([...array_keys($lock->rules), null] as $index) {
            if (! ($countTries || self::matters($lock, $index)) || ($index !== null && self::isIdle($lock, $index, $language, $effort))) {
                continue;
            }
            $sent = Samples::caughtBy($lock, $index, $language, $effort);
            $attempts[] = new self($index, $sent, $sent === null || ! $lock->input instanceof Options ? [] : self::sent($lock, $sent, $language)->effects);
        }

        return $attempts;
    }

    /**
     * The first rule that opens the lock, without an answer to show for it; for games in which all that open do the same.
     *
     * @return list<self> none where nothing opens it
     */
    public static function opening(Lock $lock, string $language, Effort $effort = new Effort): array
    {
        foreach ($lock->rules as $index => $rule) {
            if ($rule->verdict === Verdict::Open && ! self::isIdle($lock, $index, $language, $effort)) {
                return [new self($index, null, [])];
            }
        }

        return [];
    }

    private static function isIdle(Lock $lock, int $index, string $language, Effort $effort): bool
    {
        return Hiding::isHidden($lock, $index, $language, $effort) || Hiding::isImpossible($lock, $index, $language, $effort);
    }

    private static function matters(Lock $lock, ?int $index): bool
    {
        $rule = $index === null ? null : $lock->rules[$index];
        if ($rule?->verdict === Verdict::Open || $lock->input instanceof Options) {
            return true;
        }
        foreach ($rule === null ? $lock->otherwise : [$rule->reaction] as $reaction) {
            if ($reaction->effects !== [] || $reaction->go !== null) {
                return true;
            }
        }

        return false;
    }

    private static function sent(Lock $lock, mixed $sent, string $language): self
    {
        $answer = $lock->accept($sent, $language);
        if (! $answer instanceof Answer) {
            return new self(null, $sent, []);
        }

        return new self($lock->ruleFor($answer), $sent, $lock->input instanceof Options ? $lock->input->effectsOf($answer) : []);
    }
}

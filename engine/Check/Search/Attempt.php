<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Check\Hiding;
use Fravel\Check\Samples;
use Fravel\Document\Answer\Answer;
use Fravel\Document\Answer\Input\Options;
use Fravel\Document\Effect\Effect;
use Fravel\Document\Thing\Lock;

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

    /** @return list<self> a rule that earlier ones hide is none */
    public static function at(Lock $lock, string $language): array
    {
        if ($lock->input instanceof Options && ! $lock->input->many) {
            return array_map(static fn (mixed $sent): self => self::sent($lock, $sent, $language), Samples::picks($lock));
        }
        $answers = [];
        foreach ([...array_keys($lock->rules), null] as $index) {
            if ($index === null || ! Hiding::isHidden($lock, $index, $language)) {
                $sent = Samples::caughtBy($lock, $index, $language);
                $answers[] = new self($index, $sent, $sent === null ? [] : self::sent($lock, $sent, $language)->effects);
            }
        }

        return $answers;
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

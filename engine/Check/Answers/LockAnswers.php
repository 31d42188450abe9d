<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

use Fravel\Answer\Answer;
use Fravel\Answer\Probe\Probes;
use Fravel\Check\Effort;
use Fravel\Thing\Lock;
use Fravel\Thing\Rule;
use WeakMap;

/**
 * What a lock makes of answers: for each rule one that it catches, where there is one. All answers are tried where they
 * are few; else one for each way in which the rules can tell answers apart (Probes). Where those are all the ways there
 * are, a rule without an answer catches none; else it is not known.
 */
final readonly class LockAnswers
{
    /** Answers that are tried one by one. */
    public const MOST = 1500;

    /** Steps of a lock's weight that are one unit of effort, and units for trying an answer at all. */
    private const STEPS = 15;

    private const ANSWER = 5;

    /**
     * @param  array<array-key, mixed>  $caught  rule → an answer that it catches; "" for one that none does
     * @param  array<array-key, true>  $matched  rules that match some answer, whichever rule catches it
     * @param  array<array-key, int>|null  $counts  rule → how many answers it catches, where all were tried
     * @param  bool  $isComplete  whether nothing else can be caught
     * @param  array<array-key, string>  $lacking  rule → a sign that no key types, of an answer that it would catch
     */
    private function __construct(
        private string $language,
        private array $caught,
        private array $matched,
        public ?array $counts,
        public bool $isComplete,
        private array $lacking,
    ) {
    }

    public static function to(Lock $lock, string $language, Effort $effort = new Effort()): self
    {
        /** @var WeakMap<Lock, self>|null $known */
        static $known = null;
        $known ??= new WeakMap();
        $before = $known[$lock] ?? null;
        if ($before?->language !== $language) {
            $known[$lock] = $before = self::found($lock, $language, $effort);
        }

        return $before;
    }

    /** Whether an answer that the rule itself names is caught by it: most are, and then nothing else need be tried. */
    public static function isPlain(Lock $lock, int $rule, string $language, Effort $effort): bool
    {
        /** @var WeakMap<Rule, bool>|null $known */
        static $known = null;
        $known ??= new WeakMap();

        return $known[$lock->rules[$rule]] ??= self::catchesItsOwn($lock, $rule, $language, $effort);
    }

    private static function catchesItsOwn(Lock $lock, int $rule, string $language, Effort $effort): bool
    {
        $sent = $lock->rules[$rule]->match->samples()[0] ?? null;
        foreach ($sent === null ? [] : Typable::ways($sent, $lock->input, $language) as $typed) {
            $effort->spend(self::ANSWER + count($lock->rules));
            $answer = $lock->accept($typed, $language);
            if ($answer instanceof Answer && $lock->ruleFor($answer) === $rule) {
                return true;
            }
        }

        return false;
    }

    /** A sign that no key types and every answer has that the rule is known to catch; null where one can be typed. */
    public function lacking(int $rule): ?string
    {
        return $this->has($rule) ? null : $this->lacking[(string) $rule] ?? null;
    }

    /** Whether an answer is known that the rule catches; null asks for one that no rule does. */
    public function has(?int $rule): bool
    {
        return array_key_exists((string) $rule, $this->caught);
    }

    /** An answer that the rule catches; null where none is known. */
    public function caughtBy(?int $rule): mixed
    {
        return $this->caught[(string) $rule] ?? null;
    }

    /** Whether some answer matches the rule, although others may catch it first. */
    public function isMatched(int $rule): bool
    {
        return isset($this->matched[$rule]);
    }

    private static function found(Lock $lock, string $language, Effort $effort): self
    {
        $every = $lock->input->every(self::MOST);
        $probes = self::probes($lock);
        [$caught, $matched, $counts, $lacking] = [[], [], [], []];
        $cost = self::ANSWER + intdiv($lock->weight(), self::STEPS);
        foreach (self::given($every ?? $lock->input->probed($probes), $lock, $language) as $sent) {
            $effort->spend($cost);
            $answer = $lock->accept($sent, $language);
            if (! ($answer instanceof Answer)) {
                continue;
            }
            $rule = (string) $lock->ruleFor($answer);
            $sign = Typable::lacking($sent, $lock->input, $language);
            $sign === null ? $caught += [$rule => $sent] : $lacking += [$rule => $sign];
            $counts[$rule] = ($counts[$rule] ?? 0) + 1;
            $matched += array_filter(
                array_map(static fn (Rule $rule): bool => $rule->match->matches($answer), $lock->rules),
            );
        }

        return new self(
            $language,
            $caught,
            $matched,
            $every === null ? null : $counts,
            $every !== null || $lock->input->isDecidedBy($probes),
            $lacking,
        );
    }

    /**
     * @param  list<mixed>  $answers
     * @return list<mixed> with other ways to type those that lack a key
     */
    private static function given(array $answers, Lock $lock, string $language): array
    {
        $given = [];
        foreach ($answers as $answer) {
            array_push($given, $answer, ...array_filter(
                Typable::ways($answer, $lock->input, $language), static fn (mixed $way): bool => $way !== $answer,
            ));
        }

        return $given;
    }

    private static function probes(Lock $lock): Probes
    {
        $probes = new Probes();
        foreach ($lock->rules as $rule) {
            $rule->match->probe($probes);
        }

        return $probes;
    }
}

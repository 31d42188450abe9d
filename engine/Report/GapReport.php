<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\Answer\Answer;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Answer\Matcher\Matchers;
use Fravel\Thing\Lock;

/** What a run showed of one gap in a text: how many filled it rightly at first, and with what the others did. */
final readonly class GapReport
{
    /** @param  array<array-key, int>  $wrong  words → plays that put them there first, most often first */
    private function __construct(public string $gap, public int $tried, public int $right, public array $wrong)
    {
    }

    /**
     * @param  list<PlayLog>  $logs
     * @return list<self> the gaps of the lock in their order; none where it has no gaps
     */
    public static function all(Lock $lock, array $logs, string $language): array
    {
        $rule = $lock->openingRule();
        $gaps = $rule === null ? [] : Matchers::gaps($lock->rules[$rule]->match);
        $first = $gaps === [] ? [] : self::firstAnswers($lock, $logs, $language);

        return $first === [] ? [] : array_map(
            static fn (string $gap, Matcher $matcher): self => self::of($gap, $matcher, $first),
            array_keys($gaps), $gaps,
        );
    }

    /**
     * @param  list<PlayLog>  $logs
     * @return list<array{Answer, array<array-key, mixed>}> each as it was read, and as it was given
     */
    private static function firstAnswers(Lock $lock, array $logs, string $language): array
    {
        $first = [];
        foreach ($logs as $log) {
            $given = ($log->answersTo($lock->id)[0] ?? null)?->with();
            $answer = is_array($given) ? $lock->accept($given, $language) : null;
            if ($answer instanceof Answer) {
                $first[] = [$answer, (array) $given];
            }
        }

        return $first;
    }

    /** @param  list<array{Answer, array<array-key, mixed>}>  $first */
    private static function of(string $gap, Matcher $matcher, array $first): self
    {
        $wrong = [];
        foreach ($first as [$answer, $given]) {
            if (! $matcher->matches($answer->part($gap))) {
                $words = is_scalar($given[$gap] ?? null) ? trim((string) $given[$gap]) : '';
                $wrong[$words] = ($wrong[$words] ?? 0) + 1;
            }
        }
        arsort($wrong);

        return new self($gap, count($first), count($first) - array_sum($wrong), $wrong);
    }
}

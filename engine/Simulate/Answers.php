<?php

declare(strict_types=1);

namespace Fravel\Simulate;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Entry;
use Fravel\Check\Answers\NearMiss;
use Fravel\Check\Answers\NearMisses;
use Fravel\Check\Answers\Samples;
use Fravel\Check\Effort;
use Fravel\Check\EffortSpent;
use Fravel\Document\GameDocument;
use Fravel\Document\Scene;
use Fravel\Thing\Lock;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/** What may be answered to the locks of one game: what opens each, and what is likely to be answered instead. */
final class Answers
{
    /** Units that looking for the answers of one lock may cost. */
    private const EFFORT = 60000;

    /** Answers that are all listed where there are no more. */
    private const ALL = 60;

    /** How many of the mistakes that are no guesses the game foresees, where it foresees any. */
    private const FORESEEN = 0.6;

    /** Numbers that are thought of first. */
    private const NUMBERS = ['2', '3', '5', '7', '10', '12', '15', '20', '24', '30', '48', '60', '100', '365', '1000'];

    /** @var list<string>|null */
    private ?array $words = null;

    /** @var array<string, array{right: mixed, known: list<mixed>, slips: list<mixed>, others: list<mixed>}> */
    private array $found = [];

    /** @param  Effort  $effort  what looking for answers may spend; afterwards none are known any more */
    public function __construct(private readonly GameDocument $game, private readonly Effort $effort = new Effort())
    {
    }

    /** One that opens it; null when none is known. */
    public function right(Lock $lock): mixed
    {
        return $this->of($lock)['right'];
    }

    /** One that does not: a guess; or what the game itself foresees more often than not, else a slip. */
    public function wrong(Lock $lock, Pupil $pupil, Chance $chance): mixed
    {
        ['known' => $known, 'slips' => $slips, 'others' => $others] = $this->of($lock);
        $isGuess = $chance->part() < $pupil->guessing;
        $isForeseen = $chance->part() < self::FORESEEN;
        $among = array_values(array_filter(
            $isGuess
                ? [$others, $known, $slips]
                : ($isForeseen ? [$known, $slips, $others] : [$slips, $known, $others]),
        ))[0] ?? [];

        return $among === [] ? null : $chance->one($among);
    }

    /** The part of all answers that open it, as far as they can be counted: what a guess is worth, 0 to 1. */
    public function chance(Lock $lock): float
    {
        $ways = $lock->input->ways();

        return $ways === null || $ways < 1 ? 0.0 : min(0.5, 1 / $ways);
    }

    /** @return array{right: mixed, known: list<mixed>, slips: list<mixed>, others: list<mixed>} */
    private function of(Lock $lock): array
    {
        return $this->found[$lock->id] ??= $this->look($lock);
    }

    /** @return array{right: mixed, known: list<mixed>, slips: list<mixed>, others: list<mixed>} */
    private function look(Lock $lock): array
    {
        $effort = $this->effort->within(self::EFFORT);
        [$right, $known, $slips, $others] = [null, [], [], []];
        try {
            foreach ($lock->rules as $index => $rule) {
                $sample = Samples::caughtBy($lock, $index, $this->game->language(), $effort);
                if ($sample === null) {
                    continue;
                }
                $rule->opens() ? $right ??= $sample : $known[] = $sample;
            }
            $slips = array_map(
                static fn (NearMiss $miss): string => $miss->text,
                NearMisses::to($lock, $this->game->language(), $effort),
            );
            $others = $lock->input->every(self::ALL) ?? $this->guesses($lock, $right);
        } catch (EffortSpent) {
            // What was found of this lock does, unless there is nothing left for the others either.
            $this->effort->spend();
        }
        $wrong = fn (array $sent): array => array_values(array_filter(
            $sent, fn (mixed $one): bool => $this->isWrong($lock, $one),
        ));

        return ['right' => $right, 'known' => $known, 'slips' => $wrong($slips), 'others' => $wrong($others)];
    }

    /**
     * What somebody types who knows nothing: words that stand in the game, round numbers, plain codes.
     *
     * @return list<mixed>
     */
    private function guesses(Lock $lock, mixed $right): array
    {
        return match ($lock->input->entry()) {
            Entry::Words => $this->words(),
            Entry::Number => self::NUMBERS,
            Entry::Code => is_string($right) ? [
                strrev($right), substr(str_repeat('1234567890', 3), 0, strlen($right)), str_repeat('0', strlen($right)),
            ] : [],
            Entry::Picks => [
                Samples::caughtBy($lock, null, $this->game->language(), $this->effort->within(self::EFFORT)),
            ],
        };
    }

    /** @return list<string> words of some length that the game shows, each once */
    private function words(): array
    {
        if ($this->words === null) {
            $texts = array_map(
                static fn (Thing $thing): string => implode(' ', array_column($thing->words(), 'md')),
                array_merge([], ...array_map(
                    static fn (Scene $scene): array => Things::flattened($scene->things), $this->game->scenes(),
                )),
            );
            preg_match_all('/\p{L}{4,12}/u', implode(' ', $texts), $found);
            $this->words = array_slice(array_values(array_unique(array_map(mb_strtolower(...), $found[0]))), 0, 80);
        }

        return $this->words;
    }

    private function isWrong(Lock $lock, mixed $sent): bool
    {
        $answer = $sent === null ? null : $lock->accept($sent, $this->game->language());
        $rule = $answer instanceof Answer ? $lock->ruleFor($answer) : null;

        return $answer instanceof Answer && ($rule === null || ! $lock->rules[$rule]->opens());
    }
}

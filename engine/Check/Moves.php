<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Document\Answer\Answer;
use Fravel\Document\Answer\Input\Options;
use Fravel\Document\Game;
use Fravel\Document\Thing\Choice;
use Fravel\Document\Thing\Clip;
use Fravel\Document\Thing\Cover;
use Fravel\Document\Thing\Lock;
use Fravel\Document\Thing\Thing;
use Fravel\Play\Action;
use Fravel\Play\Outcome;
use Fravel\Play\Play;
use Fravel\State\PlayState;

/**
 * All that a student can do at a moment, with what comes of it. A student is assumed to find any answer, so a lock stands for
 * one move for each rule that an answer may match, one for anything else, and one for each option that does something.
 *
 * @phpstan-type Move array{action: array<string, mixed>, outcome: Outcome}
 */
final class Moves
{
    /** @var array<string, list<array{rule: int|null, sent: mixed, answer: Answer|null}>> lock → ways to answer it */
    private array $answers = [];

    public function __construct(private readonly Game $game, private readonly bool $isMonotone = false)
    {
    }

    /** @return list<Move> those that are refused left out */
    public function from(PlayState $state, int $now): array
    {
        $scene = $this->game->scene($state->scene);
        if ($scene === null || $state->ended !== null) {
            return [];
        }
        $moves = [];
        foreach ($scene->shown($state, $now) as $thing) {
            array_push($moves, ...$this->withThing($thing, $state, $now));
        }
        foreach ([['continue' => true], ['back' => true]] as $sent) {
            array_push($moves, ...$this->acting($sent, $state, $now));
        }

        return $moves;
    }

    /**
     * The ways to answer a lock, each rule once; a rule that earlier ones hide is none.
     *
     * @return list<array{rule: int|null, sent: mixed, answer: Answer|null}>
     */
    public function answersOf(Lock $lock): array
    {
        return $this->answers[$lock->id] ??= $this->findAnswers($lock);
    }

    /** @return list<Move> */
    private function withThing(Thing $thing, PlayState $state, int $now): array
    {
        return match (true) {
            $thing instanceof Choice => $this->acting(['choose' => $thing->id], $state, $now),
            $thing instanceof Cover => [...$this->acting(['lift' => $thing->id], $state, $now), ...($this->isMonotone ? [] : $this->acting(['lower' => $thing->id], $state, $now))],
            $thing instanceof Clip => array_merge([], ...array_map(fn ($cue): array => $this->acting(['cue' => $cue->id], $state, $now), $thing->cues)),
            $thing instanceof Lock => $this->withLock($thing, $state, $now),
            default => [],
        };
    }

    /** @return list<Move> */
    private function withLock(Lock $lock, PlayState $state, int $now): array
    {
        if ($state->isOpen($lock->id)) {
            return $this->acting(['choose' => $lock->id], $state, $now);
        }
        $moves = $this->isMonotone ? [] : $this->acting(['hint' => $lock->id], $state, $now);
        if ($lock->needs !== null && ! $lock->needs->holds($state, $now)) {
            return $moves;
        }
        foreach ($this->answersOf($lock) as ['rule' => $rule, 'sent' => $sent, 'answer' => $answer]) {
            $effects = $answer !== null && $lock->input instanceof Options ? $lock->input->effectsOf($answer) : [];
            $moves[] = ['action' => ['answer' => $lock->id, 'with' => $sent], 'outcome' => Play::caughtBy($this->game, $state, $lock, $rule, $effects, $now)];
        }

        return $moves;
    }

    /**
     * @param  array<string, mixed>  $sent
     * @return list<Move>
     */
    private function acting(array $sent, PlayState $state, int $now): array
    {
        $action = Action::of($sent);
        $outcome = $action === null ? null : Play::act($this->game, $state, $action, $now);

        return $outcome === null || $outcome->isRefused() ? [] : [['action' => $sent, 'outcome' => $outcome]];
    }

    /** @return list<array{rule: int|null, sent: mixed, answer: Answer|null}> */
    private function findAnswers(Lock $lock): array
    {
        $language = $this->game->language();
        $picks = $lock->input instanceof Options && ! $lock->input->many ? Samples::picks($lock) : null;
        if ($picks !== null) {
            return array_map(static function (mixed $sent) use ($lock, $language): array {
                $answer = $lock->accept($sent, $language);

                return ['rule' => $answer instanceof Answer ? $lock->ruleFor($answer) : null, 'sent' => $sent, 'answer' => $answer instanceof Answer ? $answer : null];
            }, $picks);
        }
        $answers = [];
        foreach ([...array_keys($lock->rules), null] as $index) {
            if ($index !== null && Hiding::isHidden($lock, $index, $language)) {
                continue;
            }
            $sent = Samples::caughtBy($lock, $index, $language);
            $answer = $sent === null ? null : $lock->accept($sent, $language);
            $answers[] = ['rule' => $index, 'sent' => $sent, 'answer' => $answer instanceof Answer ? $answer : null];
        }

        return $answers;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\State;

/**
 * Where a play is: what is open, held, lifted and counted. It names everything by id and knows no game.
 *
 * A change returns a new state, and the same object when nothing changed. Times are whole seconds since 1970.
 */
final readonly class PlayState
{
    /**
     * @param  list<string>  $tokens  held, in the order they were given
     * @param  array<string, int|float>  $tallies
     * @param  list<string>  $open  locks, in the order they opened
     * @param  array<string, int>  $passes  open lock → index of the rule that opened it
     * @param  array<string, int>  $tries  lock → wrong and almost tries; wrong choice or find-it board → how often
     * @param  array<string, string>  $verdicts  lock → last verdict that was a try, or that its answer waits to be
     *     read; choice → its mark; cover → what the student said of their guess; find-it board → that it was begun, or
     *     what the last pick was
     * @param  array<string, int>  $guarded  lock → time until which it takes no answer
     * @param  list<string>  $lifted  covers
     * @param  list<string>  $visited  scenes whose arrival was over, and moments of clips that were led to
     * @param  array<string, int>  $hinted  lock → hints shown
     * @param  array<string, string>  $from  scene → the scene it was last entered from, going back not counted
     * @param  list<string>  $cued  cues passed
     * @param  list<string>  $decided  tallies that lead whatever the others come to
     * @param  list<string>  $ruledOut  tallies that never lead
     * @param  array<string, string|array<array-key, mixed>>  $answers  open lock → the answer that opened it; lock that
     *     asks in rounds → round → what was right; cover → the guess at it
     * @param  list<string>  $found  boxes of find-it boards, and boards of which all was found
     * @param  int|null  $endedAt  null while it goes on, and in plays that ended before this was kept
     * @param  array<string, string>  $returned  lock → what the teacher said when the answer to it was sent back
     * @param  array<string, array{at: int|float, until: int|float|null, then: string|null, times: int}>  $film  clip →
     *     where it was wound to last, where that passage ends, the stop that comes after it, and how often it was wound
     * @param  array<string, int>  $streaks  lock that is asked in rounds → how many were right in a row
     * @param  int|null  $place  in which order it finished among those it plays with, from 1; null where nobody counts
     */
    private function __construct(
        public string $scene,
        public array $tokens,
        public array $tallies,
        public array $open,
        public array $passes,
        public array $tries,
        public array $verdicts,
        public array $guarded,
        public array $lifted,
        public array $visited,
        public array $hinted,
        public array $from,
        public array $cued,
        public array $decided,
        public array $ruledOut,
        public array $answers,
        public array $found,
        public ?string $ended,
        public int $seed,
        public int $startedAt,
        public string $player,
        public ?int $endedAt = null,
        public ?int $place = null,
        public array $returned = [],
        public array $film = [],
        public array $streaks = [],
    ) {
    }

    /** @param  array<string, int|float>  $tallies what each tally starts at */
    public static function begin(array $tallies, int $seed, int $now, string $player = ''): self
    {
        $none = array_fill(0, 14, []);

        return new self('', [], $tallies, ...[...$none, null, $seed, $now, $player]);
    }

    /**
     * @param  array<string, mixed>  $fields  what toArray() gave, now or in an earlier version that knew fewer fields
     */
    public static function fromArray(array $fields): self
    {
        $known = get_object_vars(self::begin([], 0, 0));

        return new self(...array_intersect_key($fields, $known) + $known);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    public function holds(string $token): bool
    {
        return in_array($token, $this->tokens, true);
    }

    public function isOpen(string $lock): bool
    {
        return in_array($lock, $this->open, true);
    }

    public function isLifted(string $cover): bool
    {
        return in_array($cover, $this->lifted, true);
    }

    public function hasFound(string $box): bool
    {
        return in_array($box, $this->found, true);
    }

    public function hasVisited(string $scene): bool
    {
        return in_array($scene, $this->visited, true);
    }

    public function tally(string $id): int|float
    {
        return $this->tallies[$id] ?? 0;
    }

    /**
     * Which of these tallies come first: the decided before the others, then the highest; what is ruled out never does.
     *
     * @param  list<string>  $among
     * @return list<string>  several where they are equal, none where all are ruled out
     */
    public function leaders(array $among): array
    {
        $left = array_diff($among, $this->ruledOut);
        $decided = array_intersect($left, $this->decided);
        $values = array_map($this->tally(...), $decided === [] ? $left : $decided);

        return $values === []
            ? []
            : array_values(array_intersect_key($among, array_flip(array_keys($values, max($values)))));
    }

    public function triesOn(string $lock): int
    {
        return $this->tries[$lock] ?? 0;
    }

    public function openedAtFirstTry(string $lock): bool
    {
        return $this->isOpen($lock) && $this->triesOn($lock) === 0;
    }

    /** Whole minutes since it began, until it ended. */
    public function minutes(int $now): int
    {
        return intdiv($this->seconds($now), 60);
    }

    /** Seconds since it began, until it ended. */
    public function seconds(int $now): int
    {
        return max(0, ($this->endedAt ?? $now) - $this->startedAt);
    }

    /** Seconds until the lock takes an answer again; 0 when it does now. */
    public function waitFor(string $lock, int $now): int
    {
        return max(0, ($this->guarded[$lock] ?? 0) - $now);
    }

    public function give(string $token): self
    {
        return $this->holds($token) ? $this : $this->with(['tokens' => [...$this->tokens, $token]]);
    }

    public function take(string $token): self
    {
        return $this->holds($token) ? $this->with(['tokens' => self::without($this->tokens, $token)]) : $this;
    }

    /** Whether a tally stands as far out as numbers go. */
    public function isBeyondCounting(): bool
    {
        foreach ($this->tallies as $value) {
            if (abs($value) >= PHP_FLOAT_MAX) {
                return true;
            }
        }

        return false;
    }

    public function setTally(string $id, int|float $value): self
    {
        return $this->tally($id) == $value ? $this : $this->with(['tallies' => [...$this->tallies, $id => $value]]);
    }

    /** It leads from now on, whatever the others come to. */
    public function decide(string $tally): self
    {
        return in_array($tally, $this->decided, true) ? $this : $this->with(['decided' => [...$this->decided, $tally]]);
    }

    /** It never leads from now on, not even when it is decided. */
    public function ruleOut(string $tally): self
    {
        return in_array($tally, $this->ruledOut, true)
            ? $this
            : $this->with(['ruledOut' => [...$this->ruledOut, $tally]]);
    }

    /** It is neither decided nor ruled out. */
    public function free(string $tally): self
    {
        if (! in_array($tally, [...$this->decided, ...$this->ruledOut], true)) {
            return $this;
        }

        return $this->with([
            'decided' => self::without($this->decided, $tally),
            'ruledOut' => self::without($this->ruledOut, $tally),
        ]);
    }

    /** @param  int|null  $rule  index of the rule that opens it; none when an effect does */
    public function openLock(string $lock, ?int $rule = null): self
    {
        if ($this->isOpen($lock)) {
            return $this;
        }

        return $this->with([
            'open' => [...$this->open, $lock],
            'passes' => $rule === null ? $this->passes : [...$this->passes, $lock => $rule],
            'guarded' => array_diff_key($this->guarded, [$lock => 0]),
            'verdicts' => array_diff_key($this->verdicts, [$lock => '']),
        ]);
    }

    /**
     * What opened the lock, or waits to be read, to be shown again.
     *
     * @param  string|array<array-key, mixed>  $answer
     */
    public function keepAnswer(string $lock, string|array $answer): self
    {
        return $this->isOpen($lock) || $this->isAwaited($lock)
            ? $this->with(['answers' => [...$this->answers, $lock => $answer]])
            : $this;
    }

    /** What was guessed before a cover was lifted. */
    public function keepGuess(string $cover, string $guess): self
    {
        return $this->with(['answers' => [...$this->answers, $cover => $guess]]);
    }

    /** The guess at a cover, and what was made of it, are gone with the cover lowered. */
    public function dropGuess(string $cover): self
    {
        return $this->with([
            'answers' => array_diff_key($this->answers, [$cover => 0]),
            'verdicts' => array_diff_key($this->verdicts, [$cover => '']),
        ]);
    }

    /** Closes the lock and forgets its tries, with the wait and the hints that came of them. */
    public function closeLock(string $lock): self
    {
        $next = $this->with([
            'open' => self::without($this->open, $lock),
            'passes' => array_diff_key($this->passes, [$lock => 0]),
            'answers' => array_diff_key($this->answers, [$lock => 0]),
            'tries' => array_diff_key($this->tries, [$lock => 0]),
            'verdicts' => array_diff_key($this->verdicts, [$lock => '']),
            'guarded' => array_diff_key($this->guarded, [$lock => 0]),
            'streaks' => array_diff_key($this->streaks, [$lock => 0]),
            'hinted' => array_diff_key($this->hinted, [$lock => 0]),
        ]);

        return $next->toArray() === $this->toArray() ? $this : $next;
    }

    public function lift(string $cover): self
    {
        return $this->isLifted($cover) ? $this : $this->with(['lifted' => [...$this->lifted, $cover]]);
    }

    public function lower(string $cover): self
    {
        return $this->isLifted($cover) ? $this->with(['lifted' => self::without($this->lifted, $cover)]) : $this;
    }

    public function countTry(string $lock, Verdict $verdict): self
    {
        return $this->with([
            'tries' => [...$this->tries, $lock => $this->triesOn($lock) + 1],
            'verdicts' => [...$this->verdicts, $lock => $verdict->value],
            'streaks' => array_diff_key($this->streaks, [$lock => 0]),
        ]);
    }

    /** What was chosen, and what that was; a wrong one counts as a try. */
    public function mark(string $choice, string $mark, bool $isTry): self
    {
        return $this->with([
            'tries' => $isTry ? [...$this->tries, $choice => $this->triesOn($choice) + 1] : $this->tries,
            'verdicts' => [...$this->verdicts, $choice => $mark],
        ]);
    }

    /** @param  string  $box  or a whole board */
    public function find(string $box): self
    {
        return $this->hasFound($box) ? $this : $this->with(['found' => [...$this->found, $box]]);
    }

    /**
     * A find-it board is as if it had never been begun.
     *
     * @param  list<string>  $ids  the board's and its boxes'
     */
    public function loseAll(array $ids): self
    {
        $next = $this->with([
            'found' => array_values(array_diff($this->found, $ids)),
            'tries' => array_diff_key($this->tries, array_flip($ids)),
            'verdicts' => array_diff_key($this->verdicts, array_flip($ids)),
        ]);

        return $next->toArray() === $this->toArray() ? $this : $next;
    }

    public function guard(string $lock, int $until): self
    {
        return $this->with(['guarded' => [...$this->guarded, $lock => $until]]);
    }

    public function hint(string $lock): self
    {
        return $this->with(['hinted' => [...$this->hinted, $lock => ($this->hinted[$lock] ?? 0) + 1]]);
    }

    public function passCue(string $cue): self
    {
        return in_array($cue, $this->cued, true) ? $this : $this->with(['cued' => [...$this->cued, $cue]]);
    }

    public function enter(string $scene): self
    {
        $from = $this->scene === '' ? $this->from : [...$this->from, $scene => $this->scene];

        return $this->with(['scene' => $scene, 'from' => $from]);
    }

    public function goBackTo(string $scene): self
    {
        return $this->with(['scene' => $scene]);
    }

    /**
     * The film of this clip goes on from there.
     *
     * @param  int|float|null  $until  seconds at which the passage ends; null where it runs on
     * @param  string|null  $then  the stop that comes after the passage
     */
    public function wind(string $clip, int|float $at, int|float|null $until = null, ?string $then = null): self
    {
        $times = ($this->film[$clip]['times'] ?? 0) + 1;

        return $this->with([
            'film' => [$clip => ['at' => $at, 'until' => $until, 'then' => $then, 'times' => $times]] + $this->film,
        ]);
    }

    /** The film has come as far by itself. */
    public function runTo(string $clip, int|float $at): self
    {
        $times = $this->film[$clip]['times'] ?? 0;

        return $this->with([
            'film' => [$clip => ['at' => $at, 'until' => null, 'then' => null, 'times' => $times]] + $this->film,
        ]);
    }

    /**
     * What was answered in a round that was right; those of one attempt are kept together.
     *
     * @param  string|array<array-key, mixed>  $answer
     */
    public function keepRound(string $lock, string $round, string|array $answer): self
    {
        $before = ($this->streaks[$lock] ?? 0) === 0 ? [] : $this->answers[$lock] ?? [];

        return $this->with([
            'answers' => [$lock => [$round => $answer] + (is_array($before) ? $before : [])] + $this->answers,
        ]);
    }

    /** So many rounds of the lock were right in a row. */
    public function streak(string $lock, int $right): self
    {
        return ($this->streaks[$lock] ?? 0) === $right
            ? $this
            : $this->with(['streaks' => [$lock => $right] + $this->streaks]);
    }

    public function markVisited(string $scene): self
    {
        return $this->hasVisited($scene) ? $this : $this->with(['visited' => [...$this->visited, $scene]]);
    }

    public function end(string $kind, ?int $now = null): self
    {
        return $this->with(['ended' => $kind, 'endedAt' => $now]);
    }

    /** The answer to this lock waits until the teacher has read it. */
    public function await(string $lock): self
    {
        return $this->with([
            'verdicts' => [$lock => 'waiting'] + $this->verdicts,
            'returned' => array_diff_key($this->returned, [$lock => '']),
        ]);
    }

    public function isAwaited(string $lock): bool
    {
        return ! $this->isOpen($lock) && ($this->verdicts[$lock] ?? '') === 'waiting';
    }

    /** The teacher has read the answer to this lock, and asks for another one. */
    public function sendBack(string $lock, string $words): self
    {
        return $this->with([
            'verdicts' => array_diff_key($this->verdicts, [$lock => '']),
            'returned' => [$lock => $words] + $this->returned,
        ]);
    }

    /** @param  int|null  $place  from 1 */
    public function finishAs(?int $place): self
    {
        return $this->with(['place' => $place]);
    }

    /** @param  array<string, mixed>  $changes */
    private function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private static function without(array $ids, string $gone): array
    {
        return array_values(array_filter($ids, static fn (string $id): bool => $id !== $gone));
    }
}

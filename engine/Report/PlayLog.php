<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\State\PlayState;
use Fravel\Thing\Lock;

/** All that one student did, in order. */
final readonly class PlayLog
{
    /**
     * @param  list<Deed>  $deeds
     * @param  array<string, list<Deed>>  $answers  lock → those that answered it, the lock answered last comes last
     * @param  array<string, int>  $seconds  lock → spent on it until it opened
     */
    private function __construct(
        public string $id,
        public string $name,
        public int $startedAt,
        public ?int $endedAt,
        public PlayState $state,
        public array $deeds,
        private array $answers,
        private array $seconds,
    ) {
    }

    /**
     * @param  iterable<array{at: int, what: Happening, by?: string}>  $kept  in their order
     */
    public static function of(
        string $id, string $name, int $startedAt, ?int $endedAt, PlayState $state, iterable $kept,
    ): self {
        [$deeds, $scene, $before, $answers, $seconds, $opened] = [[], '', $startedAt, [], [], []];
        foreach ($kept as $done) {
            ['at' => $at, 'what' => $what] = $done;
            $deeds[] = $deed = new Deed($at, $what, $scene, max(0, $at - $before), $done['by'] ?? '');
            [$scene, $before] = [$deed->entered() ?? $scene, $at];
            foreach (array_unique([$what->lock, $what->hinted]) as $on) {
                isset($opened[$on ?? '']) || $on === null ?: ($seconds[$on] = ($seconds[$on] ?? 0) + $deed->after);
            }
            if ($what->lock === null) {
                continue;
            }
            $deed->opens() ? $opened[$what->lock] = true : null;
            // One right of several is on the way to an answer.
            if ($what->verdict !== Lock::ROUND) {
                $known = $answers[$what->lock] ?? [];
                unset($answers[$what->lock]);
                $answers[$what->lock] = [...$known, $deed];
            }
        }

        return new self($id, $name, $startedAt, $endedAt, $state, $deeds, $answers, $seconds);
    }

    /** @return array<string, true> the locks it answered */
    public function answered(): array
    {
        return array_fill_keys(array_keys($this->answers), true);
    }

    /** @return list<Deed> answers to this lock, in order */
    public function answersTo(string $lock): array
    {
        return $this->answers[$lock] ?? [];
    }

    /** How often it was begun anew after an ending. */
    public function restarts(): int
    {
        return max(0, count(array_filter($this->deeds, static fn (Deed $deed): bool => $deed->begins())) - 1);
    }

    public function openedAtFirstTry(string $lock): bool
    {
        return $this->answerThatOpened($lock) === 0;
    }

    /** Which of the answers to a lock opened it, from 0; null when none did. One that waited did if it was accepted. */
    public function answerThatOpened(string $lock): ?int
    {
        $answers = $this->answersTo($lock);
        foreach ($answers as $place => $deed) {
            if ($deed->opens()) {
                return $place;
            }
        }
        $last = array_key_last($answers);

        return $last !== null && $answers[$last]->waits() && $this->state->isOpen($lock) ? $last : null;
    }

    /** Seconds spent on a lock until it opened: what went before each answer to it, and before each hint. */
    public function secondsOn(string $lock): int
    {
        return $this->seconds[$lock] ?? 0;
    }

    /** @return array<string, int> lock → seconds spent on it, of those that an answer opened */
    public function times(): array
    {
        return array_filter(
            $this->seconds, fn (string $lock): bool => $this->answerThatOpened($lock) !== null, ARRAY_FILTER_USE_KEY,
        );
    }

    /** Whether it stopped here: the last lock that was tried, and it is shut still. */
    public function isLeftAt(string $lock): bool
    {
        if ($this->state->ended !== null || $this->state->isOpen($lock)) {
            return false;
        }

        return array_key_last($this->answers) === $lock;
    }
}

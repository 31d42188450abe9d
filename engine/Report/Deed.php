<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\State\EventKind;
use Fravel\Thing\Lock;

/** One thing a student did, and what came of it. */
final readonly class Deed
{
    /**
     * @param  int  $at  seconds since 1970
     * @param  string  $scene  where it was done; '' for the beginning
     * @param  int  $after  seconds since the one before
     * @param  string  $by  who of a team did it; '' where that is not known
     */
    public function __construct(
        public int $at,
        public Happening $what,
        public string $scene,
        public int $after,
        public string $by = '',
    ) {
    }

    /** @return array<array-key, mixed> as it was sent */
    public function action(): array
    {
        return $this->what->action;
    }

    /** Whether it is the beginning of a play, or one more beginning. */
    public function begins(): bool
    {
        $action = $this->what->action;

        return isset($action['start']) || isset($action['again']) || isset($action['reset']);
    }

    /** What the teacher did for the play: `hint`, `open` or `move`; null for a deed of the student's own. */
    public function help(): ?string
    {
        return $this->what->help;
    }

    /** The lock it answered; null when it was something else. */
    public function lock(): ?string
    {
        return $this->what->lock;
    }

    /** The lock for which it asked a hint. */
    public function hinted(): ?string
    {
        return $this->what->hinted;
    }

    /** `open`, `almost`, `wrong`, `waiting`, or `round` for one right of several; '' when it answered no lock. */
    public function verdict(): string
    {
        return $this->what->verdict;
    }

    /** Whether it waited until the teacher had read it. */
    public function waits(): bool
    {
        return $this->what->verdict === Lock::WAITING;
    }

    public function opens(): bool
    {
        return $this->what->verdict === 'open';
    }

    /** What was answered, guessed or picked. */
    public function with(): mixed
    {
        return $this->what->action['with'] ?? null;
    }

    /** @return list<string> what the student read of it (CommonMark) */
    public function said(): array
    {
        return array_map(
            static fn (array $event): string => is_string($event[1] ?? null) ? $event[1] : '',
            $this->what->all(EventKind::Said),
        );
    }

    /** The choice that was taken; null when it was something else. */
    public function chosen(): ?string
    {
        $chosen = $this->what->action['choose'] ?? null;

        return is_string($chosen) ? $chosen : null;
    }

    /** @return array{string, string}|null what was asked for on this find-it board, and what was picked */
    public function pickedOn(string $board): ?array
    {
        [, $on, $asked, $picked] = ($this->what->all(EventKind::Picked)[0] ?? []) + [null, null, null, null];

        return $on === $board && is_string($asked) && is_string($picked) ? [$asked, $picked] : null;
    }

    /** @return list<string> scenes it led through, in order */
    public function allEntered(): array
    {
        return $this->what->entered;
    }

    /** @return list<string> moments of films that it led to, in order */
    public function wound(): array
    {
        return $this->what->wound;
    }

    /** How the game ended with it: `won`, `lost` or `open`; null when it did not. */
    public function ends(): ?string
    {
        $ended = $this->what->all(EventKind::Ended)[0][1] ?? null;

        return is_string($ended) ? $ended : null;
    }

    /** The scene it led to; null when it led nowhere else. */
    public function entered(): ?string
    {
        $entered = $this->what->entered;

        return $entered === [] ? null : $entered[array_key_last($entered)];
    }
}

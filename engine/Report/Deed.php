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
     * @param  array<array-key, mixed>  $action  as it was sent; `start`, `again` and `reset` for beginning, `help` for
     *     what a teacher did
     * @param  list<list<mixed>>  $events  as Play\Outcome lists them
     * @param  string  $scene  where it was done; '' for the beginning
     * @param  int  $after  seconds since the one before
     * @param  string  $by  who of a team did it; '' where that is not known
     */
    public function __construct(
        public int $at,
        public array $action,
        public array $events,
        public string $scene,
        public int $after,
        public string $by = '',
    ) {
    }

    /** Whether it is the beginning of a play, or one more beginning. */
    public function begins(): bool
    {
        return array_intersect_key($this->action, ['start' => true, 'again' => true, 'reset' => true]) !== [];
    }

    /** What the teacher did for the play: `hint`, `open` or `move`; null for a deed of the student's own. */
    public function help(): ?string
    {
        return is_string($this->action['help'] ?? null) ? $this->action['help'] : null;
    }

    /** The lock it answered; null when it was something else. */
    public function lock(): ?string
    {
        $answered = $this->help() === null ? $this->first(EventKind::Answered) : null;

        return $answered === null ? null : (string) $answered[1];
    }

    /** The lock for which it asked a hint. */
    public function hinted(): ?string
    {
        $hinted = $this->help() === null ? $this->first(EventKind::Hinted) : null;

        return $hinted === null ? null : (string) $hinted[1];
    }

    /** `open`, `almost`, `wrong`, `waiting`, or `round` for one right of several; '' when it answered no lock. */
    public function verdict(): string
    {
        return (string) ($this->first(EventKind::Answered)[2] ?? '');
    }

    /** Whether it waited until the teacher had read it. */
    public function waits(): bool
    {
        return $this->verdict() === Lock::WAITING;
    }

    public function opens(): bool
    {
        return $this->verdict() === 'open';
    }

    /** What was answered, guessed or picked. */
    public function with(): mixed
    {
        return $this->action['with'] ?? null;
    }

    /** @return list<string> what the student read of it (CommonMark) */
    public function said(): array
    {
        return array_map(
            static fn (array $event): string => is_string($event[1] ?? null) ? $event[1] : '',
            $this->all(EventKind::Said),
        );
    }

    /** The choice that was taken; null when it was something else. */
    public function chosen(): ?string
    {
        return is_string($this->action['choose'] ?? null) ? $this->action['choose'] : null;
    }

    /** @return array{string, string}|null what was asked for on this find-it board, and what was picked */
    public function pickedOn(string $board): ?array
    {
        [, $on, $asked, $picked] = ($this->first(EventKind::Picked) ?? []) + [null, null, null, null];

        return $on === $board && is_string($asked) && is_string($picked) ? [$asked, $picked] : null;
    }

    /** @return list<string> scenes it led through, in order */
    public function allEntered(): array
    {
        return array_values(array_filter(array_column($this->all(EventKind::Entered), 1), is_string(...)));
    }

    /** @return list<string> moments of films that it led to, in order */
    public function wound(): array
    {
        return array_values(array_filter(array_column($this->all(EventKind::Wound), 1), is_string(...)));
    }

    /** How the game ended with it: `won`, `lost` or `open`; null when it did not. */
    public function ends(): ?string
    {
        $ended = $this->first(EventKind::Ended)[1] ?? null;

        return is_string($ended) ? $ended : null;
    }

    /** The scene it led to; null when it led nowhere else. */
    public function entered(): ?string
    {
        $entered = $this->allEntered();

        return $entered === [] ? null : $entered[array_key_last($entered)];
    }

    /** @return list<mixed>|null */
    private function first(EventKind $kind): ?array
    {
        return $this->all($kind)[0] ?? null;
    }

    /** @return list<list<mixed>> */
    private function all(EventKind $kind): array
    {
        return array_values(
            array_filter($this->events, static fn (array $event): bool => ($event[0] ?? '') === $kind->value),
        );
    }
}

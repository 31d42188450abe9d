<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\State\EventKind;

/** What somebody did and what came of it, without who and when: many plays of a run hold the same one. */
final readonly class Happening
{
    /** What the teacher did for the play: `hint`, `open` or `move`; null for a deed of a student's own. */
    public ?string $help;

    /** The lock it answered; null when it was something else. */
    public ?string $lock;

    /** The lock for which it asked a hint. */
    public ?string $hinted;

    /** `open`, `almost`, `wrong`, `waiting`, or `round` for one right of several; '' when it answered no lock. */
    public string $verdict;

    /** @var list<string> scenes it led through, in order */
    public array $entered;

    /** @var list<string> moments of films that it led to, in order */
    public array $wound;

    /**
     * @param  array<array-key, mixed>  $action  as it was sent; `start`, `again` and `reset` for beginning, `help` for
     *     what a teacher did
     * @param  list<list<mixed>>  $events  as Play\Outcome lists them
     */
    public function __construct(public array $action, private array $events)
    {
        $answered = $this->all(EventKind::Answered)[0] ?? null;
        $hinted = $this->all(EventKind::Hinted)[0] ?? null;
        $this->help = is_string($action['help'] ?? null) ? $action['help'] : null;
        $this->lock = $this->help === null && $answered !== null ? (string) $answered[1] : null;
        $this->hinted = $this->help === null && $hinted !== null ? (string) $hinted[1] : null;
        $this->verdict = (string) ($answered[2] ?? '');
        $this->entered = $this->texts(EventKind::Entered);
        $this->wound = $this->texts(EventKind::Wound);
    }

    /** @return list<list<mixed>> */
    public function all(EventKind $kind): array
    {
        $found = [];
        foreach ($this->events as $event) {
            ($event[0] ?? '') === $kind->value ? $found[] = $event : null;
        }

        return $found;
    }

    /** @return list<string> what such events name */
    private function texts(EventKind $kind): array
    {
        return array_values(array_filter(array_column($this->all($kind), 1), is_string(...)));
    }
}

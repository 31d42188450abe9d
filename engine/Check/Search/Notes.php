<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Play\Outcome;
use Fravel\State\Event;
use Fravel\State\EventKind;

/** What a search comes across on its way. */
final class Notes
{
    /** @var array<string, true> scenes that were entered */
    public array $scenes = [];

    /** @var array<string, true> locks that could be asked for an answer */
    public array $ready = [];

    /** @var array<string, true> tokens that were held */
    public array $given = [];

    /** @var array<string, true> scenes in which arrivals that led on and on were stopped */
    public array $loops = [];

    /** @var array<string, true> locks of which it is not known whether a rule that matters has an answer */
    public array $unsure = [];

    public function add(self $other): void
    {
        foreach (['scenes', 'ready', 'given', 'loops', 'unsure'] as $news) {
            if ($other->{$news} !== []) {
                $this->{$news} += $other->{$news};
            }
        }
    }

    public function take(Outcome $outcome): void
    {
        if ($outcome->isCut) {
            $this->loops[$outcome->state->scene] = true;
        }
        foreach ($outcome->events as $event) {
            $this->takeEvent($event);
        }
    }

    private function takeEvent(Event $event): void
    {
        $id = $event->arguments[0] ?? null;
        if ($event->kind === EventKind::Entered && is_string($id)) {
            $this->scenes[$id] = true;
        }
        if ($event->kind === EventKind::Given && is_string($id)) {
            $this->given[$id] = true;
        }
    }
}

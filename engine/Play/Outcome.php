<?php

declare(strict_types=1);

namespace Fravel\Play;

use Fravel\State\Event;
use Fravel\State\EventKind;
use Fravel\State\PlayState;

/** What an action came to: the state after it and the events on the way. */
final readonly class Outcome
{
    /**
     * @param  list<Event>  $events
     * @param  bool  $isCut  whether arrivals led on and on and were stopped
     */
    public function __construct(public PlayState $state, public array $events, public bool $isCut = false)
    {
    }

    public function isRefused(): bool
    {
        return ($this->events[0]->kind ?? null) === EventKind::Refused;
    }

    /** @return list<list<mixed>> */
    public function eventList(): array
    {
        return array_map(static fn (Event $event): array => $event->toArray(), $this->events);
    }
}

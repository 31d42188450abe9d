<?php

declare(strict_types=1);

namespace Fravel\State;

final readonly class Event
{
    /** @param  list<mixed>  $arguments as EventKind lists them */
    public function __construct(public EventKind $kind, public array $arguments = [])
    {
    }

    public static function of(EventKind $kind, mixed ...$arguments): self
    {
        return new self($kind, array_values($arguments));
    }

    /**
     * What changed from one state to the next, as events. Effects only return states; this is the one place where their
     * difference gets its names, so giving what is held or taking what is not makes no event.
     *
     * @return list<self>
     */
    public static function between(PlayState $before, PlayState $after): array
    {
        if ($before === $after) {
            return [];
        }
        $events = [];
        $each = static function (EventKind $kind, array $ids) use (&$events): void {
            foreach ($ids as $id) {
                $events[] = self::of($kind, $id);
            }
        };
        $each(EventKind::Given, array_diff($after->tokens, $before->tokens));
        $each(EventKind::Taken, array_diff($before->tokens, $after->tokens));
        foreach ($after->tallies as $tally => $value) {
            if (($before->tallies[$tally] ?? 0) != $value) {
                $events[] = self::of(EventKind::Tallied, $tally, $value);
            }
        }
        $each(EventKind::Opened, array_diff($after->open, $before->open));
        $each(EventKind::Lifted, array_diff($after->lifted, $before->lifted));
        $each(EventKind::Lowered, array_diff($before->lifted, $after->lifted));

        return $events;
    }

    /** @return list<mixed> */
    public function toArray(): array
    {
        return [$this->kind->value, ...$this->arguments];
    }
}

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
        $each(EventKind::Given, self::beyond($after->tokens, $before->tokens));
        $each(EventKind::Taken, self::beyond($before->tokens, $after->tokens));
        foreach ($after->tallies as $tally => $value) {
            if (($before->tallies[$tally] ?? 0) != $value) {
                $events[] = self::of(EventKind::Tallied, $tally, $value);
            }
        }
        $decide = static function (string $as, array $tallies) use (&$events): void {
            foreach ($tallies as $tally) {
                $events[] = self::of(EventKind::Decided, $tally, $as);
            }
        };
        $decide('must', self::beyond($after->decided, $before->decided));
        $decide('never', self::beyond($after->ruledOut, $before->ruledOut));
        $decide(
            'free',
            self::beyond(array_unique([...$before->decided, ...$before->ruledOut]), [
                ...$after->decided,
                ...$after->ruledOut,
            ]),
        );
        $each(EventKind::Opened, self::beyond($after->open, $before->open));
        $each(EventKind::Lifted, self::beyond($after->lifted, $before->lifted));
        $each(EventKind::Lowered, self::beyond($before->lifted, $after->lifted));

        return $events;
    }

    /**
     * Those of the first list that the second has not; most often both are the same list.
     *
     * @param  array<string>  $ids
     * @param  list<string>  $others
     * @return list<string>
     */
    private static function beyond(array $ids, array $others): array
    {
        if ($ids === $others) {
            return [];
        }
        $known = array_flip($others);

        return array_values(array_filter($ids, static fn (string $id): bool => ! isset($known[$id])));
    }

    /** @return list<mixed> */
    public function toArray(): array
    {
        return [$this->kind->value, ...$this->arguments];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Trigger;
use Fravel\State\Fact;

/** What of a lock the check must keep apart: whether it is open, by which rule, and what it counts. */
final class LockKeeping
{
    public static function keep(Lock $lock, Keeping $keeping): void
    {
        $open = Fact::open($lock->id);
        // Where tries or hints are looked at it matters that an open lock takes none.
        $isCounted = $keeping->sees(Fact::tries($lock->id)) || $keeping->sees(Fact::hinted($lock->id));
        $isSeen = $keeping->sees($open) || ($isCounted && ! $keeping->isRisingOnly());
        $isFollowed = $isSeen || ! self::isSameEachTime($lock, $keeping->isRisingOnly());
        if ($isFollowed) {
            $keeping->keep($open);
            self::keepPass($lock, $keeping);
        }
        if (! $keeping->isRisingOnly() && $keeping->sees(Fact::tries($lock->id))) {
            $keeping->count(Fact::tries($lock->id), null);
        }
        if (
            $keeping->sees(Fact::hinted($lock->id)) ||
            array_filter($lock->hints, static fn (Hint $hint): bool => $hint->effects !== []) !== []
        ) {
            $keeping->count(Fact::hinted($lock->id), count($lock->hints));
        }
    }

    /** By which rule an open lock was opened decides where it leads again, unless all lead the same way. */
    private static function keepPass(Lock $lock, Keeping $keeping): void
    {
        $ways = self::waysOpen($lock);
        if ($ways === [] || $lock->opened !== []) {
            return;
        }
        if (count($ways) > 1 || $keeping->isChangedByEffect(Fact::open($lock->id))) {
            $keeping->count(Fact::pass($lock->id), null);

            return;
        }
        $keeping->passBy(
            $lock->id,
            (int) array_key_first(array_filter($lock->rules, static fn (Rule $rule): bool => $rule->opens())),
        );
    }

    /** Whether it makes no difference to have opened it: it only leads on, the same way each time. */
    private static function isSameEachTime(Lock $lock, bool $isRisingOnly): bool
    {
        foreach ($lock->reactions() as $list) {
            $isLeft = $isRisingOnly && $list->on === Trigger::Wrong;
            if (! $isLeft && $list->on !== Trigger::Right && $list->acts()) {
                return false;
            }
        }
        foreach ($lock->rules as $rule) {
            if ($rule->opens() && ($rule->reaction->effects !== [] || $rule->reaction->if !== null)) {
                return false;
            }
        }

        return $lock->needs === null && count(self::waysOpen($lock)) < 2;
    }

    /** @return list<string> where its rules lead when they open it; '' for staying */
    private static function waysOpen(Lock $lock): array
    {
        $open = array_filter($lock->rules, static fn (Rule $rule): bool => $rule->opens());

        return array_values(
            array_unique(array_map(static fn (Rule $rule): string => $rule->reaction->go->to ?? '', $open)),
        );
    }
}

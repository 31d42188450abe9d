<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Condition\Condition;
use Fravel\Document\ReactionList;
use Fravel\Thing\Thing;

/**
 * Something that can be done, with a thing and with those inside it.
 *
 * @internal
 */
final readonly class ThingRoutes
{
    /**
     * @param  list<Thing>  $all  the thing and those inside it
     * @param  list<Condition>  $gates  that decide whether something can be done
     * @param  list<ReactionList>  $lists  that act
     */
    public function __construct(public Thing $thing, public array $all, public array $gates, public array $lists)
    {
    }

    /** @return list<Condition> */
    public function conditions(): array
    {
        return [...$this->gates, ...RouteDocument::conditionsOf($this->lists)];
    }

    /** Whether doing something with it may take something from a play, its effects aside. */
    public function mayTake(): bool
    {
        return array_filter($this->all, static fn (Thing $thing): bool => $thing->mayTake()) !== [];
    }

    /** @return list<string> locks that lift it */
    public function lifters(): array
    {
        return array_values(
            array_filter(array_map(static fn (Thing $thing): ?string => $thing->liftedBy(), $this->all)),
        );
    }

    /** @return list<string> locks that can be opened by it */
    public function locks(): array
    {
        $ids = [];
        foreach ($this->all as $thing) {
            foreach ($thing->locks() as $lock) {
                $ids[] = $lock->id;
            }
        }

        return $ids;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Document\GameDocument;
use Fravel\State\Fact;

/**
 * What the conditions and the ways of a game ask of a play. Two states that differ in nothing of it are one to the
 * search.
 */
final class ObservedState
{
    /**
     * Whether a route may lead back from elsewhere than where something is done: on arriving, or by a cover that a lock
     * lifts.
     */
    public readonly bool $leadsBackElsewhere;

    /** @var array<string, true> scenes from which one can go back */
    public readonly array $back;

    /** Whether every number that tallies start at, gain and are compared with is whole. */
    public readonly bool $isWhole;

    /** @var array<string, true> tallies that may fall, or be below 0 */
    private readonly array $falling;

    public function __construct(GameDocument $game, public readonly RouteDocument $routes)
    {
        $numbers = [];
        foreach ($game->tallies() as $tally) {
            $numbers[] = [Fact::tally($tally->id) => $tally->start];
        }
        foreach ($routes->effects() as $effect) {
            array_push($numbers, $effect->adds(), $effect->puts());
        }
        [$falling, $isWhole] = [[], $routes->observed->isWhole];
        foreach ($numbers as $changes) {
            foreach ($changes as $fact => $number) {
                $isWhole = $isWhole && is_int($number);
                $falling += $number < 0 ? [$fact => true] : [];
            }
        }
        $this->falling = $falling;
        $this->isWhole = $isWhole;
        $leading = array_filter($routes->scenes, static fn (SceneRoutes $scene): bool => $scene->leadsBack);
        $this->back = array_fill_keys(array_keys($leading), true);
        $this->leadsBackElsewhere =
            array_filter($leading, static fn (SceneRoutes $scene): bool => $scene->leadsBackElsewhere) !== [];
    }

    /** Whether as much is asked of a play, and effects may change the same. */
    public function isLike(self $other): bool
    {
        return $this->leadsBackElsewhere === $other->leadsBackElsewhere &&
            $this->back == $other->back &&
            $this->isWhole === $other->isWhole &&
            $this->falling == $other->falling &&
            $this->routes->changed == $other->routes->changed &&
            $this->routes->observed->facts == $other->routes->observed->facts;
    }

    public function sees(string $fact): bool
    {
        return $this->routes->observed->sees($fact);
    }

    /** The number above which all are as one; null where each matters. */
    public function most(string $fact): int|float|null
    {
        return isset($this->falling[$fact]) ? null : $this->routes->observed->facts[$fact] ?? null;
    }

    /** @return list<int> seconds since the play began at which a condition on time may turn */
    public function times(): array
    {
        $times = array_keys($this->routes->observed->times);
        sort($times);

        return $times;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Condition\Condition;
use Fravel\Condition\Observed;
use Fravel\Document\GameDocument;
use Fravel\Document\ReactionList;
use Fravel\Document\Route;
use Fravel\Effect\Effect;
use Fravel\State\Fact;

/**
 * What comes of doing something with a thing depends on: all that its conditions look at, and those of the scenes it
 * may lead to, of the covers it may lift and of what happens on arriving there.
 *
 * @phpstan-type Part array{mask: string, falls: bool, to: list<string>}
 */
final class Dependence
{
    /** @var array<string, Part> scene → what arriving there, or being refused, depends on */
    private array $arrivals = [];

    /** @var array<string, Part> thing → what doing something with it depends on, arrivals aside */
    private array $things = [];

    /** @var array<string, array<string, true>> scene → scenes whose arrival matters to what is done there */
    public array $matters = [];

    /** @var array<string, list<ThingRoutes>> lock → covers that it lifts */
    private array $covers = [];

    /** @var list<string> */
    private readonly array $chapterStarts;

    public function __construct(
        private readonly GameDocument $game,
        private readonly RouteDocument $routes,
        private readonly StateCodec $codec,
    ) {
        $this->chapterStarts = array_values(
            array_filter(array_map($game->firstSceneOf(...), array_keys($game->chapters()))),
        );
        foreach ($routes->scenes as $scene) {
            foreach ($scene->things as $thing) {
                foreach ($thing->lifters() as $lock) {
                    $this->covers[$lock][] = $thing;
                }
            }
        }
    }

    /**
     * @param  list<string>  $to  scenes that a way back leads to
     * @return array{mask: string, falls: bool}  the facts that what comes of it depends on, and whether it may take
     *     something away
     */
    public function of(ActionSource $source, array $to = []): array
    {
        // Answering a lock and what a wrong answer sets off depend on the same.
        $part =
            $source->routes === null
                ? $this->read([], $source->lists, [], true)
                : ($this->things[$source->routes->thing->id] ??= $this->read(
                    [],
                    $source->lists,
                    [$source->routes],
                    true,
                ));
        ['mask' => $mask, 'falls' => $falls, 'to' => $named] = $part;
        $queue = [...$to, ...$named];
        $seen = [];
        while ($queue !== []) {
            $scene = array_pop($queue);
            if (isset($seen[$scene])) {
                continue;
            }
            $seen[$scene] = true;
            $this->matters[$source->scene][$scene] = true;
            $arrival = $this->arrivals[$scene] ??= $this->arrival($scene);
            $mask |= $arrival['mask'];
            $falls = $falls || $arrival['falls'];
            array_push($queue, ...$arrival['to']);
        }

        return ['mask' => $mask, 'falls' => $falls];
    }

    /** @return Part */
    private function arrival(string $scene): array
    {
        $routes = $this->routes->scenes[$scene] ?? null;

        return $routes === null
            ? ['mask' => $this->codec->maskOf([]), 'falls' => false, 'to' => []]
            : $this->read(array_filter([$routes->scene->needs]), [...$routes->refused, ...$routes->arrive], [], false);
    }

    /**
     * @param  array<Condition>  $gates
     * @param  list<ReactionList>  $lists
     * @param  list<ThingRoutes>  $own  what something is done with
     * @param  bool  $isHere  whether the scene is known from which a way back would be gone
     * @return Part
     */
    private function read(array $gates, array $lists, array $own, bool $isHere): array
    {
        $covers = $this->covers === [] ? [] : $this->coversLifted($own, $lists);
        $things = [...$own, ...$covers];
        foreach ($things as $thing) {
            array_push($lists, ...$thing->lists);
        }
        $observed = new Observed();
        foreach ($things as $thing) {
            array_push($gates, ...$thing->gates);
        }
        foreach ([...$gates, ...RouteDocument::conditionsOf($lists)] as $condition) {
            $condition->observe($observed);
        }
        $effects = RouteDocument::effectsOf($lists);
        foreach ($effects as $effect) {
            $effect->observe($observed);
        }
        // A lock that is open already lifts nothing.
        $lifting =
            $this->covers === []
                ? []
                : array_map(
                    Fact::open(...),
                    array_values(
                        array_filter($this->openedBy($lists), fn (string $lock): bool => isset($this->covers[$lock])),
                    ),
                );
        $facts = [
            ...array_keys($observed->facts),
            ...$lifting,
            ...array_merge([], ...array_map(fn (ThingRoutes $thing): array => $this->codec->keptBy($thing), $things)),
        ];
        $falls =
            array_filter($effects, static fn (Effect $effect): bool => $effect->mayTake()) !== [] ||
            array_filter($things, static fn (ThingRoutes $thing): bool => $thing->mayTake()) !== [];
        // Where a way back leads from a place not known depends on all that came before; a cover may lead away first.
        $isLost = (! $isHere || $covers !== []) && SceneRoutes::hasBack($lists);
        $mask = $isLost ? str_repeat("\xFF", $this->codec->length) : $this->codec->maskOf($facts);

        return ['mask' => $mask, 'falls' => $falls || $isLost, 'to' => $this->targets($lists)];
    }

    /**
     * @param  list<ThingRoutes>  $own
     * @param  list<ReactionList>  $lists
     * @return list<ThingRoutes> covers that may be lifted by a lock that opens on the way
     */
    private function coversLifted(array $own, array $lists): array
    {
        $locks = $this->openedBy($lists);
        foreach ($own as $thing) {
            array_push($locks, ...$thing->locks(), ...$this->openedBy($thing->lists));
        }
        $covers = [];
        while ($locks !== []) {
            foreach ($this->covers[array_pop($locks)] ?? [] as $cover) {
                if (! isset($covers[$cover->thing->id])) {
                    $covers[$cover->thing->id] = $cover;
                    array_push($locks, ...$this->openedBy($cover->lists));
                }
            }
        }

        return array_values($covers);
    }

    /**
     * @param  list<ReactionList>  $lists
     * @return list<string> locks that effects of theirs open
     */
    private function openedBy(array $lists): array
    {
        $locks = [];
        foreach (RouteDocument::effectsOf($lists) as $effect) {
            foreach ($effect->changes($this->game) as $fact) {
                Fact::kindOf($fact) === 'open' ? ($locks[] = Fact::idIn($fact)) : null;
            }
        }

        return $locks;
    }

    /**
     * @param  list<ReactionList>  $lists
     * @return list<string> scenes; where a route leads by where one is, all that it may be
     */
    private function targets(array $lists): array
    {
        return array_merge(
            [],
            ...array_map(
                fn (Route $route): array => match ($route->to) {
                    Route::STAY, Route::BACK, Route::ON => [],
                    Route::START => [$this->game->start()],
                    Route::CHAPTER => $this->chapterStarts,
                    default => [$this->game->destination($route->to) ?? $route->to],
                },
                RouteDocument::routesOf($lists),
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Condition\Condition;
use Fravel\Document\ReactionList;
use Fravel\Document\Route;
use Fravel\Document\Scene;
use Fravel\Effect\Effect;

/**
 * What leads into a scene, through it and out of it.
 *
 * @internal
 */
final readonly class SceneRoutes
{
    /** Whether a way leads back from here to where one came from. */
    public bool $leadsBack;

    /** Whether it does so on arriving, on being turned away, or by a cover that a lock lifts. */
    public bool $leadsBackElsewhere;

    /**
     * @param  list<ReactionList>  $refused
     * @param  list<ReactionList>  $arrive
     * @param  list<ReactionList>  $next
     * @param  list<ThingRoutes>  $things
     */
    public function __construct(
        public Scene $scene,
        public array $refused,
        public array $arrive,
        public array $next,
        public array $things,
    ) {
        $covers = array_filter($things, static fn (ThingRoutes $thing): bool => $thing->lifters() !== []);
        $this->leadsBackElsewhere = self::hasBack([
            ...$refused,
            ...$arrive,
            ...array_merge([], ...array_map(static fn (ThingRoutes $thing): array => $thing->lists, $covers)),
        ]);
        $this->leadsBack =
            $scene->back ||
            $this->leadsBackElsewhere ||
            self::hasBack([
                ...$next,
                ...array_merge([], ...array_map(static fn (ThingRoutes $thing): array => $thing->lists, $things)),
            ]);
    }

    /** @return list<Condition> of the scene itself */
    public function conditions(): array
    {
        return array_values(
            array_filter([
                $this->scene->needs,
                ...RouteDocument::conditionsOf([...$this->refused, ...$this->arrive, ...$this->next]),
            ]),
        );
    }

    /** @return list<Effect> of the scene and its things */
    public function effects(): array
    {
        return RouteDocument::effectsOf([
            ...$this->refused,
            ...$this->arrive,
            ...$this->next,
            ...array_merge([], ...array_map(static fn (ThingRoutes $thing): array => $thing->lists, $this->things)),
        ]);
    }

    /** @param  list<ReactionList>  $lists */
    public static function hasBack(array $lists): bool
    {
        return array_filter(
            RouteDocument::routesOf($lists),
            static fn (Route $route): bool => $route->to === Route::BACK,
        ) !== [];
    }
}

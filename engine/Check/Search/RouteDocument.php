<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Check\Effort;
use Fravel\Check\EffortSpent;
use Fravel\Condition\Condition;
use Fravel\Condition\Observed;
use Fravel\Document\GameDocument;
use Fravel\Document\ReactionList;
use Fravel\Document\Route;
use Fravel\Document\Scene;
use Fravel\Document\Trigger;
use Fravel\Effect\Effect;
use Fravel\State\Fact;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/**
 * A game without all that no way depends on: words, pictures, hints that do nothing, and reactions that only speak.
 * What its conditions no longer look at can't tell two states apart.
 */
final class RouteDocument
{
    /** Units of effort for one thing. */
    private const LOOK = 10;

    /** What all conditions that are left look at, and effects whose outcome depends on something. */
    public readonly Observed $observed;

    /** @var array<string, true> facts that effects may change */
    public readonly array $changed;

    /** @var array<string, SceneRoutes> */
    public readonly array $scenes;

    private function __construct(GameDocument $game, ?self $before, Effort $effort)
    {
        // Whether a hint matters may depend on what other hints ask, so that is gone through until nothing new comes
        // up.
        $observed = new Observed();
        $before = $before === null || self::asksForHints($before->observed) ? null : $before;
        do {
            $seen = count($observed->facts);
            $asksForHints = self::asksForHints($observed);
            $routes = static function (Scene $scene) use ($before, $observed, $asksForHints, $effort): SceneRoutes {
                $effort->spend();
                $known = $before->scenes[$scene->id] ?? null;

                if ($known !== null && $known->scene === $scene && ! $asksForHints) {
                    return $known;
                }
                $effort->spend(self::LOOK * count($scene->things));

                return self::scene($scene, $observed);
            };
            $scenes = array_map($routes, array_column($game->scenes($effort->read(...)), null, 'id'));
            foreach ($scenes as $scene) {
                $effort->spend(1 + count($scene->things));
                self::observe($scene, $observed);
            }
        } while (count($observed->facts) > $seen && $seen > 0);
        $this->observed = $observed;
        $this->scenes = $scenes;
        $this->changed = self::changes($game, $scenes);
    }

    /**
     * @param  self|null  $before  of the game before an edit, from which scenes that it left alone are taken
     *
     * @throws EffortSpent
     */
    public static function of(GameDocument $game, ?self $before = null, Effort $effort = new Effort()): self
    {
        return new self($game, $before, $effort);
    }

    /** @return list<Effect> of all reactions that are left */
    public function effects(): array
    {
        return array_merge(
            [],
            ...array_values(array_map(static fn (SceneRoutes $scene): array => $scene->effects(), $this->scenes)),
        );
    }

    private static function asksForHints(Observed $observed): bool
    {
        return array_filter(
            array_keys($observed->facts),
            static fn (string $fact): bool => Fact::kindOf($fact) === 'hinted',
        ) !== [];
    }

    private static function scene(Scene $scene, Observed $observed): SceneRoutes
    {
        $things = [];
        foreach ($scene->things as $thing) {
            $routes = self::thing($thing, $observed);
            if ($routes !== null) {
                $things[] = $routes;
            }
        }

        return new SceneRoutes(
            $scene,
            self::kept([new ReactionList($scene->id, 'refused', Trigger::Refused, $scene->refused)], $observed),
            self::kept([new ReactionList($scene->id, 'arrive', Trigger::Arrive, $scene->arrive)], $observed),
            self::kept([new ReactionList($scene->id, 'next', Trigger::Next, $scene->next)], $observed),
            $things,
        );
    }

    /** Null for one that nothing can be done with. */
    private static function thing(Thing $thing, Observed $observed): ?ThingRoutes
    {
        $all = Things::flattened([$thing]);
        if (array_filter($all, static fn (Thing $one): bool => $one->actions() !== [] || $one->locks() !== []) === []) {
            return null;
        }
        $conditions = array_merge(
            [],
            ...array_map(static fn (Thing $one): array => array_values(array_filter($one->conditions())), $all),
        );
        $lists = array_merge(
            [],
            ...array_map(static fn (Thing $one): array => self::kept($one->reactions(), $observed), $all),
        );

        return new ThingRoutes($thing, $all, $conditions, $lists);
    }

    /**
     * @param  list<ReactionList>  $lists
     * @return list<ReactionList> those that act, or whose being set off is asked for
     */
    private static function kept(array $lists, Observed $observed): array
    {
        return array_values(
            array_filter(
                $lists,
                static fn (ReactionList $list): bool => $list->acts() ||
                    ($list->isGate() && $list->fact !== null && $observed->sees($list->fact)),
            ),
        );
    }

    private static function observe(SceneRoutes $scene, Observed $observed): void
    {
        foreach (
            [
                ...$scene->conditions(),
                ...array_merge(
                    [],
                    ...array_map(static fn (ThingRoutes $thing): array => $thing->conditions(), $scene->things),
                ),
            ] as $condition
        ) {
            $condition->observe($observed);
        }
        foreach ($scene->effects() as $effect) {
            $effect->observe($observed);
        }
    }

    /**
     * @param  array<string, SceneRoutes>  $scenes
     * @return array<string, true>
     */
    private static function changes(GameDocument $game, array $scenes): array
    {
        $changed = [];
        foreach ($scenes as $scene) {
            foreach ($scene->effects() as $effect) {
                $changed += array_fill_keys($effect->changes($game), true);
            }
        }

        return $changed;
    }

    /**
     * @param  list<ReactionList>  $lists
     * @return list<Condition>
     */
    public static function conditionsOf(array $lists): array
    {
        $conditions = [];
        foreach ($lists as $list) {
            foreach ($list->reactions as $reaction) {
                $reaction->if === null ?: ($conditions[] = $reaction->if);
            }
        }

        return $conditions;
    }

    /**
     * @param  list<ReactionList>  $lists
     * @return list<Effect>
     */
    public static function effectsOf(array $lists): array
    {
        $effects = [];
        foreach ($lists as $list) {
            foreach ($list->reactions as $reaction) {
                array_push($effects, ...$reaction->effects);
            }
        }

        return $effects;
    }

    /**
     * @param  list<ReactionList>  $lists
     * @return list<Route>
     */
    public static function routesOf(array $lists): array
    {
        $routes = [];
        foreach ($lists as $list) {
            foreach ($list->reactions as $reaction) {
                $reaction->go === null ?: ($routes[] = $reaction->go);
            }
        }

        return $routes;
    }
}

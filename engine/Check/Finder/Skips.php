<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Check\PlainWays;
use Fravel\Check\Search\Exploration;
use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\ReactionList;
use Fravel\Document\Scene;
use Fravel\Document\Trigger;
use Fravel\Edit\DocumentPath;
use Fravel\Thing\Thing;

/**
 * Locks and conditional choices that can be left as they are, since another way leads to all they stand before, and
 * locks that may be passed unopened.
 */
final class Skips implements Finder
{
    /** States that a game without the lock is looked at. */
    private const BUDGET = 2000;

    /** Gates with a way round that are looked at closely: a game with more of them has been told enough. */
    private const MOST = 40;

    public static function find(CheckContext $context): array
    {
        $plain = new PlainWays($context->game);
        $findings = [];
        $looked = 0;
        foreach ($context->game->scenes() as $scene) {
            foreach ($scene->things as $thing) {
                $context->effort->spend();
                $guarded = self::guarded($thing, $scene, $context->game);
                $round =
                    $guarded === [] || ! isset($context->reach->scenes[$scene->id])
                        ? null
                        : $plain->from($scene, $guarded, $thing->id);
                if ($round === null || ++$looked > self::MOST || ! self::isAllReachedWithout($thing, $context)) {
                    continue;
                }
                $into = self::wayInto($scene, $context);
                $finding = Finding::warning(
                    'lock.skipped',
                    [$thing->id, $scene->id],
                    [
                        'lock' => $context->calls($thing->id),
                        'scene' => $context->titleOf($scene->id),
                        'to' => $context->titleOf($guarded[0]),
                    ],
                );
                $findings[] = $into === null ? $finding : $finding->shownBy([...$into, ...$round]);
            }
        }

        $told = array_fill_keys(array_map(static fn (Finding $one): string => $one->where[0], $findings), true);

        return [...$findings, ...Passable::find($context, $told)];
    }

    /** @return list<string> scenes that it leads to for those who can open it, or of whom its condition holds */
    private static function guarded(Thing $thing, Scene $scene, GameDocument $game): array
    {
        $isGate = $thing->locks() !== [] || $thing->common->if !== null;
        $opening = array_filter(
            $isGate ? $thing->reactions() : [],
            static fn (ReactionList $list): bool => in_array($list->on, [Trigger::Right, Trigger::Again], true) ||
                ($list->on === Trigger::Act && $thing->common->if !== null),
        );
        $to = [];
        foreach ($opening as $list) {
            foreach ($list->reactions as $reaction) {
                $target = $reaction->go->to ?? '';
                $game->scene($target) === null || $target === $scene->id ?: ($to[] = $target);
            }
        }

        return array_values(array_unique($to));
    }

    /** Whether every scene that students get to is got to by those too who never touch it. */
    private static function isAllReachedWithout(Thing $thing, CheckContext $context): bool
    {
        if (! self::matters($thing, $context)) {
            return true;
        }
        $reach = Exploration::of(
            self::without($context->game, $thing->id), $context->statesOf(self::BUDGET), $context->effort,
        );

        return array_diff_key($context->reach->scenes, $reach->scenes) === [];
    }

    /** Whether opening it, or whatever it does, may count for something elsewhere. */
    private static function matters(Thing $thing, CheckContext $context): bool
    {
        $acting = array_filter(
            $thing->reactions(),
            static fn (ReactionList $list): bool => array_filter(
                $list->reactions,
                static fn (Reaction $reaction): bool => $reaction->effects !== [],
            ) !== [],
        );

        return $acting !== [] || $context->isNamed($thing->id);
    }

    /**
     * @return list<array<string, mixed>>|null fewest actions to the scene; null where they were not found soon enough
     */
    private static function wayInto(Scene $scene, CheckContext $context): ?array
    {
        return Exploration::wayInto($context->game, $scene->id, $context->statesOf(self::BUDGET), $context->effort);
    }

    private static function without(GameDocument $game, string $thing): GameDocument
    {
        $path = DocumentPath::path($game->document, $thing);
        if ($path === null) {
            return $game;
        }
        $holder = array_slice($path, 0, -1);
        $things = DocumentPath::get($game->document, $holder);
        $left = array_filter(
            is_array($things) ? $things : [],
            static fn (mixed $one): bool => ! is_array($one) || ($one['id'] ?? null) !== $thing,
        );

        return GameDocument::of(DocumentPath::put($game->document, $holder, array_values($left)));
    }
}

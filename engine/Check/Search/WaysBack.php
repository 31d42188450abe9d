<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Check\Effort;
use Fravel\Check\EffortSpent;
use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Fravel\Document\ReactionList;
use Fravel\Document\Route;
use Fravel\Document\Trigger;
use Fravel\Document\Ways;
use Fravel\Edit\DocumentPath;
use Fravel\Thing\Things;

/**
 * Going back, told without remembering who came from where: that alone would make as many states as there are orders of
 * rooms.
 *
 * Where only one scene leads to another, going back from there is a way like any other. Where several do, the game is
 * looked at twice: without those ways back, which is less than students can do, and with a way back to each of them,
 * which is more. What both agree on is so.
 *
 * @internal
 */
final readonly class WaysBack
{
    /** Units of effort for one thing and for one scene. */
    private const LOOK = 10;

    /**
     * @param  GameDocument  $less  without the ways back that may lead to several scenes
     * @param  GameDocument  $more  with a way to each scene that a way back may lead to
     * @param  array<string, list<string>>  $open  scene → scenes that its way back may lead to, where there are several
     */
    private function __construct(public GameDocument $less, public GameDocument $more, public array $open)
    {
    }

    /**
     * Null where no way leads back, or one does more than that.
     *
     * @throws EffortSpent
     */
    public static function in(GameDocument $game, Effort $effort = new Effort()): ?self
    {
        $scenes = DocumentPath::entries($game->document, 'scenes');
        if (
            ! str_contains(serialize($scenes), '"'.Route::BACK.'"') &&
            array_filter(array_column($scenes, 'back')) === []
        ) {
            return null;
        }
        $choices = self::choicesBack($game, $effort);
        $back =
            $choices === null
                ? []
                : array_filter($scenes, static fn (array $scene): bool => self::leadsBack($scene, $choices));
        if ($choices === null || $back === []) {
            return null;
        }
        $before = self::before($game, $effort);
        $stem = self::freeStem($game);
        [$less, $more, $open] = [[], [], []];
        foreach ($scenes as $place => $scene) {
            $id = is_string($scene['id'] ?? null) ? $scene['id'] : '';
            $to = self::leadsBack($scene, $choices) ? $before[$id] ?? [] : [];
            $effort->spend(count(DocumentPath::entries($scene, 'things')) + count($to));
            // The very beginning was entered from nowhere: a way back from there may lead nowhere.
            $isOne = count($to) === 1 && $id !== $game->start();
            $bare = self::without($scene, $choices);
            $less[] = $isOne ? self::with($bare, $to, "{$stem}-{$place}") : $bare;
            $more[] = self::with($bare, $to, "{$stem}-{$place}");
            if (! $isOne && $to !== [] && $id !== $game->start() && self::isAlwaysThere($scene, $choices)) {
                $open[$id] = $to;
            }
        }

        return new self(
            GameDocument::of(['scenes' => $less] + $game->document),
            GameDocument::of(['scenes' => $more] + $game->document),
            $open,
        );
    }

    /**
     * @return array<string, bool>|null choices that do nothing but lead back → whether they are always there; null
     *     where anything else leads back
     */
    private static function choicesBack(GameDocument $game, Effort $effort): ?array
    {
        $choices = [];
        foreach ($game->scenes($effort->read(...)) as $scene) {
            $effort->spend(self::LOOK * (1 + count($scene->things)));
            $lists = [
                new ReactionList($scene->id, '', Trigger::Arrive, [
                    ...$scene->refused,
                    ...$scene->arrive,
                    ...$scene->next,
                ]),
            ];
            foreach (Things::flattened($scene->things) as $thing) {
                $reactions = $thing->reactions();
                if (! SceneRoutes::hasBack($reactions)) {
                    continue;
                }
                if (
                    $thing->actions() !== [['choose' => $thing->id]] ||
                    ! self::isPlain($reactions) ||
                    ! in_array($thing, $scene->things, true)
                ) {
                    return null;
                }
                $choices[$thing->id] = $thing->common->if === null;
            }
            if (SceneRoutes::hasBack($lists)) {
                return null;
            }
        }

        return $choices;
    }

    /** @param  list<ReactionList>  $lists */
    private static function isPlain(array $lists): bool
    {
        $reactions = array_merge([], ...array_map(static fn (ReactionList $list): array => $list->reactions, $lists));

        return count($reactions) === 1 && $reactions[0]->if === null && $reactions[0]->effects === [];
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @param  array<string, bool>  $choices
     */
    private static function leadsBack(array $scene, array $choices): bool
    {
        return ($scene['back'] ?? false) === true || array_intersect_key($choices, self::idsIn($scene)) !== [];
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @param  array<string, bool>  $choices
     */
    private static function isAlwaysThere(array $scene, array $choices): bool
    {
        return ($scene['back'] ?? false) === true ||
            array_filter(array_intersect_key($choices, self::idsIn($scene))) !== [];
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @return array<string, int>
     */
    private static function idsIn(array $scene): array
    {
        return array_flip(array_filter(array_column(DocumentPath::entries($scene, 'things'), 'id'), is_string(...)));
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @param  array<string, bool>  $choices
     * @return array<array-key, mixed>
     */
    private static function without(array $scene, array $choices): array
    {
        $things = array_values(
            array_filter(
                DocumentPath::entries($scene, 'things'),
                static fn (array $thing): bool => ! isset($choices[$thing['id'] ?? '']),
            ),
        );

        return ['back' => false, 'things' => $things] + $scene;
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @param  list<string>  $to
     * @return array<array-key, mixed>
     */
    private static function with(array $scene, array $to, string $stem): array
    {
        $ways = array_map(
            static fn (string $one, int $way): array => [
                'id' => "{$stem}-{$way}",
                'kind' => 'choice',
                'react' => [['go' => $one]],
            ],
            $to,
            array_keys($to),
        );

        return ['things' => [...DocumentPath::entries($scene, 'things'), ...$ways]] + $scene;
    }

    /** A beginning that no id of the game has. */
    private static function freeStem(GameDocument $game): string
    {
        $ids = "\n".implode("\n", array_keys(Ids::in($game->document)));
        for ($stem = 'back'; str_contains($ids, "\n{$stem}-"); $stem .= 'k') {
        }

        return $stem;
    }

    /** @return array<string, list<string>> scene → scenes from which a route leads there, whatever its conditions */
    private static function before(GameDocument $game, Effort $effort): array
    {
        $before = [];
        foreach (Ways::in($game, $effort->read(...)) as [$from, $to]) {
            if ($from !== $to) {
                $before[$to][] = $from;
            }
        }

        return $before;
    }
}

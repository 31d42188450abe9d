<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Fravel\Document\References;
use Fravel\Edit\DocumentPath;

/**
 * Going back, told without remembering who came from where: that alone would make as many states as there are orders of rooms.
 *
 * Where only one scene leads to another, going back from there is a way like any other. Where several do, the game is looked
 * at twice: without those ways back, which is less than students can do, and with a way back to each of them, which is more.
 * What both agree on is so.
 *
 * @internal
 */
final readonly class WaysBack
{
    /**
     * @param  GameDocument  $less  without the ways back that may lead to several scenes
     * @param  GameDocument  $more  with a way to each scene that a way back may lead to
     * @param  array<string, list<string>>  $open  scene → scenes that its way back may lead to, where there are several
     */
    private function __construct(public GameDocument $less, public GameDocument $more, public array $open)
    {
    }

    /** Null where no way leads back, or one does more than that. */
    public static function in(GameDocument $game): ?self
    {
        $scenes = DocumentPath::entries($game->document, 'scenes');
        $isPlain = array_filter($scenes, static fn (array $scene): bool => ! self::isPlain($scene)) === [];
        $back = array_filter($scenes, self::leadsBack(...));
        if (! $isPlain || $back === []) {
            return null;
        }
        $before = self::before($game);
        $stem = self::freeStem($game);
        [$less, $more, $open] = [[], [], []];
        foreach ($scenes as $place => $scene) {
            $id = is_string($scene['id'] ?? null) ? $scene['id'] : '';
            $to = self::leadsBack($scene) ? $before[$id] ?? [] : [];
            // The very beginning was entered from nowhere: a way back from there may lead nowhere.
            $isOne = count($to) === 1 && $id !== $game->start();
            $bare = self::without($scene);
            $less[] = $isOne ? self::with($bare, $to, "{$stem}-{$place}") : $bare;
            $more[] = self::with($bare, $to, "{$stem}-{$place}");
            if (! $isOne && $to !== [] && $id !== $game->start() && self::isAlwaysThere($scene)) {
                $open[$id] = $to;
            }
        }

        return new self(GameDocument::of(['scenes' => $less] + $game->document), GameDocument::of(['scenes' => $more] + $game->document), $open);
    }

    /**
     * Whether nothing in it leads back but going back itself and choices that do nothing else.
     *
     * @param  array<array-key, mixed>  $scene
     */
    private static function isPlain(array $scene): bool
    {
        return ! RouteDocument::leadsBack(['things' => array_filter(DocumentPath::entries($scene, 'things'), static fn (array $thing): bool => ! self::isChoiceBack($thing))] + $scene);
    }

    /** @param  array<array-key, mixed>  $scene */
    private static function leadsBack(array $scene): bool
    {
        return ($scene['back'] ?? false) === true || array_filter(DocumentPath::entries($scene, 'things'), self::isChoiceBack(...)) !== [];
    }

    /** @param  array<array-key, mixed>  $scene */
    private static function isAlwaysThere(array $scene): bool
    {
        return ($scene['back'] ?? false) === true || array_filter(DocumentPath::entries($scene, 'things'), static fn (array $thing): bool => self::isChoiceBack($thing) && ! isset($thing['if'])) !== [];
    }

    /** @param  array<array-key, mixed>  $thing */
    private static function isChoiceBack(array $thing): bool
    {
        $reactions = RouteDocument::entries($thing['react'] ?? null);

        return ($thing['kind'] ?? '') === 'choice' && count($reactions) === 1 && ($reactions[0]['go'] ?? '') === '@back'
            && ! isset($reactions[0]['if']) && ($reactions[0]['do'] ?? []) === [];
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @return array<array-key, mixed>
     */
    private static function without(array $scene): array
    {
        $things = array_values(array_filter(DocumentPath::entries($scene, 'things'), static fn (array $thing): bool => ! self::isChoiceBack($thing)));

        return ['back' => false, 'things' => $things] + $scene;
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @param  list<string>  $to
     * @return array<array-key, mixed>
     */
    private static function with(array $scene, array $to, string $stem): array
    {
        $ways = array_map(static fn (string $one, int $way): array => ['id' => "{$stem}-{$way}", 'kind' => 'choice', 'react' => [['go' => $one]]], $to, array_keys($to));

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
    private static function before(GameDocument $game): array
    {
        $before = [];
        foreach (References::in($game->document) as $reference) {
            if ($reference->isRoute && $reference->scene !== null && $reference->scene !== $reference->id) {
                $before[$reference->id][$reference->scene] = $reference->scene;
            }
        }
        foreach (DocumentPath::entries($game->document, 'scenes') as $scene) {
            $id = is_string($scene['id'] ?? null) ? $scene['id'] : '';
            foreach (self::named($scene) as $route) {
                $to = $route === '@start' ? $game->start() : $game->firstSceneOf((string) ($scene['chapter'] ?? ''));
                $to === null || $to === $id ?: $before[$to][$id] = $id;
            }
        }

        return array_map(array_values(...), $before);
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @return list<string> of `@start` and `@chapter` those that a route in it leads to
     */
    private static function named(array $scene): array
    {
        $written = serialize($scene);

        return array_values(array_filter(['@start', '@chapter'], static fn (string $route): bool => str_contains($written, "\"{$route}\"")));
    }
}

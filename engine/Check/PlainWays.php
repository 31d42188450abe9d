<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Document\GameDocument;
use Fravel\Document\Reaction;
use Fravel\Document\Scene;
use Fravel\Document\Trigger;
use Fravel\Thing\Thing;

/** Ways that everybody can always take: plain choices and going on, into scenes that let in everybody. */
final class PlainWays
{
    /** Scenes that are passed on a way round. */
    private const FARTHEST = 30;

    /**
     * @var array<string, list<array{string|null, array<string, mixed>, string}>> scene → thing, action, and the scene
     *     that it leads to
     */
    private array $steps = [];

    public function __construct(private readonly GameDocument $game)
    {
    }

    /**
     * @param  list<string>  $to  scenes
     * @param  string  $without  a thing that is not touched
     * @return list<array<string, mixed>>|null the actions that lead to all of them, one after the other; null where
     *     there is no such way
     */
    public function from(Scene $scene, array $to, string $without): ?array
    {
        $actions = [];
        foreach ($to as $target) {
            $way = $this->way($scene, $target, $without);
            if ($way === null) {
                return null;
            }
            $actions = $actions === [] ? $way : $actions;
        }

        return $actions;
    }

    /** @return list<array<string, mixed>>|null */
    private function way(Scene $from, string $to, string $without): ?array
    {
        $ways = [$from->id => []];
        for ($queue = [$from->id]; $queue !== [] && count($ways) < self::FARTHEST;) {
            $id = array_shift($queue);
            foreach ($this->steps($id, $without) as [$action, $next]) {
                if ($next === $to) {
                    return [...$ways[$id], $action];
                }
                if (! isset($ways[$next]) && $this->game->scene($next)?->ending === null) {
                    $ways[$next] = [...$ways[$id], $action];
                    $queue[] = $next;
                }
            }
        }

        return null;
    }

    /** @return list<array{array<string, mixed>, string}> action, and the scene that it leads to */
    private function steps(string $id, string $without): array
    {
        $steps = $this->steps[$id] ??= $this->stepsFrom($id);

        return array_values(
            array_map(
                static fn (array $step): array => [$step[1], $step[2]],
                array_filter($steps, static fn (array $step): bool => $step[0] !== $without),
            ),
        );
    }

    /** @return list<array{string|null, array<string, mixed>, string}> */
    private function stepsFrom(string $id): array
    {
        $scene = $this->game->scene($id);
        $steps = [[null, ['continue' => true], self::plain($scene->next ?? [])]];
        foreach ($scene->things ?? [] as $thing) {
            foreach (self::routes($thing) as $reactions) {
                $steps[] = [$thing->id, $thing->actions()[0] ?? [], self::plain($reactions)];
            }
        }

        return array_values(
            array_filter(
                $steps,
                fn (array $step): bool => $step[1] !== [] &&
                    $this->game->scene($step[2]) !== null &&
                    $this->game->scene($step[2])->needs === null,
            ),
        );
    }

    /** @return list<list<Reaction>> of what can always be done with it by hand */
    private static function routes(Thing $thing): array
    {
        $lists = array_filter(
            $thing->common->if === null ? $thing->reactions() : [],
            static fn ($list): bool => $list->on === Trigger::Act && $thing->liftedBy() === null,
        );

        return array_values(array_map(static fn ($list): array => $list->reactions, $lists));
    }

    /** @param  list<Reaction>  $reactions */
    private static function plain(array $reactions): string
    {
        $first = $reactions[0] ?? null;

        return $first === null || $first->if !== null ? '' : $first->go->to ?? '';
    }
}

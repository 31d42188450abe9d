<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\Document\GameDocument;
use Fravel\Document\Scene;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/** What a run showed of one scene: how many came there, and which of its choices they took. */
final readonly class SceneReport
{
    /**
     * @param  int  $seen  plays that came there
     * @param  array<string, int>  $taken  each choice → plays that took it, however often
     */
    private function __construct(public string $scene, public int $seen, public array $taken)
    {
    }

    /**
     * @param  list<PlayLog>  $logs
     * @return list<self> in the order of the game
     */
    public static function all(GameDocument $game, array $logs): array
    {
        $seen = self::counted($logs, static fn (Deed $deed): array => $deed->allEntered());
        $taken = self::counted($logs, static fn (Deed $deed): array => [$deed->chosen()]);

        return array_map(static fn (Scene $scene): self => new self(
            $scene->id, $seen[$scene->id] ?? 0, self::choices($scene, $taken),
        ), $game->scenes());
    }

    /**
     * @param  list<PlayLog>  $logs
     * @param  callable(Deed): list<?string>  $what
     * @return array<string, int> what → plays in which it was
     */
    private static function counted(array $logs, callable $what): array
    {
        $counts = [];
        foreach ($logs as $log) {
            $found = [];
            foreach ($log->deeds as $deed) {
                foreach ($what($deed) as $id) {
                    $found[$id ?? ''] = true;
                }
            }
            foreach ($found as $id => $_) {
                $counts[$id] = ($counts[$id] ?? 0) + 1;
            }
        }

        return $counts;
    }

    /**
     * @param  array<string, int>  $taken
     * @return array<string, int>
     */
    private static function choices(Scene $scene, array $taken): array
    {
        $choices = array_filter(
            Things::flattened($scene->things), static fn (Thing $thing): bool => Things::kindOf($thing) === 'choice',
        );
        $counts = [];
        foreach ($choices as $choice) {
            $counts[$choice->id] = $taken[$choice->id] ?? 0;
        }

        return $counts;
    }
}

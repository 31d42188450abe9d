<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Thing\Things;

/**
 * A scene that `waits` is gone on from once all that is asked in it is done: its locks are open, its find-it boards are
 * found, as far as they are there for this student. That is a condition like any other, so play obeys it and the check
 * proves by it.
 *
 * @phpstan-type Written array<array-key, mixed>
 */
final class Waiting
{
    /** What is done with a thing that asks, by its kind: the condition that tells. */
    private const DONE = ['lock' => 'open', 'find' => 'found'];

    public static function concerns(mixed $scene): bool
    {
        return is_array($scene) && ($scene['waits'] ?? false) === true && ($scene['next'] ?? []) !== [];
    }

    /**
     * @param  Written  $scene
     * @return Written the scene with what going on waits for in its reactions
     */
    public static function completed(array $scene): array
    {
        $asked = self::asked($scene);
        if (! self::concerns($scene) || $asked === []) {
            return $scene;
        }
        $done = ['all' => $asked];
        $next = is_array($scene['next']) && array_is_list($scene['next']) ? $scene['next'] : [$scene['next']];
        $scene['next'] = array_map(
            static fn (mixed $one): mixed => is_array($one)
                ? ['if' => is_array($one['if'] ?? null) ? ['all' => [$done, $one['if']]] : $done] + $one
                : $one,
            $next,
        );

        return ['waitsFor' => $done] + $scene;
    }

    /**
     * @param  Written  $scene
     * @return list<Written> a condition for each thing that asks: it is done, or not there
     */
    public static function asked(array $scene): array
    {
        $asked = [];
        foreach (Things::rawFlattened($scene['things'] ?? []) as $thing) {
            $tells = self::DONE[$thing['kind'] ?? ''] ?? null;
            if ($tells !== null && is_string($thing['id'] ?? null)) {
                $done = [$tells => $thing['id']];
                $asked[] = is_array($thing['if'] ?? null) ? ['any' => [$done, ['not' => $thing['if']]]] : $done;
            }
        }

        return $asked;
    }
}

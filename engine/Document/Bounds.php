<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Support\Problems;

/**
 * How much of each a game may hold. What is beyond is told by its place, with the bound, when a document is read, and
 * is not taken; so whatever is worked out of a game is worked out of so much at most.
 */
final class Bounds
{
    /** Entries of the lists of a game. */
    public const LISTS = [
        'scenes' => 5000, 'tokens' => 3000, 'tallies' => 1000, 'chapters' => 1000, 'assets' => 10_000,
        'walkthroughs' => 200,
    ];

    /** Things of a scene, stops of a film, steps of a walkthrough. */
    public const THINGS = 1000;

    public const STOPS = 500;

    public const STEPS = 5000;

    /** Values of a thing, whatever is nested in it; of all of the game `Support\Json` reads so many at most. */
    public const VALUES = 60_000;

    /** @param  array<array-key, mixed>  $document */
    public static function tell(array $document, Problems $problems): void
    {
        foreach (self::exceeded($document) as $excess) {
            foreach ($excess->beyond as $pointer) {
                $problems->add('size.beyond', $pointer, ['most' => $excess->most, 'found' => $excess->found]);
            }
        }
    }

    /**
     * Whether a change made more of what was too much, or something else too much; what was so before may stay, and
     * grow less.
     *
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     */
    public static function isWorse(array $before, array $after): bool
    {
        $known = [];
        foreach (self::exceeded($before) as $excess) {
            $known["{$excess->what} {$excess->in}"] = $excess->found;
        }
        foreach (self::exceeded($after) as $excess) {
            if ($excess->found > ($known["{$excess->what} {$excess->in}"] ?? 0)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return list<Excess>
     */
    public static function exceeded(array $document): array
    {
        $found = [];
        foreach (self::LISTS as $list => $most) {
            $found[] = self::over($list, '', self::list($document, $list), "/{$list}", $most);
        }
        foreach (array_filter(self::list($document, 'walkthroughs'), is_array(...)) as $place => $walk) {
            $in = is_string($walk['id'] ?? null) ? $walk['id'] : '';
            $steps = self::list($walk, 'steps');
            $found[] = self::over('steps', $in, $steps, "/walkthroughs/{$place}/steps", self::STEPS);
        }
        $stops = [];
        foreach (array_filter(self::list($document, 'scenes'), is_array(...)) as $place => $scene) {
            array_push($found, ...self::inScene($scene, "/scenes/{$place}"));
            $clip = is_array($scene['stop'] ?? null) ? $scene['stop']['clip'] ?? null : null;
            is_string($clip) && $stops[$clip][] = "/scenes/{$place}/stop";
        }
        foreach ($stops as $clip => $pointers) {
            $found[] = self::excess('stops', $clip, self::STOPS, count($pointers), array_slice($pointers, self::STOPS));
        }

        return array_values(array_filter($found));
    }

    /**
     * @param  array<array-key, mixed>  $scene
     * @return list<Excess|null>
     */
    private static function inScene(array $scene, string $pointer): array
    {
        $things = self::list($scene, 'things');
        $in = is_string($scene['id'] ?? null) ? $scene['id'] : '';
        $found = [self::over('things', $in, $things, "{$pointer}/things", self::THINGS)];
        foreach ($things as $at => $thing) {
            $values = is_array($thing) ? count($thing, COUNT_RECURSIVE) : 0;
            $found[] = self::excess('values', "{$in} {$at}", self::VALUES, $values, ["{$pointer}/things/{$at}"]);
        }

        return $found;
    }

    /** @param  list<mixed>  $list */
    private static function over(string $what, string $in, array $list, string $pointer, int $most): ?Excess
    {
        $beyond = count($list) > $most ? range($most, count($list) - 1) : [];

        return self::excess(
            $what, $in, $most, count($list), array_map(static fn (int $at): string => "{$pointer}/{$at}", $beyond),
        );
    }

    /** @param  list<string>  $beyond */
    private static function excess(string $what, string $in, int $most, int $found, array $beyond): ?Excess
    {
        return $found > $most ? new Excess($what, $in, $most, $found, $beyond) : null;
    }

    /**
     * @param  array<array-key, mixed>  $holder
     * @return list<mixed>
     */
    private static function list(array $holder, string $key): array
    {
        $list = $holder[$key] ?? [];

        return is_array($list) ? array_values($list) : [];
    }
}

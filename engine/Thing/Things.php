<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\OpenFamily;

/** The family: one line for each kind of thing. */
final class Things
{
    /** @use OpenFamily<Thing> */
    use OpenFamily;

    public const FAMILY = [
        'text' => Text::class,
        'picture' => Picture::class,
        'clip' => Clip::class,
        'link' => Link::class,
        'choice' => Choice::class,
        'lock' => Lock::class,
        'cover' => Cover::class,
        'standing' => Standing::class,
        'mosaic' => Mosaic::class,
        'find' => FindIt::class,
    ];

    /** @return list<Thing> */
    public static function listed(Node $node, string $key): array
    {
        $things = [];
        foreach ($node->list($key) as $entry) {
            $kind = self::kinds()[$entry->oneOf('kind', array_keys(self::kinds()), '')] ?? null;
            if ($kind !== null) {
                $things[] = $kind::read($entry);
            } elseif (! $entry->has('kind')) {
                $entry->at('kind')->wrong('a kind of thing');
            }
        }

        return $things;
    }

    public static function kindOf(Thing $thing): string
    {
        return (string) array_search($thing::class, self::kinds(), true);
    }

    /**
     * The things and those inside them.
     *
     * @param  list<Thing>  $things
     * @return list<Thing>
     */
    public static function flattened(array $things): array
    {
        $all = [];
        foreach ($things as $thing) {
            $all[] = $thing;
            array_push($all, ...self::flattened($thing->things()));
        }

        return $all;
    }

    /**
     * @param  list<Thing>  $things
     * @return list<Lock> theirs, and those of things inside them
     */
    public static function locks(array $things): array
    {
        return array_merge(
            [],
            ...array_map(static fn (Thing $thing): array => $thing->locks(), self::flattened($things)),
        );
    }

    /**
     * @param  list<Thing>  $things
     * @return list<Thing>
     */
    public static function shown(array $things, PlayState $state, int $now): array
    {
        $shown = [];
        foreach ($things as $thing) {
            if (! $thing->isShown($state, $now)) {
                continue;
            }
            $shown[] = $thing;
            $inner = $thing->thingsIn($state);
            array_push($shown, ...$inner === [] ? [] : self::shown($inner, $state, $now));
        }

        return $shown;
    }

    /**
     * The mosaic of this name among them.
     *
     * @param  list<Thing>  $things
     */
    public static function mosaic(array $things, string $id): ?Mosaic
    {
        foreach (self::flattened($things) as $thing) {
            if ($thing instanceof Mosaic && $thing->id === $id) {
                return $thing;
            }
        }

        return null;
    }

    /**
     * The film or sound of this name among them.
     *
     * @param  list<Thing>  $things
     */
    public static function clip(array $things, string $id): ?Clip
    {
        foreach (self::flattened($things) as $thing) {
            if ($thing instanceof Clip && $thing->id === $id) {
                return $thing;
            }
        }

        return null;
    }

    /**
     * The find-it board of this name among them.
     *
     * @param  list<Thing>  $things
     */
    public static function findIt(array $things, string $id): ?FindIt
    {
        foreach (self::flattened($things) as $thing) {
            if ($thing instanceof FindIt && $thing->id === $id) {
                return $thing;
            }
        }

        return null;
    }

    /**
     * The find-it boards among them.
     *
     * @param  list<Thing>  $things
     * @return list<FindIt>
     */
    public static function boards(array $things): array
    {
        return array_values(array_filter(
            self::flattened($things), static fn (Thing $thing): bool => $thing instanceof FindIt,
        ));
    }

    /**
     * The covers among them.
     *
     * @param  list<Thing>  $things
     * @return list<Cover>
     */
    public static function covers(array $things): array
    {
        return array_values(array_filter(
            self::flattened($things), static fn (Thing $thing): bool => $thing instanceof Cover,
        ));
    }

    /**
     * The clips among them.
     *
     * @param  list<Thing>  $things
     * @return list<Clip>
     */
    public static function clips(array $things): array
    {
        return array_values(array_filter(
            self::flattened($things), static fn (Thing $thing): bool => $thing instanceof Clip,
        ));
    }

    /**
     * Like flattened(), over the things as they are written.
     *
     * @param  list<array<string, mixed>>  $things
     * @return list<array<string, mixed>>
     */
    public static function rawFlattened(array $things): array
    {
        $all = [];
        foreach ($things as $thing) {
            $all[] = $thing;
            foreach ($thing['cues'] ?? [] as $cue) {
                array_push($all, ...self::rawFlattened($cue['things'] ?? []));
            }
        }

        return $all;
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\State\PlayState;
use Fravel\Support\Node;

/** The family: one line for each kind of thing. */
final class Things
{
    private const FAMILY = [
        'text' => Text::class,
        'picture' => Picture::class,
        'clip' => Clip::class,
        'link' => Link::class,
        'choice' => Choice::class,
        'lock' => Lock::class,
        'cover' => Cover::class,
        'standing' => Standing::class,
        'mosaic' => Mosaic::class,
    ];

    /** @return list<Thing> */
    public static function listed(Node $node, string $key): array
    {
        $things = [];
        foreach ($node->list($key) as $entry) {
            $kind = self::FAMILY[$entry->oneOf('kind', array_keys(self::FAMILY), '')] ?? null;
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
        return (string) array_search($thing::class, self::FAMILY, true);
    }

    /**
     * The things and those of clips' cues.
     *
     * @param  list<Thing>  $things
     * @return list<Thing>
     */
    public static function flattened(array $things): array
    {
        $all = [];
        foreach ($things as $thing) {
            $all[] = $thing;
            if ($thing instanceof Clip) {
                foreach ($thing->cues as $cue) {
                    array_push($all, ...self::flattened($cue->things));
                }
            }
        }

        return $all;
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
            if ($thing instanceof Clip) {
                array_push($shown, ...self::shown($thing->thingsOfPassedCues($state), $state, $now));
            }
        }

        return $shown;
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

    /** @return array<string, string> field → kind of part, for the variant written here */
    public static function refers(string $kind): array
    {
        return isset(self::FAMILY[$kind]) ? self::FAMILY[$kind]::REFERS : [];
    }
}

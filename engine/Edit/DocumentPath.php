<?php

declare(strict_types=1);

namespace Fravel\Edit;

/**
 * Finds parts in a document by id and puts changed ones back.
 *
 * @internal
 */
final class DocumentPath
{
    private const LISTS = ['chapters', 'tokens', 'tallies', 'assets', 'walkthroughs', 'scenes'];

    /**
     * The keys that lead from the root to the part; none for the game itself, null when it is not there.
     *
     * @param  array<array-key, mixed>  $document
     * @return list<string|int>|null
     */
    public static function path(array $document, string $id): ?array
    {
        if ($id === Command::GAME) {
            return [];
        }
        foreach (self::LISTS as $list) {
            foreach (self::entries($document, $list) as $place => $part) {
                if (($part['id'] ?? null) === $id) {
                    return [$list, $place];
                }
            }
        }
        foreach (self::entries($document, 'scenes') as $place => $scene) {
            foreach (self::entries($scene, 'things') as $at => $thing) {
                if (($thing['id'] ?? null) === $id) {
                    return ['scenes', $place, 'things', $at];
                }
            }
        }

        return null;
    }

    /**
     * What path() says of each part; for who asks of many.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, list<string|int>> id → keys
     */
    public static function all(array $document): array
    {
        [$paths, $inner] = [[Command::GAME => []], []];
        foreach (self::LISTS as $list) {
            foreach (self::entries($document, $list) as $place => $part) {
                is_string($part['id'] ?? null) && $paths[$part['id']] ??= [$list, $place];
                foreach ($list === 'scenes' ? self::entries($part, 'things') : [] as $at => $thing) {
                    is_string($thing['id'] ?? null) && $inner[$thing['id']] ??= [$list, $place, 'things', $at];
                }
            }
        }

        return $paths + $inner;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<string|int>  $path
     */
    public static function get(array $document, array $path): mixed
    {
        $value = $document;
        foreach ($path as $key) {
            $value = is_array($value) ? $value[$key] ?? null : null;
        }

        return $value;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<string|int>  $path
     * @return array<array-key, mixed>
     */
    public static function put(array $document, array $path, mixed $value): array
    {
        if ($path === []) {
            return is_array($value) ? $value : $document;
        }
        $key = array_shift($path);
        $inner = is_array($document[$key] ?? null) ? $document[$key] : [];
        $document[$key] = $path === [] ? $value : self::put($inner, $path, $value);

        return $document;
    }

    /**
     * @param  array<array-key, mixed>  $holder
     * @return list<array<array-key, mixed>>
     */
    public static function entries(array $holder, string $list): array
    {
        $entries = $holder[$list] ?? [];

        return is_array($entries) && array_is_list($entries) ? array_values(array_filter($entries, is_array(...))) : [];
    }

    /**
     * Where an entry goes: right after the one named, first for null, last when the one named is gone.
     *
     * @param  list<array<array-key, mixed>>  $entries
     */
    public static function placeAfter(array $entries, ?string $after): int
    {
        if ($after === null) {
            return 0;
        }
        $place = array_search($after, array_column($entries, 'id'), true);

        return $place === false ? count($entries) : (int) $place + 1;
    }
}

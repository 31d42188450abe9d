<?php

declare(strict_types=1);

namespace Fravel\Document;

/** The ids a document gives to its parts: scenes, things, options, tokens and the rest share one space. */
final class Ids
{
    /** Lists whose entries carry ids, wherever they stand. */
    private const HOLDERS = ['chapters', 'tokens', 'tallies', 'assets', 'walkthroughs', 'scenes', 'things', 'cues', 'input', 'options', 'items', 'keys', 'left', 'right'];

    /**
     * @param  array<array-key, mixed>  $part  a document or any part of one
     * @return array<string, list<string>> id → pointers of where it is given
     */
    public static function in(array $part, string $pointer = ''): array
    {
        $ids = [];
        self::collect($part, $pointer, $ids);

        return $ids;
    }

    /**
     * An id that is free: the stem if it is, else with a number behind it.
     *
     * @param  array<string, mixed>  $taken  with ids as keys
     */
    public static function fresh(string $stem, array $taken): string
    {
        $stem = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($stem)), '-');
        $stem = preg_match('/^[a-z]/', $stem) === 1 ? substr($stem, 0, 32) : 'part-'.substr($stem, 0, 26);
        $id = rtrim($stem, '-');
        for ($number = 2; isset($taken[$id]); $number++) {
            $id = rtrim($stem, '-').'-'.$number;
        }

        return $id;
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  array<string, list<string>>  $ids
     */
    private static function collect(array $part, string $pointer, array &$ids): void
    {
        if (is_string($part['id'] ?? null)) {
            $ids[$part['id']][] = $pointer;
        }
        foreach (self::HOLDERS as $key) {
            $held = $part[$key] ?? null;
            if (! is_array($held)) {
                continue;
            }
            if (! array_is_list($held)) {
                self::collect($held, "{$pointer}/{$key}", $ids);

                continue;
            }
            foreach ($held as $place => $entry) {
                if (is_array($entry)) {
                    self::collect($entry, "{$pointer}/{$key}/{$place}", $ids);
                }
            }
        }
    }
}

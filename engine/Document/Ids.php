<?php

declare(strict_types=1);

namespace Fravel\Document;

use Random\Randomizer;

/** The ids a document gives to its parts: scenes, things, options, tokens and the rest share one space. */
final class Ids
{
    /** Lists whose entries carry ids, wherever they stand. */
    private const HOLDERS = [
        'chapters',
        'tokens',
        'tallies',
        'assets',
        'walkthroughs',
        'scenes',
        'things',
        'boxes',
        'cues',
        'moments',
        'rounds',
        'input',
        'options',
        'items',
        'keys',
        'left',
        'right',
    ];

    /**
     * No vowels, so no words: nobody's own id is taken for a drawn one. The workshop's `freshId` draws from the same.
     */
    private const ALPHABET = 'bcdfghjkmnpqrstvwxz23456789';

    private const LETTERS_DRAWN = 8;

    private const LONGEST_STEM = 31;

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
     * An id that is free and says nothing but what kind of part has it: letters drawn at random stand behind the stem,
     * so that neither its number nor its place in an alphabet tells in which order parts were made.
     *
     * @param  array<string, mixed>  $taken  with ids as keys
     */
    public static function drawn(string $stem, array $taken, Randomizer $random): string
    {
        do {
            $id = self::spelt($stem, $random->getBytes(self::LETTERS_DRAWN));
        } while (isset($taken[$id]));

        return $id;
    }

    /** The stem and letters that stand for the first bytes; the same for the same bytes. */
    public static function spelt(string $stem, string $bytes): string
    {
        $letters = '';
        foreach (array_slice(array_values(unpack('C*', $bytes) ?: []), 0, self::LETTERS_DRAWN) as $byte) {
            $letters .= self::ALPHABET[$byte % strlen(self::ALPHABET)];
        }

        return rtrim(substr(self::fresh($stem, []), 0, self::LONGEST_STEM), '-').'-'.$letters;
    }

    /** Whether the id ends in drawn letters. */
    public static function isDrawn(string $id): bool
    {
        return preg_match('/-['.self::ALPHABET.']{'.self::LETTERS_DRAWN.'}$/D', $id) === 1;
    }

    /** The id without drawn letters or a number behind it. */
    public static function stem(string $id): string
    {
        return (string) preg_replace(
            ['/-['.self::ALPHABET.']{'.self::LETTERS_DRAWN.'}$/D', '/-?\d+$/D'],
            '',
            $id,
        );
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

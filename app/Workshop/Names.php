<?php

declare(strict_types=1);

namespace App\Workshop;

use Fravel\Document\GameDocument;
use WeakMap;

/** What a teacher knows a part of the game by. */
final class Names
{
    private const FIELDS = ['title', 'name', 'label', 'ask', 'md', 'alt'];

    private const LONGEST = 50;

    /** @var WeakMap<GameDocument, array<string, array<array-key, mixed>>>|null the parts of each game, by their ids */
    private static ?WeakMap $known = null;

    /** The part's name; the id of what has no words is given back as it is. */
    public static function of(GameDocument $game, string $id): string
    {
        return self::known($game, $id) ?? $id;
    }

    /** The part's name; null for what has no words. */
    public static function known(GameDocument $game, string $id): ?string
    {
        self::$known ??= new WeakMap;
        $parts = self::$known[$game] ??= self::parts($game->document);
        $part = $parts[$id] ?? [];

        // What has no words is called as its picture is.
        return self::ofPart($part) ?? self::ofPart($parts[$part['asset'] ?? ''] ?? [])
            ?? self::ofThings($part['things'] ?? []);
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @return array<string, array<array-key, mixed>> it and all that is in it, by their ids; the first of one id
     */
    private static function parts(array $part): array
    {
        $found = is_string($part['id'] ?? null) ? [$part['id'] => $part] : [];
        foreach ($part as $inner) {
            $found += is_array($inner) ? self::parts($inner) : [];
        }

        return $found;
    }

    /** The first words in a scene that has no title. */
    private static function ofThings(mixed $things): ?string
    {
        foreach (is_array($things) ? $things : [] as $thing) {
            $name = is_array($thing) ? self::ofPart($thing) : null;
            if ($name !== null) {
                return $name;
            }
        }

        return null;
    }

    /** @param  array<array-key, mixed>  $part */
    private static function ofPart(array $part): ?string
    {
        // A text with gaps is called by its words.
        $input = is_array($part['input'] ?? null) ? $part['input'] : [];
        $gapped = is_string($input['md'] ?? null)
            ? ['md' => preg_replace('/\{[a-z][a-z0-9_-]*\}/', '…', $input['md'])]
            : [];
        foreach (self::FIELDS as $field) {
            $said = $part[$field] ?? $gapped[$field] ?? null;
            $words = is_string($said) ? trim((string) preg_replace('/[*_#`>]|\s+/u', ' ', $said)) : '';
            if ($words !== '') {
                return mb_strimwidth((string) preg_replace('/\s+/u', ' ', $words), 0, self::LONGEST, '…');
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace App\Workshop;

use Fravel\Document\GameDocument;

/** What a teacher knows a part of the game by. */
final class Names
{
    private const FIELDS = ['title', 'name', 'label', 'ask', 'md', 'alt'];

    private const LONGEST = 50;

    /** The part's name; an id that names nothing is given back as it is. */
    public static function of(GameDocument $game, string $id): string
    {
        return self::within($game->document, $id) ?? $id;
    }

    /** @param  array<array-key, mixed>  $part */
    private static function within(array $part, string $id): ?string
    {
        if (($part['id'] ?? null) === $id) {
            return self::ofPart($part) ?? $id;
        }
        foreach ($part as $inner) {
            $found = is_array($inner) ? self::within($inner, $id) : null;
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** @param  array<array-key, mixed>  $part */
    private static function ofPart(array $part): ?string
    {
        foreach (self::FIELDS as $field) {
            $words = is_string($part[$field] ?? null)
                ? trim((string) preg_replace('/[*_#`>]|\s+/u', ' ', $part[$field]))
                : '';
            if ($words !== '') {
                return mb_strimwidth((string) preg_replace('/\s+/u', ' ', $words), 0, self::LONGEST, '…');
            }
        }

        return null;
    }
}

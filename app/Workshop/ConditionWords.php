<?php

declare(strict_types=1);

namespace App\Workshop;

use Fravel\Document\GameDocument;

/** A condition as a sentence: "the student holds two of lens, wick, oil". */
final class ConditionWords
{
    public static function of(GameDocument $game, mixed $condition): string
    {
        if (! is_array($condition) || $condition === []) {
            return (string) __('rehearsal.conditions.always');
        }
        $kind = (string) array_key_first($condition);

        return match ($kind) {
            'all', 'any' => implode(' '.__("rehearsal.conditions.{$kind}").' ', array_map(static fn (mixed $part): string => self::of($game, $part), (array) $condition[$kind])),
            'not' => (string) __('rehearsal.conditions.not', ['part' => self::of($game, $condition['not'])]),
            'hasOf', 'openOf', 'firstTry' => self::several($game, $kind, $condition),
            default => self::one($game, $kind, $condition),
        };
    }

    /** @param  array<array-key, mixed>  $condition */
    private static function several(GameDocument $game, string $kind, array $condition): string
    {
        $ids = array_filter((array) $condition[$kind], is_string(...));

        return (string) __("rehearsal.conditions.{$kind}", ['count' => $condition['atLeast'] ?? count($ids), 'parts' => implode(', ', array_map(static fn (string $id): string => Names::of($game, $id), $ids))]);
    }

    /** @param  array<array-key, mixed>  $condition */
    private static function one(GameDocument $game, string $kind, array $condition): string
    {
        $part = $condition[$kind];
        $named = is_string($part) ? Names::of($game, $part) : (is_scalar($part) ? (string) $part : '');
        $value = $condition['value'] ?? '';
        $among = array_map(static fn (mixed $id): string => is_string($id) ? Names::of($game, $id) : '', (array) ($condition['among'] ?? []));

        return (string) __("rehearsal.conditions.{$kind}", ['part' => $named, 'is' => is_string($condition['is'] ?? null) ? __("workshop.conditions.comparisons.{$condition['is']}") : '', 'value' => is_scalar($value) ? (string) $value : '', 'among' => implode(', ', $among)]);
    }
}

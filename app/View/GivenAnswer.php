<?php

declare(strict_types=1);

namespace App\View;

use App\Workshop\Names;
use Fravel\Document\GameDocument;

/** An answer as a teacher reads it: what was typed, and what was picked by its words. */
final class GivenAnswer
{
    private const ARROWS = ['U' => '↑', 'D' => '↓', 'L' => '←', 'R' => '→'];

    /** Letters that are shown of one. */
    private const LONGEST = 600;

    public static function words(GameDocument $game, string $lock, mixed $with): string
    {
        $written = $game->written($lock);
        $input = $written['input'] ?? [];
        $type = is_array($input) ? $input['type'] ?? 'text' : 'text';
        // What is asked in rounds may be picked or typed.
        $type = ($written['rounds'] ?? []) === [] ? $type : 'options';

        return mb_strimwidth(match (true) {
            $type === 'arrows' && is_string($with) => implode(' ', array_map(
                static fn (string $way): string => self::ARROWS[$way] ?? $way, str_split($with),
            )),
            $type === 'colours' && is_array($with) => implode(', ', array_map(self::colour(...), $with)),
            $type === 'point' && is_array($with) => implode(', ', array_map(self::percent(...), $with)),
            $type === 'pairs' && is_array($with) => implode('; ', array_map(
                static fn (string|int $left, mixed $right): string => self::part($game, $left).' – '
                    .self::part($game, $right),
                array_keys($with), $with,
            )),
            $type === 'order' && is_array($with) => self::parts($game, $with, ' → '),
            is_array($with) => self::parts($game, $with, ', '),
            $type === 'options' => self::part($game, $with),
            default => is_scalar($with) ? trim((string) $with) : '',
        }, 0, self::LONGEST, '…');
    }

    /** @param  array<array-key, mixed>  $parts */
    private static function parts(GameDocument $game, array $parts, string $between): string
    {
        return implode($between, array_map(static fn (mixed $part): string => self::part($game, $part), $parts));
    }

    /** Words of a gap are no ids, and stay as they are. */
    private static function part(GameDocument $game, mixed $part): string
    {
        return is_scalar($part) ? Names::of($game, (string) $part) : '';
    }

    private static function colour(mixed $colour): string
    {
        return is_string($colour) ? (string) (((array) __('play.palette'))[$colour] ?? $colour) : '';
    }

    private static function percent(mixed $part): string
    {
        return is_numeric($part) ? round(100 * (float) $part).' %' : '';
    }
}

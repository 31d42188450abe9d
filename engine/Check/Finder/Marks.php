<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;

/** Marks in texts and names that nothing can be put in for: students would read them as they stand. */
final class Marks implements Finder
{
    /** What the play itself knows. */
    private const KNOWN = ['player' => true, 'minutes' => true, 'time' => true, 'place' => true];

    public static function find(CheckContext $context): array
    {
        $game = $context->game;
        $known = self::KNOWN + $game->tallies() + $game->tokens();
        $findings = [];
        foreach ($game->settled()['scenes'] ?? [] as $scene) {
            $context->effort->read(count($scene['things'] ?? []));
            foreach (self::unknown($scene, $known) as $mark => $part) {
                $part ??= $scene['id'];
                $findings[] = Finding::warning('text.mark-unknown', array_values(array_unique([$part, $scene['id']])), [
                    'part' => $context->calls($part), 'scene' => $context->titleOf($scene['id']), 'mark' => $mark,
                ]);
            }
        }

        return $findings;
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  array<string, mixed>  $known
     * @param  string|null  $owner  the thing it stands in
     * @return array<string, string|null> mark → the thing it stands in
     */
    private static function unknown(array $part, array $known, ?string $owner = null): array
    {
        $owner = isset($part['kind'], $part['id']) ? (string) $part['id'] : $owner;
        $found = [];
        foreach ($part as $value) {
            if (is_array($value)) {
                $found += self::unknown($value, $known, $owner);
            } elseif (is_string($value) && str_contains($value, '{=')) {
                preg_match_all('/\{=([a-z][a-z0-9_:-]*)\}/', $value, $marks);
                $found += array_fill_keys(
                    array_map(
                        static fn (string $name): string => "{={$name}}",
                        array_filter($marks[1], static fn (string $name): bool => ! isset($known[$name])),
                    ),
                    $owner,
                );
            }
        }

        return $found;
    }
}

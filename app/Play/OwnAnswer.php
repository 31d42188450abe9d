<?php

declare(strict_types=1);

namespace App\Play;

/** The answer that opened a lock, as the student who gave it reads it again. */
final class OwnAnswer
{
    /**
     * @param  array<string, mixed>  $lock  as the view shows it
     * @return string HTML; empty where nothing is kept or words can't say it
     */
    public static function html(array $lock, Screen $screen): string
    {
        if (($lock['rounds'] ?? []) !== []) {
            return self::rounds($lock['rounds'], $screen);
        }
        $answer = $lock['answered'] ?? null;
        $input = $lock['input'];
        if ($answer === null) {
            return '';
        }

        return match ($input['type']) {
            'text', 'digits' => e($answer),
            'long' => nl2br(e($answer)),
            'number' => e(self::measured($answer, $input['unit'] ?? null)),
            'arrows' => e(self::directions($answer)),
            'colours' => e(implode(', ', array_map($screen->colour(...), $answer))),
            'keys' => self::items($answer, $input['keys'], $screen, ' '),
            'options' => self::items((array) $answer, $input['options'], $screen, ', '),
            'order' => self::items($answer, $input['items'], $screen, ' → '),
            'pairs' => self::pairs($answer, $input, $screen),
            'gaps' => self::gaps($answer, $input['pieces'], $screen),
            default => '',
        };
    }

    /**
     * @param  list<array{ask: string, input: array<string, mixed>, answered: mixed}>  $rounds  that were right in a row
     */
    private static function rounds(array $rounds, Screen $screen): string
    {
        return implode('<br>', array_map(
            static fn (array $round): string => trim($screen->inline($round['ask']).' '.self::html($round, $screen)),
            $rounds,
        ));
    }

    /** A bare number was meant in the unit that was asked for. */
    private static function measured(string $answer, ?string $unit): string
    {
        return $unit === null || preg_match('/[^\d.,\s+\-−\/]/u', $answer) === 1 ? $answer : "{$answer} {$unit}";
    }

    private static function directions(string $answer): string
    {
        $words = ['U' => 'up', 'D' => 'down', 'L' => 'left', 'R' => 'right'];

        return implode(
            ', ',
            array_map(
                static fn (string $way): string => (string) __('play.inputs.ways.'.($words[$way] ?? 'up')),
                str_split($answer),
            ),
        );
    }

    /**
     * @param  array<array-key, mixed>  $ids
     * @param  list<array{id: string, md: string, asset?: string|null}>  $items
     */
    private static function items(array $ids, array $items, Screen $screen, string $between): string
    {
        $byId = array_column($items, null, 'id');
        $shown = array_map(
            static fn (mixed $id): string => isset($byId[$id]) ? self::item($byId[$id], $screen) : '', $ids,
        );

        return implode($between, array_filter($shown, static fn (string $one): bool => $one !== ''));
    }

    /** @param  array{md: string, asset?: string|null}  $item */
    private static function item(array $item, Screen $screen): string
    {
        return trim($screen->inline($item['md'])) ?: e($screen->saying($item));
    }

    /**
     * @param  array<array-key, mixed>  $answer
     * @param  array<string, mixed>  $input
     */
    private static function pairs(array $answer, array $input, Screen $screen): string
    {
        [$left, $right] = [array_column($input['left'], null, 'id'), array_column($input['right'], null, 'id')];
        $lines = [];
        foreach ($answer as $one => $other) {
            if (isset($left[$one], $right[$other])) {
                $lines[] = self::item($left[$one], $screen).' – '.self::item($right[$other], $screen);
            }
        }

        return implode('<br>', $lines);
    }

    /** Words between gaps, with the spaces that part them from what is filled in. */
    private static function spaced(string $md, Screen $screen): string
    {
        [$before, $after] = [preg_match('/^\s/', $md) === 1, preg_match('/\s$/D', $md) === 1];

        return ($before ? ' ' : '').$screen->inline(trim($md)).($after ? ' ' : '');
    }

    /**
     * @param  array<array-key, mixed>  $answer
     * @param  list<array{md?: string, gap?: string}>  $pieces
     */
    private static function gaps(array $answer, array $pieces, Screen $screen): string
    {
        return implode('', array_map(
            static fn (array $piece): string => isset($piece['gap'])
                ? '<strong>'.e($answer[$piece['gap']] ?? '').'</strong>'
                : self::spaced($piece['md'] ?? '', $screen),
            $pieces,
        ));
    }
}

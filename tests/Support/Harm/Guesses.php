<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use Fravel\Document\GameDocument;
use Fravel\Pattern\Build;
use Fravel\Pattern\Content;
use Fravel\Pattern\Patterns;
use Fravel\Pattern\TeacherDefaults;
use Tests\Support\Guesser;

/** How often somebody who sees all that a device gets is right at first try, for each pattern. */
final class Guesses
{
    private const ROUNDS = 300;

    /** By how much the best way of guessing may be above chance. */
    private const ABOVE = 0.15;

    /** @return list<Figure> */
    public static function report(): array
    {
        $words = require dirname(__DIR__, 3).'/lang/en/patterns.php';
        $made = require dirname(__DIR__, 3).'/lang/en/made.php';
        $figures = [];
        foreach (Patterns::all() as $pattern) {
            $guesser = new Guesser;
            for ($round = 0; $round < self::ROUNDS; $round++) {
                $guesser->look(
                    GameDocument::of(
                        Build::alone(
                            $pattern, new Content($words['sample'], 'en'), $made['pattern'], new TeacherDefaults,
                        ) ?? [],
                    ),
                    $round,
                );
            }
            $picks = array_filter($guesser->picks, static fn (array $way): bool => $way['right'] < $way['tried']);
            $best = $picks === [] ? null : max(
                array_map(static fn (array $way): float => $way['right'] / $way['tried'], $picks),
            );
            $chance = $picks === [] ? null : max(
                array_map(static fn (array $way): float => $way['chance'] / $way['tried'], $picks),
            );
            $figures[] = new Figure(sprintf(
                'guesser on %-9s typed %d right%s', $pattern->name().':', $guesser->typed,
                $best === null ? '' : sprintf(
                    ', picked %.0f %% at best where chance is %.0f %%', 100 * $best, 100 * $chance,
                ),
            ), $guesser->typed === 0 && ($best ?? 0.0) - ($chance ?? 0.0) < self::ABOVE);
        }

        return $figures;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use Tests\Support\Builder;
use Tests\Support\Screens;

/** What MapTest is about: games, and ways to ask. */
final class MapCases
{
    /** A game of so many questions in a row, built from the ladder pattern. */
    public static function ladderOf(int $questions): Builder
    {
        $builder = new Builder(Screens::teacher()->go('/games/new'));
        $builder->offer('ladder');
        $rows = implode(
            "\n",
            array_map(
                fn (
                    int $number,
                ): string => "How many lamps are {$number} and one more?\t".($number + 1)."\tCount once more.",
                range(1, $questions),
            ),
        );
        $builder->paste('[data-key="pattern.field.questions"]', $rows)->click('[data-key="patterns.build"]');
        $builder->built()->kept();
        $builder->browser->press('Show all');

        return $builder;
    }
}

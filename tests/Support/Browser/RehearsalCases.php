<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use Tests\Support\Browser;
use Tests\Support\Builder;
use Tests\Support\Screens;

/** What RehearsalTest is about: games, and ways to ask. */
final class RehearsalCases
{
    /** The workshop of a game built from a pattern. */
    public static function builtFrom(string $pattern, array $fields): Builder
    {
        $builder = new Builder(Screens::teacher()->go('/games/new'));
        $builder->offer($pattern);
        foreach ($fields as $name => $text) {
            $builder->paste("[data-key=\"pattern.field.{$name}\"]", $text);
        }
        $builder->click('[data-key="patterns.build"]');
        $builder->built()->kept();

        return $builder;
    }

    public static function backstage(Browser $browser): string
    {
        return (string) $browser->script('return document.getElementById("backstage").innerText');
    }
}

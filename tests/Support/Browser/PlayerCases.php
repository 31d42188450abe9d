<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use Tests\Support\Browser;
use Tests\Support\Screens;

/** What PlayerTest is about: games, and ways to ask. */
final class PlayerCases
{
    /** Opens a demo game to a class and gives its code. */
    public static function openDemo(string $game = 'The Dark Lamp'): string
    {
        $teacher = Screens::teacher();
        $teacher->go('/games?seek='.urlencode($game))->press($game)
            ->press('Open a run')
            ->press('Open it')
            ->see('Nobody has joined yet');

        return $teacher->find('.run-code')->getText();
    }

    public static function joined(
        Browser $student, string $code, string $name, string $sees = 'The ferry that brought you',
    ): Browser {
        return $student->go("/p/{$code}")->type('#name', $name)->press('Begin')->see($sees);
    }
}

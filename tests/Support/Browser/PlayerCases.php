<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use Tests\Support\Browser;
use Tests\Support\Screens;

/** What PlayerTest is about: games, and ways to ask. */
final class PlayerCases
{
    /** Opens the demo game to a class and gives its code. */
    public static function openDemo(): string
    {
        $teacher = Screens::teacher();
        $teacher->press('The Dark Lamp')
            ->press('Open a run')
            ->press('Open it')
            ->see('Nobody has joined yet');

        return $teacher->find('.run-code')->getText();
    }

    public static function joined(Browser $student, string $code, string $name): Browser
    {
        return $student->go("/p/{$code}")->type('#name', $name)->press('Begin')->see('The ferry that brought you');
    }
}

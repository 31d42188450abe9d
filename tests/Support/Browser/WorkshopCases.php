<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use Closure;
use Tests\Support\Browser;
use Tests\Support\Screens;

/** What WorkshopTest is about: games, and ways to ask. */
final class WorkshopCases
{
    /** A workshop on a new game of one scene. */
    public static function freshGame(string $title): Browser
    {
        $teacher = Screens::teacher();

        return $teacher->go('/games/new')->type('#title', $title)->press('Begin')->see('This scene');
    }

    public static function kept(Browser $teacher): Browser
    {
        return $teacher->see('all changes kept');
    }

    /** @return array<string, mixed> the document as it is kept */
    public static function document(Browser $teacher): array
    {
        return $teacher->script(
            'return fetch(location.pathname + "/document").then((reply) => reply.json()).then((kept) => kept.document)',
        );
    }

    /**
     * The document once it is as it should come to be.
     *
     * @param  Closure(array<string, mixed>): bool  $is
     * @return array<string, mixed>
     */
    public static function documentWhere(Browser $teacher, Closure $is): array
    {
        $teacher->until(static fn (): bool => $is(self::document($teacher)));

        return self::document($teacher);
    }
}

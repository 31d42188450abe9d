<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use Tests\Support\Games;

/** What ScriptsTest is about: games, and ways to ask. */
final class ScriptsCases
{
    /** @param  list<array<string, mixed>>  $things */
    public static function roomWith(array $things, array $more = []): array
    {
        return Games::document([['id' => 'a', 'things' => $things] + $more, ['id' => 'b']]);
    }
}

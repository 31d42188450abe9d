<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Check\Check;
use Fravel\Check\Finding;
use Tests\Support\Games;

/** What WordsTest is about: games, and ways to ask. */
final class WordsCases
{
    /** @param  array<string, mixed>  $extra */
    public static function findingOf(string $code, array $scenes, array $extra = []): Finding
    {
        $findings = Check::of(
            Games::of(
                [...$scenes, ['id' => 'end', 'title' => 'The end', 'ending' => ['kind' => 'won', 'md' => '']]], $extra,
            ),
            2000,
        )->findings;

        return array_values(array_filter($findings, static fn (Finding $finding): bool => $finding->code === $code))[0];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Thing\Lock;
use Tests\Support\Games;
use Tests\Support\RandomGames;

/** What AnswersProofTest is about: games, and ways to ask. */
final class AnswersProofCases
{
    /** @param  list<array<string, mixed>>  $matches  of rules that open, say, open, … */
    public static function judged(array $matches, array $input): Lock
    {
        $rules = array_map(static fn (array $match): array => ['match' => $match, 'verdict' => 'open'], $matches);

        return Games::of([[
            'id' => 'a', 'things' => [['input' => $input, 'rules' => $rules] + Games::lock('l', '')],
        ]])->lock('l');
    }

    /** @return array<string, mixed> nested matchers over few atoms, drawn */
    public static function drawnMatcher(RandomGames $dice, array $atoms, int $depth): array
    {
        $inner = static fn (): array => self::drawnMatcher($dice, $atoms, $depth - 1);

        return match ($depth === 0 ? 0 : $dice->pick([0, 1, 2, 3])) {
            1 => ['all' => [$inner(), $inner()]],
            2 => ['any' => [$inner(), $inner()]],
            3 => ['not' => $inner()],
            default => $dice->pick($atoms),
        };
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Thing\Lock;
use Tests\Support\Games;

/** What SamplesTest is about: games, and ways to ask. */
final class SamplesCases
{
    /** @param  list<array<string, mixed>>  $matches  one rule for each */
    public static function lockOf(array $matches, array $input = ['type' => 'text']): Lock
    {
        $rules = array_map(static fn (array $match): array => ['match' => $match, 'verdict' => 'open'], $matches);

        return Games::of([[
            'id' => 'a', 'things' => [['input' => $input, 'rules' => $rules] + Games::lock('l', '')],
        ]])->lock('l');
    }
}

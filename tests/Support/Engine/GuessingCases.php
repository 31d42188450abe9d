<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Answer\Input\Inputs;
use Fravel\Check\Answers\NearMiss;
use Fravel\Check\Answers\NearMisses;
use Fravel\Support\Node;

/** What GuessingTest is about: games, and ways to ask. */
final class GuessingCases
{
    /** @return list<string> "slip: answer" */
    public static function missesOf(string $right, array $input = ['type' => 'text'], string $language = 'en'): array
    {
        return array_map(
            static fn (NearMiss $miss): string => "{$miss->slip->value}: {$miss->text}",
            NearMisses::of($right, Inputs::read(Node::root($input)), $language),
        );
    }
}

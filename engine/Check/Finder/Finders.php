<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Finding;
use Fravel\Check\Study;

/** The family: one line for each who looks. */
final class Finders
{
    private const FAMILY = [
        MissingParts::class,
        Endings::class,
        Scenes::class,
        Traps::class,
        Loops::class,
        Rules::class,
        Tokens::class,
        Tallies::class,
        Constants::class,
        ShownAnswers::class,
        Looseness::class,
        Guessability::class,
        Leaks::class,
        Feedback::class,
        Files::class,
        Pictures::class,
        Contrasts::class,
        Crowds::class,
        LeftOvers::class,
        Walkthroughs::class,
    ];

    /** @return list<Finding> errors first */
    public static function find(Study $study): array
    {
        $findings = array_merge([], ...array_map(static fn (string $finder): array => $finder::find($study), self::FAMILY));
        usort($findings, static fn (Finding $a, Finding $b): int => [$a->severity->value, $a->code] <=> [$b->severity->value, $b->code]);

        return $findings;
    }
}

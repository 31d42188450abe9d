<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;

/** Arrivals that lead on and on without end. */
final class Loops implements Finder
{
    public static function find(CheckContext $context): array
    {
        return array_map(
            static fn (string $scene): Finding => Finding::error(
                'route.loop',
                [$scene],
                ['scene' => $context->titleOf($scene)],
            ),
            array_map(strval(...), array_keys($context->reach->loops)),
        );
    }
}

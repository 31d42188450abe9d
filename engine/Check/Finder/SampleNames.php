<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;

/** A game and tallies that are still called as they were when they were made. */
final class SampleNames implements Finder
{
    public static function find(CheckContext $context): array
    {
        $names = ['' => $context->game->title()];
        foreach ($context->game->tallies() as $tally) {
            $names[$tally->id] = $tally->name;
        }
        $samples = array_intersect($names, $context->samples);

        return array_map(
            static fn (string|int $id, string $name): Finding => Finding::warning(
                'text.sample',
                $id === '' ? [] : [(string) $id],
                ['part' => $name, 'scene' => $name],
            ),
            array_keys($samples),
            $samples,
        );
    }
}

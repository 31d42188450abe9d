<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Layout;
use Fravel\Document\Scene;
use Fravel\Thing\Thing;
use Fravel\Thing\Words;

/** Scenes with more in them than a student takes in. */
final class Crowds implements SceneFinder
{
    /** Things to do something with, on a stage and on a page that scrolls. */
    private const MOST_ACTIVE = [25, 60];

    /** Characters to read. */
    private const MOST_TEXT = [1500, 6000];

    public static function inScene(CheckContext $context, Scene $scene): array
    {
        return self::isCrowded($scene)
            ? [
                Finding::warning(
                    'scene.crowded',
                    [$scene->id],
                    ['scene' => $context->titleOf($scene->id), 'things' => count($scene->things)],
                ),
            ]
            : [];
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return '';
    }

    private static function isCrowded(Scene $scene): bool
    {
        $at = $scene->layout === Layout::Stage ? 0 : 1;
        $active = array_filter($scene->things, static fn (Thing $thing): bool => $thing->actions() !== []);
        $text = array_sum(
            array_map(
                static fn (Words $words): int => mb_strlen($words->md),
                array_merge(
                    [],
                    ...array_map(
                        static fn (Thing $thing): array => $thing->actions() === [] ? $thing->words() : [],
                        $scene->things,
                    ),
                ),
            ),
        );

        return count($active) > self::MOST_ACTIVE[$at] || $text > self::MOST_TEXT[$at];
    }
}

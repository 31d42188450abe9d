<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Scene;
use Fravel\Thing\Thing;
use Fravel\Thing\Words;

/**
 * What was begun and left in a scene: sample words, scenes with nothing in them, choices and locks that do nothing yet.
 */
final class LeftOvers implements SceneFinder
{
    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $findings = [];
        if ($scene->things === [] && $scene->ending === null && $scene->next === [] && $scene->arrive === []) {
            $findings[] = Finding::warning('scene.empty', [$scene->id], ['scene' => $context->titleOf($scene->id)]);
        }
        if (in_array($scene->title, $context->samples, true)) {
            $findings[] = Finding::warning(
                'text.sample',
                [$scene->id],
                ['part' => $scene->title, 'scene' => $scene->title],
            );
        }
        foreach ($scene->things as $thing) {
            $code = self::isSample($thing, $context)
                ? 'text.sample'
                : ($thing->isOpenEnd() && ! $context->isNamed($thing->id)
                    ? 'route.open'
                    : null);
            if ($code !== null) {
                $findings[] = Finding::warning(
                    $code,
                    [$thing->id, $scene->id],
                    ['part' => $context->calls($thing->id), 'scene' => $context->titleOf($scene->id)],
                );
            }
        }

        return $findings;
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return $context->namedIn($scene).' '.hash('xxh128', serialize($context->samples));
    }

    private static function isSample(Thing $thing, CheckContext $context): bool
    {
        return array_intersect(
            array_map(static fn (Words $words): string => $words->md, $thing->words()),
            $context->samples,
        ) !== [];
    }
}

<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Answer\Input\Entry;
use Fravel\Check\Answers\Accepted;
use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Scene;
use Fravel\Thing\Lock;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;
use Fravel\Thing\Words;

/** Answers that must be typed and stand in plain sight where their lock stands. */
final class ShownAnswers implements SceneFinder
{
    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $findings = [];
        foreach (Things::locks($scene->things) as $lock) {
            $shown = $lock->input->entry() === Entry::Words ? self::shown($lock, $scene, $context) : null;
            if ($shown !== null) {
                $findings[] = Finding::error(
                    'answer.shown',
                    [$lock->id, $scene->id],
                    ['lock' => $context->nameOf($lock), 'scene' => $context->titleOf($scene->id), 'answer' => $shown],
                );
            }
        }

        return $findings;
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        return '';
    }

    /** The first accepted answer that a text of the scene or the question itself says. */
    private static function shown(Lock $lock, Scene $scene, CheckContext $context): ?string
    {
        $texts = array_map(static fn (Words $words): string => $words->md, self::inSight($scene));

        return Accepted::saidIn(
            "{$lock->ask} ".implode(' ', $texts),
            $lock,
            $context->game->language(),
            $context->effort,
        );
    }

    /** @return list<Words> of what is only there to be read, whenever one is there */
    private static function inSight(Scene $scene): array
    {
        $read = array_filter(
            $scene->things,
            static fn (Thing $thing): bool => $thing->common->if === null && $thing->actions() === [],
        );

        return array_merge([], ...array_map(static fn (Thing $thing): array => $thing->words(), array_values($read)));
    }
}

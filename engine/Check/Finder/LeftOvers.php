<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Reference;
use Fravel\Thing\Thing;
use Fravel\Thing\Words;

/** What was begun and left: sample words, scenes with nothing in them, choices and locks that do nothing yet. */
final class LeftOvers implements Finder
{
    public static function find(CheckContext $context): array
    {
        $named = array_flip(array_map(static fn (Reference $reference): string => $reference->id, $context->references));
        $findings = [];
        foreach ($context->game->scenes() as $scene) {
            if ($scene->things === [] && $scene->ending === null && $scene->next === [] && $scene->arrive === []) {
                $findings[] = Finding::warning('scene.empty', [$scene->id], ['scene' => $context->titleOf($scene->id)]);
            }
        }
        array_push($findings, ...self::sampleNames($context));
        foreach ($context->game->scenes() as $scene) {
            foreach ($scene->things as $thing) {
                $code = self::isSample($thing, $context) ? 'text.sample' : (self::isOpenEnd($thing, $named) ? 'route.open' : null);
                if ($code !== null) {
                    $findings[] = Finding::warning($code, [$thing->id, $scene->id], ['part' => $context->calls($thing->id), 'scene' => $context->titleOf($scene->id)]);
                }
            }
        }

        return $findings;
    }

    /** @return list<Finding> scenes, tallies and the game itself that are still called as they were when they were made */
    private static function sampleNames(CheckContext $context): array
    {
        $names = ['' => $context->game->title()];
        foreach ($context->game->scenes() as $scene) {
            $names[$scene->id] = $scene->title;
        }
        foreach ($context->game->tallies() as $tally) {
            $names[$tally->id] = $tally->name;
        }
        $samples = array_intersect($names, $context->samples);

        return array_map(static fn (string|int $id, string $name): Finding => Finding::warning('text.sample', $id === '' ? [] : [(string) $id], ['part' => $name, 'scene' => $name]), array_keys($samples), $samples);
    }

    private static function isSample(Thing $thing, CheckContext $context): bool
    {
        return array_intersect(array_map(static fn (Words $words): string => $words->md, $thing->words()), $context->samples) !== [];
    }

    /**
     * Whether it is there to lead somewhere and does not yet; one that something depends on has its use.
     *
     * @param  array<string, int>  $named  ids that something names
     */
    private static function isOpenEnd(Thing $thing, array $named): bool
    {
        return $thing->isOpenEnd() && ! isset($named[$thing->id]);
    }
}

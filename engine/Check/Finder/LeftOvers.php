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
    public static function find(CheckContext $study): array
    {
        $named = array_flip(array_map(static fn (Reference $reference): string => $reference->id, $study->references));
        $findings = [];
        foreach ($study->game->scenes() as $scene) {
            if ($scene->things === [] && $scene->ending === null && $scene->next === [] && $scene->arrive === []) {
                $findings[] = Finding::warning('scene.empty', [$scene->id], ['scene' => $scene->title]);
            }
        }
        foreach ($study->game->scenes() as $scene) {
            foreach ($scene->things as $thing) {
                $code = self::isSample($thing, $study) ? 'text.sample' : (self::isOpenEnd($thing, $named) ? 'route.open' : null);
                if ($code !== null) {
                    $findings[] = Finding::warning($code, [$thing->id, $scene->id], ['part' => $study->calls($thing->id), 'scene' => $scene->title]);
                }
            }
        }

        return $findings;
    }

    private static function isSample(Thing $thing, CheckContext $study): bool
    {
        return array_intersect(array_map(static fn (Words $words): string => $words->md, $thing->words()), $study->samples) !== [];
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

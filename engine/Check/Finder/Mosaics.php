<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Scene;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/** Hidden pictures that no way shows whole: of which nothing was made yet, or with a lock that nobody is asked. */
final class Mosaics implements SceneFinder
{
    public static function inScene(CheckContext $context, Scene $scene): array
    {
        $findings = [];
        foreach (Things::flattened($scene->things) as $thing) {
            if ($thing->earnedBy() !== null && ! self::isEarned($thing, $context)) {
                $findings[] = Finding::error('mosaic.unseen', [$thing->id, $scene->id], [
                    'part' => $context->calls($thing->id), 'scene' => $context->titleOf($scene->id),
                ]);
            }
        }

        return $findings;
    }

    public static function depends(CheckContext $context, Scene $scene): string
    {
        $locks = [];
        foreach (Things::flattened($scene->things) as $thing) {
            if ($thing->earnedBy() !== null) {
                $locks[] = self::isEarned($thing, $context) ? "{$thing->id}+" : $thing->id;
            }
        }

        return implode(',', $locks);
    }

    /** Whether each of its locks may be asked of somebody, as far as the search got. */
    private static function isEarned(Thing $thing, CheckContext $context): bool
    {
        $locks = $thing->earnedBy() ?? [];
        foreach ($locks as $lock) {
            $isOpened = isset($context->reach->ready[$lock]) || $context->isOpenedByEffect($lock);
            if ($context->reach->isComplete && ! $isOpened) {
                return false;
            }
        }

        return $locks !== [];
    }
}

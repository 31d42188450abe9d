<?php

declare(strict_types=1);

namespace Fravel\Report;

use Fravel\Condition\Observed;
use Fravel\Document\GameDocument;
use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Thing\Thing;

/** As what a play came out: the ending it is at; where that says what fits one's tallies, what it says of them. */
final class CameOut
{
    /** Characters of what is said. */
    private const LONGEST = 60;

    /** '' while it goes on. */
    public static function as(GameDocument $game, PlayState $state): string
    {
        $scene = $state->ended === null ? null : $game->scene($state->scene);
        if ($scene === null) {
            return '';
        }
        $told = array_map(
            static fn (Thing $thing): string => mb_strimwidth($thing->calls(), 0, self::LONGEST, '…'),
            array_filter($scene->shown($state, $state->startedAt), self::dependsOnTallies(...)),
        );

        return $told === [] ? $scene->title : implode(', ', $told);
    }

    private static function dependsOnTallies(Thing $thing): bool
    {
        $seen = new Observed();
        $thing->common->if?->observe($seen);
        $tallies = array_filter(
            array_keys($seen->facts), static fn (string $fact): bool => Fact::kindOf($fact) === 'tally',
        );

        return $tallies !== [];
    }
}

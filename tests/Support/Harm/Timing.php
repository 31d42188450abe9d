<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use Fravel\Document\GameDocument;
use Fravel\Play\Playing;
use Fravel\State\Action;
use LogicException;
use Tests\Support\Games;

/** Whether it shows by the time an answer takes that it is right where that is not told: in a vote, where noted. */
final class Timing
{
    /** Milliseconds between the medians that nobody tells through a network. */
    private const MOST = 0.1;

    /** @return list<Figure> */
    public static function report(int $count, float $seconds): array
    {
        $game = GameDocument::of(Games::twoRooms());
        $state = Playing::start($game, 1, 0)->state;
        $times = ['gannet' => [], 'gullet' => []];
        $until = microtime(true) + $seconds;
        for ($turn = 0; $turn < $count && microtime(true) < $until; $turn++) {
            foreach (array_keys($times) as $answer) {
                $action = Action::of(['answer' => 'door', 'with' => $answer]) ?? throw new LogicException($answer);
                $begun = hrtime(true);
                Playing::act($game, $state, $action, 10, true);
                $times[$answer][] = (hrtime(true) - $begun) / 1e6;
            }
        }
        [$right, $wrong] = array_map(self::median(...), array_values($times));

        return [new Figure(
            sprintf(
                '%d right and as many wrong answers: %.3f ms and %.3f ms in the middle', count($times['gannet']),
                $right, $wrong,
            ),
            abs($right - $wrong) < self::MOST,
        )];
    }

    /** @param  list<float>  $times */
    private static function median(array $times): float
    {
        sort($times);

        return $times[intdiv(count($times), 2)] ?? 0.0;
    }
}

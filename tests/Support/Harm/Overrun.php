<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use Fravel\Check\Check;
use Fravel\Check\Effort;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Tests\Support\AdversarialGames;

/** Looks for the game whose check goes on longest after what it may use is used. */
final class Overrun
{
    /** Seconds after which each is to stop, and that it may go on after that. */
    private const ENDS = [0.1, 0.3, 0.6];

    private const BEYOND = 0.1;

    /** @return list<Figure> */
    public static function report(int $seed, int $count, float $seconds): array
    {
        $games = AdversarialGames::known();
        $until = microtime(true) + $seconds;
        [$looked, $worst, $which] = [0, 0.0, 'none'];
        for ($number = 0; ($games !== [] || $number < $count) && microtime(true) < $until; $number++) {
            $name = $games === [] ? 'drawn from '.($seed + $number) : (string) array_key_first($games);
            $document = array_shift($games) ?? AdversarialGames::drawn($seed + $number);
            if (Validation::ofShape($document) !== []) {
                continue;
            }
            $looked++;
            foreach (self::ENDS as $end) {
                $beyond = self::beyond($document, $end);
                // What comes of another process is not met twice.
                $beyond = $beyond > self::BEYOND / 2 ? min($beyond, self::beyond($document, $end)) : $beyond;
                [$worst, $which] = $beyond > $worst ? [$beyond, $name] : [$worst, $which];
            }
        }

        return [new Figure(
            sprintf(
                'longest that a check of %d hard games went on after its end: %.0f ms (%s)', $looked, $worst * 1000,
                $which,
            ),
            $worst < self::BEYOND,
        )];
    }

    /** @param  array<array-key, mixed>  $document */
    private static function beyond(array $document, float $end): float
    {
        gc_collect_cycles();
        $began = microtime(true);
        Check::of(
            GameDocument::of($document), 20_000,
            effort: new Effort(used: static fn (): float => microtime(true) - $began, limit: $end),
        );

        return max(0.0, microtime(true) - $began - $end);
    }
}

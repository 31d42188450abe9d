<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use App\Workshop\RequestEffort;
use Fravel\Check\Check;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Tests\Support\AdversarialGames;

/** Looks for the game that is longest to look over in what a request allows. */
final class Slowest
{
    /** Seconds and bytes that looking one game over may take. */
    private const SECONDS = 2.0;

    private const BYTES = 128_000_000;

    /** @return list<Figure> */
    public static function report(int $seed, int $count, float $seconds): array
    {
        $games = AdversarialGames::known();
        $until = microtime(true) + $seconds;
        [$looked, $worst, $which, $most] = [0, 0.0, '', 0];
        for ($number = 0; ($games !== [] || $number < $count) && microtime(true) < $until; $number++) {
            $name = $games === [] ? 'drawn from '.($seed + $number) : (string) array_key_first($games);
            $document = array_shift($games) ?? AdversarialGames::drawn($seed + $number);
            if (Validation::ofShape($document) !== []) {
                continue;
            }
            gc_collect_cycles();
            memory_reset_peak_usage();
            [$before, $memory] = [microtime(true), memory_get_usage()];
            Check::of(GameDocument::of($document), 20_000, effort: RequestEffort::begin());
            $looked++;
            $most = max($most, memory_get_peak_usage() - $memory);
            if (microtime(true) - $before > $worst) {
                [$worst, $which] = [microtime(true) - $before, $name];
            }
        }

        return [new Figure(
            sprintf(
                'slowest check of %d hard games: %.2f s (%s); most memory %d MB', $looked, $worst, $which,
                (int) ceil($most / 1_000_000),
            ),
            $worst < self::SECONDS && $most < self::BYTES,
        )];
    }
}

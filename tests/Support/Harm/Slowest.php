<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use App\Workshop\RequestEffort;
use Fravel\Check\Check;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Tests\Support\AdversarialGames;
use Tests\Support\RandomGames;

/** Looks for the game that is longest to look over in what a request allows. */
final class Slowest
{
    /** One in so many is drawn to be hard; the others are drawn as they come. */
    private const HARD = 50;

    /** Seconds of the processor and bytes that looking one game over may take. */
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
            $document = array_shift($games) ?? self::drawn($seed + $number);
            if (Validation::ofShape($document) !== []) {
                continue;
            }
            gc_collect_cycles();
            memory_reset_peak_usage();
            [$before, $memory] = [self::seconds(), memory_get_usage()];
            Check::of(GameDocument::of($document), 20_000, effort: RequestEffort::begin());
            $took = self::seconds() - $before;
            $looked++;
            $most = max($most, memory_get_peak_usage() - $memory);
            [$worst, $which] = $took > $worst ? [$took, $name] : [$worst, $which];
        }

        return [new Figure(
            sprintf(
                'slowest check of %d games: %.2f s (%s); most memory %d MB', $looked, $worst, $which,
                (int) ceil($most / 1_000_000),
            ),
            $worst < self::SECONDS && $most < self::BYTES,
        )];
    }

    /** @return array<string, mixed> */
    private static function drawn(int $seed): array
    {
        return $seed % self::HARD === 0
            ? AdversarialGames::drawn($seed)
            : (new RandomGames($seed, $seed % 2 === 0, 1 + $seed % 4))->document();
    }

    /** Of the processor that this process has used, whatever else the machine does. */
    private static function seconds(): float
    {
        $used = getrusage();

        return array_sum(array_map(
            static fn (string $of): float => ($used["ru_{$of}.tv_sec"] ?? 0) + ($used["ru_{$of}.tv_usec"] ?? 0) / 1e6,
            ['utime', 'stime'],
        ));
    }
}

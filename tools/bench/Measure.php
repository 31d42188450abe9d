<?php

declare(strict_types=1);

namespace Tools\Bench;

use RuntimeException;

/** One measurement: requests a second, latencies in milliseconds, errors. */
final readonly class Measure
{
    private const MOST_STOLEN = 0.02;

    private const MOST_DRIFT = 0.15;

    private function __construct(
        public float $rate,
        public float $p50,
        public float $p95,
        public float $p99,
        public int $errors,
    ) {
    }

    /** A line of the table: our figures, and their ratios to the bare route of the same round, as medians. */
    public static function compare(Stage $stage, int $clients, int $seconds, int $rounds): string
    {
        [$kept, $ours, $ratios] = [0, [], []];
        for ($round = 0; $round < $rounds; $round++) {
            $stolen = self::stolen();
            $before = self::run($stage->bare(), $clients, $seconds);
            $mine = self::run($stage->action(), $clients, $seconds);
            $after = self::run($stage->bare(), $clients, $seconds);
            $share = self::share($stolen, self::stolen());
            if ($share > self::MOST_STOLEN || abs($before->rate - $after->rate) / $before->rate > self::MOST_DRIFT) {
                continue;
            }
            $kept++;
            $ours[] = $mine;
            $ratios[] = [
                (2 * $mine->rate) / ($before->rate + $after->rate),
                (2 * $mine->p50) / ($before->p50 + $after->p50),
                (2 * $mine->p95) / ($before->p95 + $after->p95),
            ];
        }
        if ($kept === 0) {
            return sprintf('%7d   every round was dropped: the machine is too unsteady to measure', $clients);
        }
        $field = static fn (string $name): float => self::median(
            array_map(static fn (self $one): float => (float) $one->{$name}, $ours),
        );

        return sprintf(
            '%7d   %10.0f   %6.2f   %6.2f   %6.2f   %6.2f   %6.2f   %9.2f   %6d   %d of %d',
            $clients,
            $field('rate'),
            self::median(array_column($ratios, 0)),
            $field('p50'),
            self::median(array_column($ratios, 1)),
            $field('p95'),
            self::median(array_column($ratios, 2)),
            $field('p99') / $field('p50'),
            array_sum(array_map(static fn (self $one): int => $one->errors, $ours)),
            $kept,
            $rounds,
        );
    }

    /** A line: p95 of a student's action without edits of a large game and with them, in turns. */
    public static function besideEdits(Stage $stage, int $clients, int $seconds, int $rounds): string
    {
        [$alone, $beside, $edits] = [[], [], ''];
        for ($round = 0; $round < $rounds; $round++) {
            $alone[] = self::run($stage->action(), $clients, $seconds)->p95;
            $process = $stage->editing($seconds);
            $beside[] = self::run($stage->action(), $clients, $seconds)->p95;
            $edits = $process->finished();
        }
        [$made, $slowest] = explode(' ', $edits.' ');

        return sprintf(
            'beside heavy edits of a game of 1,000 scenes, %d clients: p95 %.2f ms without, %.2f ms with, ÷ %.2f; %s '
                .'edits in %d s, the slowest took %s ms',
            $clients,
            self::median($alone),
            self::median($beside),
            self::median($beside) / self::median($alone),
            $made,
            $seconds,
            $slowest,
        );
    }

    /** @param  list<string>  $target what wrk is called with behind its own options */
    private static function run(array $target, int $clients, int $seconds): self
    {
        $threads = min(2, $clients);
        $command = [
            'wrk',
            "-t{$threads}",
            "-c{$clients}",
            "-d{$seconds}s",
            '-s',
            dirname(__DIR__, 2).'/tools/bench/wrk.lua',
            ...$target,
        ];
        $output = (string) shell_exec(implode(' ', array_map(escapeshellarg(...), $command)).' 2>&1');
        if (preg_match('/RESULT ([\d.]+) ([\d.]+) ([\d.]+) ([\d.]+) (\d+)/', $output, $found) !== 1) {
            throw new RuntimeException("wrk did not say how it went: {$output}");
        }

        return new self((float) $found[1], (float) $found[2], (float) $found[3], (float) $found[4], (int) $found[5]);
    }

    /** @param  list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)];
    }

    /** @return array{float, float} stolen and all ticks since the machine started */
    private static function stolen(): array
    {
        $ticks = array_map(
            floatval(...),
            array_slice(preg_split('/\s+/', (string) strtok((string) file_get_contents('/proc/stat'), "\n")) ?: [], 1),
        );

        return [$ticks[7] ?? 0.0, array_sum($ticks)];
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function share(array $from, array $to): float
    {
        return ($to[0] - $from[0]) / max(1.0, $to[1] - $from[1]);
    }
}

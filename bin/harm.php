<?php

declare(strict_types=1);

// Attacks the application as its worst users would, on a server of its own on loopback; bounded in count and time.

require __DIR__.'/../vendor/autoload.php';

use Tests\Support\Harm\Arena;
use Tests\Support\Harm\Bodies;
use Tests\Support\Harm\Clocks;
use Tests\Support\Harm\CutFiles;
use Tests\Support\Harm\CutStore;
use Tests\Support\Harm\Exports;
use Tests\Support\Harm\Flood;
use Tests\Support\Harm\Fuzz;
use Tests\Support\Harm\Guesses;
use Tests\Support\Harm\KilledQueue;
use Tests\Support\Harm\Kills;
use Tests\Support\Harm\OnlyToRead;
use Tests\Support\Harm\Overrun;
use Tests\Support\Harm\PowerCut;
use Tests\Support\Harm\Slowest;
use Tests\Support\Harm\Strangers;
use Tests\Support\Harm\Timing;
use Tests\Support\Harm\VersionBefore;

ini_set('memory_limit', '1G');
$options = getopt('', ['students:', 'kills:', 'count:', 'seconds:', 'seed:']);
$number = static fn (string $name, int $usual, int $most): int => max(1, min($most, (int) ($options[$name] ?? $usual)));
[$students, $kills, $count, $seconds, $seed] = [
    $number('students', 200, 500),
    $number('kills', 11, 50),
    $number('count', 2000, 1_000_000),
    $number('seconds', 20, 3600),
    $number('seed', random_int(1, 1_000_000), PHP_INT_MAX),
];

echo "Seed {$seed}; each part takes {$seconds} s or {$count} tries at most.\n\n";
$arena = Arena::open();
$parts = [
    static fn (): array => Kills::report($arena, $students, $kills, (float) $seconds),
    static fn (): array => CutFiles::report($arena, $seed, $count, (float) $seconds),
    static fn (): array => CutStore::report($arena, $seed, $count, (float) $seconds),
    static fn (): array => PowerCut::report($arena, $seed, $count, (float) $seconds),
    static fn (): array => Clocks::report($arena, $seed, $count, (float) $seconds),
    static fn (): array => OnlyToRead::report($arena),
    static fn (): array => KilledQueue::report($arena, $seed, $kills, (float) $seconds),
    static fn (): array => VersionBefore::report($arena),
    static fn (): array => Strangers::report($arena),
    static fn (): array => Bodies::report($arena, $seed, $count, (float) $seconds),
    static fn (): array => Fuzz::report($seed, $count, (float) $seconds),
    static fn (): array => Slowest::report($seed, $count, (float) $seconds),
    static fn (): array => Overrun::report($seed, $count, (float) $seconds),
    static fn (): array => Guesses::report(),
    static fn (): array => Timing::report(10_000, (float) $seconds),
    static fn (): array => Exports::report($arena, 1000, (float) $seconds),
    static fn (): array => Flood::report($arena, (float) $seconds),
];
$missed = 0;
foreach ($parts as $part) {
    foreach ($part() as $figure) {
        echo $figure->text(), "\n";
        $missed += $figure->isReached ? 0 : 1;
    }
}
echo $missed === 0 ? "\nAll of it held.\n" : "\n{$missed} of these did not hold.\n";
exit($missed === 0 ? 0 : 1);

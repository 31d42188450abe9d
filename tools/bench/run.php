<?php

declare(strict_types=1);

// Speed of the engine, and of a student's action against a bare route of the framework, behind nginx and php-fpm, in
// one run.

require __DIR__.'/../../vendor/autoload.php';

use Tests\Support\Harm\Slowest;
use Tools\Bench\ClassLoad;
use Tools\Bench\EngineSpeed;
use Tools\Bench\Measure;
use Tools\Bench\MosaicSpeed;
use Tools\Bench\Stage;

ini_set('memory_limit', '512M');
gc_disable();
echo "The engine, in one process, without a framework\n\n",
implode("\n", EngineSpeed::report(dirname(__DIR__, 2))),
"\n\n";
gc_enable();
echo "A photograph becomes a hidden picture\n\n", implode("\n", MosaicSpeed::report()), "\n\n";
$slowest = Slowest::report(1, 0, 60.0)[0];
echo "In what a request allows:\n\n{$slowest->text()}\n\n";
if (($argv[1] ?? '') === 'engine') {
    exit($slowest->isReached ? 0 : 1);
}

$seconds = (int) ($argv[1] ?? 10);
$rounds = (int) ($argv[2] ?? 3);
$stage = Stage::build(dirname(__DIR__, 2));

echo <<<TEXT
A student's action: a wrong answer, authenticated, judged and kept as one durable event, against a bare text route.
nginx and php-fpm (static, 4 children, opcache, cached config and routes), SQLite in WAL mode, load by wrk from
this machine. Each round measures bare, ours, bare for {$seconds} s each; medians of {$rounds} rounds; a round with
stolen CPU above 2 % or a bare drift above 15 % is dropped.

clients   requests/s   ÷ bare   p50 ms   ÷ bare   p95 ms   ÷ bare   p99 ÷ p50   errors   rounds kept

TEXT;

foreach ([8, 1, 32] as $clients) {
    echo Measure::compare($stage, $clients, $seconds, $rounds), "\n";
}
echo "\n", Measure::besideEdits($stage, 8, $seconds, $rounds), "\n";
echo "\nClasses that play at once: made-up students of The Dark Lamp who think four times as fast as children,\n",
"pulses and boards open; the bare route is asked in the same seconds.\n\n", ClassLoad::head(), "\n";
foreach ([[30, 1], [300, 10], [1000, 34]] as [$students, $classes]) {
    echo ClassLoad::of($stage, $students, $classes, 3 * $seconds), "\n";
}
echo "\n", ClassLoad::boards($stage, 40), "\n";
$stage->stop();
exit($slowest->isReached ? 0 : 1);

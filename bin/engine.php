<?php

declare(strict_types=1);

// The verbs that work on a game file. The framework is not started.

use App\CommandLine\Arguments;
use App\CommandLine\CheckGame;
use App\CommandLine\PlayGame;
use App\CommandLine\TryAnswer;
use App\CommandLine\UnableToReadFile;
use App\CommandLine\ValidateGame;
use Fravel\Support\Json;

require __DIR__.'/autoload.php';

const VERBS = ['check' => CheckGame::class, 'validate' => ValidateGame::class, 'answer' => TryAnswer::class, 'play' => PlayGame::class];

// A process that lives for one question need not look for what it could free.
gc_disable();

$words = array_slice($argv, 1);
$verb = VERBS[array_shift($words) ?? ''] ?? null;
if ($verb === null) {
    fwrite(STDERR, "This verb is not known.\n");
    exit(2);
}
$arguments = Arguments::of($words, $verb::VALUED);
if ($arguments->place(0) === null) {
    fwrite(STDERR, 'Call it as: ./fravel '.$verb::USAGE."\n");
    exit(2);
}
try {
    [$code, $told, $lines] = $verb::run($arguments);
} catch (UnableToReadFile $failure) {
    fwrite(STDERR, $failure->getMessage()."\n");
    exit(2);
}
echo $arguments->has('json') ? Json::write($told, true) : implode("\n", $lines), "\n";
exit($code);

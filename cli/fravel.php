<?php

declare(strict_types=1);

// The verbs that work on a game file. The framework is not started.

use Cli\CheckGame;
use Cli\PlayGame;
use Cli\TryAnswer;
use Cli\TypedInput;
use Cli\ValidateGame;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Exception\ExceptionInterface;

require __DIR__.'/autoload.php';

// A process that lives for one question need not look for what it could free.
gc_disable();

$application = new Application('fravel');
$application->addCommands([new CheckGame, new PlayGame, new TryAnswer, new ValidateGame]);
$application->setAutoExit(false);
$application->setCatchExceptions(false);
try {
    exit($application->run(new TypedInput($argv)));
} catch (ExceptionInterface $misuse) {
    // Code 1 says that something is wrong with a game; that the call can't be understood is another thing.
    fwrite(STDERR, $misuse->getMessage()."\nSee ./fravel help.\n");
    exit(2);
}

<?php

declare(strict_types=1);

namespace App\CommandLine;

/** One verb of the command line. */
interface Verb
{
    /** How it is called. */
    public const USAGE = '';

    /** Options that take a word behind them. */
    public const VALUED = [];

    /**
     * Does it and says how it went.
     *
     * @return array{int, array<string, mixed>|list<mixed>, list<string>} exit code, what --json prints, and the lines otherwise
     *
     * @throws UnableToReadFile If a file it names can't be read.
     */
    public static function run(Arguments $arguments): array;
}

<?php

declare(strict_types=1);

namespace Tests\Support;

use Fravel\Support\Json;
use RuntimeException;

/** Runs modules of the interface that need no browser, all in one process of Node. */
final class Scripts
{
    /** @var array{resource, resource, resource}|null what is asked of it, what it answers, and itself */
    private static ?array $lines = null;

    /**
     * What an expression over a module's exports gives, also when that comes later; `input` holds what is passed in.
     *
     * @param  string  $module  under resources/js/
     */
    public static function run(string $module, string $expression, mixed $input = null): mixed
    {
        [$asked, $answers] = self::$lines ??= self::start();
        fwrite($asked, Json::write(['module' => $module, 'expression' => $expression, 'input' => $input])."\n");
        $answer = Json::readObject((string) fgets($answers));

        return $answer['result'] ?? null;
    }

    /** @return array{resource, resource, resource} */
    private static function start(): array
    {
        $process = proc_open(['node', __DIR__.'/scripts.js'], [['pipe', 'r'], ['pipe', 'w'], STDERR], $pipes);
        if ($process === false) {
            throw new RuntimeException('node did not start');
        }
        fwrite($pipes[0], Json::write(self::words())."\n");

        return [$pipes[0], $pipes[1], $process];
    }

    /** @return array<string, mixed> what the workshop speaks from, in English */
    private static function words(): array
    {
        $words = [];
        foreach (['workshop', 'cards', 'stage', 'map', 'ways', 'kinds', 'edits', 'games', 'made'] as $file) {
            $words[$file] = require dirname(__DIR__, 2)."/lang/en/{$file}.php";
        }

        return $words;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support;

use Fravel\Support\Json;

/** Runs modules of the interface that need no browser. */
final class Scripts
{
    /**
     * What an expression over a module's exports gives, also when that comes later; `input` holds what is passed in.
     *
     * @param  string  $module  under resources/js/
     */
    public static function run(string $module, string $expression, mixed $input = null): mixed
    {
        $path = dirname(__DIR__, 2)."/resources/js/{$module}";
        $catalogue = dirname(__DIR__, 2).'/resources/js/lib/catalogue.js';
        $script = "import * as module from '{$path}'; import { learn } from '{$catalogue}';"
            .'let text = ""; for await (const part of process.stdin) text += part;'
            .'const { input, words } = JSON.parse(text); learn(words);'
            ."console.log(JSON.stringify({ result: await ((input) => {$expression})(input) }));";
        $process = proc_open(['node', '--input-type=module', '-e', $script], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        if ($process === false) {
            return 'node did not start';
        }
        fwrite($pipes[0], Json::write(['input' => $input, 'words' => self::words()]));
        fclose($pipes[0]);
        $output = (string) stream_get_contents($pipes[1]);
        $errors = (string) stream_get_contents($pipes[2]);

        return proc_close($process) === 0 ? Json::readObject($output)['result'] : "failed: {$errors}";
    }

    /** @return array<string, mixed> what the workshop speaks from, in English */
    private static function words(): array
    {
        $files = ['workshop', 'cards', 'stage', 'map', 'ways', 'kinds', 'edits', 'games', 'made'];

        return array_combine($files, array_map(static fn (string $file): array => require dirname(__DIR__, 2)."/lang/en/{$file}.php", $files));
    }
}

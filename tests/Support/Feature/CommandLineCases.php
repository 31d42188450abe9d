<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use Fravel\Support\Json;
use Tests\Support\Games;

/** What CommandLineTest is about: games, and ways to ask. */
final class CommandLineCases
{
    /**
     * @param  list<string>  $words
     * @return array{int, string, string} exit code, output, errors
     */
    public static function fravel(array $words): array
    {
        $process = proc_open(
            [base_path('fravel'), ...$words], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, sys_get_temp_dir(),
        );
        $told = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

        return [proc_close($process), ...$told];
    }

    /** @param  array<string, mixed>|list<mixed>|string  $content */
    public static function fileOf(array|string $content, string $name = 'game.json'): string
    {
        $path = sys_get_temp_dir().'/fravel-cli-'.getmypid().'-'.$name;
        file_put_contents($path, is_string($content) ? $content : Json::write($content));

        return $path;
    }
}

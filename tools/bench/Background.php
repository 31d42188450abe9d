<?php

declare(strict_types=1);

namespace Tools\Bench;

use RuntimeException;

/** A process that works while something else is measured. */
final class Background
{
    /**
     * @param  resource  $process
     * @param  resource  $output
     */
    private function __construct(private $process, private $output)
    {
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     */
    public static function start(array $command, string $folder, array $environment): self
    {
        $process = proc_open(
            $command,
            [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
            $folder,
            $environment,
        );

        return $process === false
            ? throw new RuntimeException("{$command[0]} did not start.")
            : new self($process, $pipes[1]);
    }

    /** What it printed, once it has ended. */
    public function finished(): string
    {
        $printed = trim((string) stream_get_contents($this->output));
        proc_close($this->process);

        return $printed;
    }
}

<?php

declare(strict_types=1);

namespace App\Storage;

use ErrorException;
use Fravel\Support\Json;
use Symfony\Component\Process\PhpExecutableFinder;

/** Work in a process beside the application, of which a file tells how far it is. */
final readonly class Progress
{
    /** Seconds without a word after which it counts as broken off. */
    private const SILENT = 120;

    public function __construct(private string $path)
    {
    }

    /**
     * Begins a command of the application, out of the way of whoever plays.
     *
     * @param  list<string>  $command  as `php artisan` takes it
     * @param  int  $nice  0 to 19, how far it stands back
     *
     * @throws ErrorException If there is no room to tell of it.
     */
    public function begin(array $command, int $nice): void
    {
        $this->tell(0);
        $php = (new PhpExecutableFinder)->find(false);
        $words = implode(' ', array_map(escapeshellarg(...), [(string) $php, base_path('artisan'), ...$command]));
        $nowhere = ['file', '/dev/null', 'w'];
        $process = $php === false ? false : proc_open(
            "nohup nice -n {$nice} {$words} >/dev/null 2>&1 &",
            [['file', '/dev/null', 'r'], $nowhere, $nowhere], $pipes, base_path(),
        );
        $process === false ? $this->fail() : proc_close($process);
    }

    /** @throws ErrorException If there is no room for it. */
    public function tell(int $percent): void
    {
        WholeFile::write($this->path, Json::write(['percent' => $percent]), isFlushed: false);
    }

    /** @throws ErrorException If there is no room for it. */
    public function fail(): void
    {
        WholeFile::write($this->path, Json::write(['percent' => 0, 'failed' => true]), isFlushed: false);
    }

    /** Nothing is told of it any more. */
    public function forget(): void
    {
        @unlink($this->path);
    }

    public function percent(): int
    {
        return (int) ($this->told()['percent'] ?? 0);
    }

    /** Whether it was begun, and is not forgotten. */
    public function isThere(): bool
    {
        return is_file($this->path);
    }

    public function isOnItsWay(): bool
    {
        return (int) @filemtime($this->path) > time() - self::SILENT && ! isset($this->told()['failed']);
    }

    /**
     * How many others are on their way.
     *
     * @param  string  $pattern  of the files that tell of them, as glob takes it
     */
    public function others(string $pattern): int
    {
        $others = array_diff(glob($pattern) ?: [], [$this->path]);

        return count(array_filter($others, static fn (string $path): bool => (new self($path))->isOnItsWay()));
    }

    /** @return array<array-key, mixed> */
    private function told(): array
    {
        $said = @file_get_contents($this->path);

        return $said === false ? [] : Json::readObject($said);
    }
}

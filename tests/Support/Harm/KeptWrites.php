<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use RuntimeException;
use SplFileObject;

/**
 * What a disk holds when the power goes: of each file what was synced, and any first part of what was written since.
 * Read from a trace of system calls (strace) of a process that wrote.
 *
 * A step is a `write`, a `cut`, a `sync`, a file that is `gone`, or what was `acknowledged`.
 *
 * @phpstan-type Step array{kind: string, file: string, at: int, bytes: string}
 */
final class KeptWrites
{
    /** System calls that matter here. */
    private const CALLS = 'openat,close,write,pwrite64,fsync,fdatasync,ftruncate,unlink,lseek';

    /** @param  list<Step>  $steps */
    private function __construct(private readonly array $steps)
    {
    }

    /**
     * @param  list<string>  $command  a process that writes "acknowledged KEY" to its standard output
     * @param  string  $folder  of the files that are followed
     * @param  array<string, string>  $environment
     */
    public static function of(array $command, string $folder, array $environment): self
    {
        $trace = "{$folder}/trace";
        $process = proc_open(
            ['strace', '-qq', '-xx', '-s', '10000000', '-e', 'trace='.self::CALLS, '-o', $trace, ...$command],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', "{$folder}/errors", 'w']], $pipes, null,
            $environment,
        );
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException('The process failed: '.file_get_contents("{$folder}/errors"));
        }

        return new self(self::steps($trace, $folder));
    }

    /** Whether system calls can be traced here. */
    public static function canBeTraced(): bool
    {
        exec('strace -qq -o /dev/null true 2>/dev/null', $said, $status);

        return $status === 0;
    }

    /** How many steps there are. */
    public function count(): int
    {
        return count($this->steps);
    }

    /** @return list<string> keys that were acknowledged before this step */
    public function acknowledged(int $before): array
    {
        return array_values(array_map(
            static fn (array $step): string => $step['bytes'],
            array_filter(
                array_slice($this->steps, 0, $before),
                static fn (array $step): bool => $step['kind'] === 'acknowledged',
            ),
        ));
    }

    /**
     * @param  int  $before  the step before which the power goes
     * @param  callable(int): int  $part  how many of so many writes since the last sync of a file were kept
     * @return array<string, string> file → content
     */
    public function at(int $before, callable $part): array
    {
        [$synced, $since] = [[], []];
        foreach (array_slice($this->steps, 0, $before) as $step) {
            $file = $step['file'];
            match ($step['kind']) {
                'write', 'cut' => $since[$file][] = $step,
                // Names are kept in their order by the file system itself.
                'gone' => [$synced[$file], $since[$file]] = ['', []],
                'sync' => [$synced[$file], $since[$file]] = [
                    self::written($synced[$file] ?? '', $since[$file] ?? []), [],
                ],
                default => null,
            };
        }
        foreach ($since as $file => $steps) {
            $synced[$file] = self::written($synced[$file] ?? '', array_slice($steps, 0, $part(count($steps))));
        }

        return array_filter($synced, static fn (string $file): bool => $file !== '', ARRAY_FILTER_USE_KEY);
    }

    /** @param  list<Step>  $steps */
    private static function written(string $content, array $steps): string
    {
        foreach ($steps as ['kind' => $kind, 'at' => $at, 'bytes' => $bytes]) {
            $content = match ($kind) {
                'cut' => str_pad(substr($content, 0, $at), $at, "\0"),
                default => substr_replace(str_pad($content, $at, "\0"), $bytes, $at, strlen($bytes)),
            };
        }

        return $content;
    }

    /** @return list<Step> */
    private static function steps(string $trace, string $folder): array
    {
        [$steps, $open, $places] = [[], [], []];
        foreach (new SplFileObject($trace) as $line) {
            if (! is_string($line) || preg_match('/^(\w+)\((.*)\)\s+= (\d+)/', $line, $call) !== 1) {
                continue;
            }
            [, $name, $given, $result] = $call;
            $arguments = explode(', ', $given);
            $number = (int) $arguments[0];
            $file = $open[$number] ?? null;
            if ($name === 'openat') {
                $path = self::bytes($arguments[1]);
                $isFollowed = str_starts_with($path, "{$folder}/") && ! str_ends_with($path, '-shm');
                $open[(int) $result] = $isFollowed ? basename($path) : null;
                $places[(int) $result] = 0;
            } elseif ($name === 'write' && $number === 1) {
                preg_match('/^acknowledged (\S+)/', self::bytes($arguments[1]), $key) !== 1
                    ?: $steps[] = ['kind' => 'acknowledged', 'file' => '', 'at' => 0, 'bytes' => $key[1]];
            } elseif ($name === 'unlink') {
                $steps[] = ['kind' => 'gone', 'file' => basename(self::bytes($arguments[0])), 'at' => 0, 'bytes' => ''];
            } elseif ($name === 'lseek') {
                $places[$number] = (int) $result;
            } elseif ($file !== null) {
                $step = self::step($name, $file, $arguments, $places[$number] ?? 0);
                $step === null ?: $steps[] = $step;
                $name !== 'write' ?: $places[$number] = ($places[$number] ?? 0) + (int) $result;
            }
        }

        return $steps;
    }

    /**
     * @param  list<string>  $arguments
     * @return Step|null
     */
    private static function step(string $name, string $file, array $arguments, int $place): ?array
    {
        $found = match ($name) {
            'pwrite64' => ['write', (int) $arguments[3], self::bytes($arguments[1])],
            'write' => ['write', $place, self::bytes($arguments[1])],
            'ftruncate' => ['cut', (int) $arguments[1], ''],
            'fsync', 'fdatasync' => ['sync', 0, ''],
            default => null,
        };

        return $found === null ? null : [
            'kind' => $found[0], 'file' => $file, 'at' => $found[1], 'bytes' => $found[2],
        ];
    }

    /** What the trace writes as "\x41\x42". */
    private static function bytes(string $quoted): string
    {
        return (string) hex2bin(str_replace(['"', '\x', '...'], '', $quoted));
    }
}

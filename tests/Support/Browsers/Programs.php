<?php

declare(strict_types=1);

namespace Tests\Support\Browsers;

use RuntimeException;
use Tests\Support\Server;

/** Programs that browser tests run beside themselves; none outlives the process. */
final class Programs
{
    /** @var list<resource> */
    private static array $running = [];

    /** @var list<string> what browsers kept, gone with them */
    private static array $folders = [];

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment  beside the usual one
     */
    public static function start(array $command, array $environment = []): void
    {
        $nowhere = [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']];
        $process = proc_open(
            $command, $nowhere, $pipes, null, $environment === [] ? null : [...getenv(), ...$environment],
        );
        if ($process === false) {
            throw new RuntimeException("{$command[0]} did not start.");
        }
        self::$running === [] && register_shutdown_function(self::stopAll(...));
        self::$running[] = $process;
    }

    /**
     * Starts a driver that listens on a free port, and waits for it.
     *
     * @param  list<string>  $options
     * @param  array<string, string>  $environment
     * @return string its address
     */
    public static function startDriver(string $program, array $options = [], array $environment = []): string
    {
        $port = Server::freePort();
        self::start([$program, "--port={$port}", ...$options], $environment);
        $address = "http://127.0.0.1:{$port}";
        for ($wait = 0; $wait < 100 && ! Server::answers("{$address}/status"); $wait++) {
            usleep(50_000);
        }

        return $address;
    }

    /** Whether anything takes connections there. */
    public static function listensOn(int $port): bool
    {
        $request = curl_init("http://127.0.0.1:{$port}");
        curl_setopt_array($request, [CURLOPT_CONNECT_ONLY => true, CURLOPT_TIMEOUT => 2]);

        return curl_exec($request) !== false;
    }

    /** A new folder for what a browser keeps. */
    public static function folder(): string
    {
        $folder = sys_get_temp_dir().'/fravel-profile-'.bin2hex(random_bytes(6));
        mkdir($folder);
        self::$folders === [] && register_shutdown_function(self::clear(...));

        return self::$folders[] = $folder;
    }

    private static function clear(): void
    {
        exec('rm -rf '.implode(' ', array_map(escapeshellarg(...), self::$folders)).' 2>/dev/null');
    }

    private static function stopAll(): void
    {
        array_map(proc_terminate(...), self::$running);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** The application on a free port with a database of its own, started once for a process and ended with it. */
final class Server
{
    private static ?self $running = null;

    /** @param  resource  $process */
    private function __construct(public readonly string $address, public readonly string $folder, private $process)
    {
    }

    /** @param  array<string, string>  $environment beside the usual one */
    public static function start(array $environment = []): self
    {
        if (self::$running !== null) {
            return self::$running;
        }
        $root = dirname(__DIR__, 2);
        $folder = sys_get_temp_dir().'/fravel-browser-'.getmypid();
        is_dir($folder) || mkdir($folder, 0o755, true);
        $port = self::freePort();
        $address = "http://127.0.0.1:{$port}";
        $environment += self::environment($folder, $address);
        $seeded = (string) getenv('FRAVEL_SEEDED');
        $seeded === '' ? self::seed($folder) : exec('cp -r '.escapeshellarg($seeded).'/. '.escapeshellarg($folder));
        $process = proc_open(
            [
                PHP_BINARY, '-d', 'opcache.enable_cli=1', '-d', 'max_input_vars=50000', '-d', 'post_max_size=16M',
                '-S', "127.0.0.1:{$port}", '-t',
                "{$root}/public", "{$root}/bin/router.php",
            ],
            [['file', '/dev/null', 'r'], ['file', "{$folder}/server.log", 'a'], ['file', "{$folder}/server.log", 'a']],
            $pipes, $root, $environment,
        );
        if ($process === false) {
            throw new RuntimeException('The web server did not start.');
        }
        self::await($address);
        self::$running = new self($address, $folder, $process);
        register_shutdown_function(static fn () => self::$running?->stop());

        return self::$running;
    }

    /** Fills a folder with the demo's data, for a server or to be copied for several: see FRAVEL_SEEDED. */
    public static function seed(string $folder): void
    {
        $root = dirname(__DIR__, 2);
        touch("{$folder}/fravel.sqlite");
        self::run(
            [PHP_BINARY, "{$root}/artisan", 'migrate:fresh', '--seed', '--force', '--quiet'], $root,
            self::environment($folder, 'http://127.0.0.1'),
        );
    }

    /** @return array<string, string> */
    private static function environment(string $folder, string $address): array
    {
        return [
            'APP_ENV' => 'testing', 'APP_DEBUG' => 'false', 'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)),
            'APP_URL' => $address,
            'DB_DATABASE' => "{$folder}/fravel.sqlite", 'DB_SYNCHRONOUS' => 'OFF',
            'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'MAIL_MAILER' => 'outbox', 'FRAVEL_OUTBOX' => 'true',
            'FRAVEL_EDITIONS' => "{$folder}/editions", 'FRAVEL_FILES' => "{$folder}/files",
            'FRAVEL_PULSE' => "{$folder}/pulse", 'FRAVEL_REPORTS' => "{$folder}/reports",
            'PHP_CLI_SERVER_WORKERS' => '3', 'PATH' => (string) getenv('PATH'),
        ];
    }

    public function stop(): void
    {
        if (is_resource($this->process)) {
            // The workers are children of the server and don't end with it.
            $parent = proc_get_status($this->process)['pid'];
            exec("pkill -TERM -P {$parent} 2>/dev/null");
            proc_terminate($this->process);
        }
        exec('rm -rf '.escapeshellarg($this->folder));
        self::$running = null;
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     */
    private static function run(array $command, string $folder, array $environment): void
    {
        $process = proc_open(
            $command, [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes, $folder,
            $environment,
        );
        $output = $process === false ? '' : (string) stream_get_contents($pipes[1]);
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException("Setting up the database failed: {$output}");
        }
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = $socket === false ? '' : (string) stream_socket_get_name($socket, false);

        return (int) substr((string) strrchr($name, ':'), 1);
    }

    public static function answers(string $address): bool
    {
        $request = curl_init($address);
        curl_setopt_array($request, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 5]);

        return curl_exec($request) !== false;
    }

    private static function await(string $address): void
    {
        for ($wait = 0; $wait < 100; $wait++) {
            if (self::answers("{$address}/sign-in")) {
                return;
            }
            usleep(50_000);
        }

        throw new RuntimeException('The web server did not answer.');
    }
}

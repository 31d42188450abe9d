<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use PDO;
use RuntimeException;
use Tests\Support\Server;

/** A server on loopback with a database of its own, which can be killed as by a power cut and started again. */
final class Arena
{
    private const WORKERS = 4;

    public readonly string $address;

    public readonly string $folder;

    private readonly int $port;

    /** @var resource|null */
    private $process = null;

    private function __construct(private readonly string $root)
    {
        $this->port = Server::freePort();
        $this->address = "http://127.0.0.1:{$this->port}";
        $this->folder = sys_get_temp_dir().'/fravel-harm-'.getmypid();
        is_dir($this->folder) || mkdir($this->folder, 0o755, true);
    }

    public static function open(): self
    {
        $arena = new self(dirname(__DIR__, 3));
        touch($arena->database());
        $arena->artisan('migrate --force --quiet');
        $arena->start();
        register_shutdown_function($arena->close(...));

        return $arena;
    }

    public function database(): string
    {
        return "{$this->folder}/fravel.sqlite";
    }

    public function pdo(): PDO
    {
        return new PDO(
            "sqlite:{$this->database()}",
            options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_DEFAULT_FETCH_MODE => PDO::FETCH_ASSOC],
        );
    }

    /** Runs PHP with the application started and gives what it printed. */
    public function tinker(string $code): string
    {
        return $this->run([PHP_BINARY, $this->script($code)]);
    }

    /** A file of PHP that is run with the application started. */
    public function script(string $code): string
    {
        $script = "{$this->folder}/script.php";
        file_put_contents($script, "<?php require '{$this->root}/vendor/autoload.php'; (require "
            ."'{$this->root}/bootstrap/app.php')->make(Illuminate\\Contracts\\Console\\Kernel::class)->bootstrap(); "
            ."{$code}");

        return $script;
    }

    public function artisan(string $command): string
    {
        return $this->run([PHP_BINARY, "{$this->root}/artisan", ...explode(' ', $command)]);
    }

    /** Ends every process of it at once, without a word. */
    public function kill(): void
    {
        if (is_resource($this->process)) {
            $parent = proc_get_status($this->process)['pid'];
            exec("pkill -KILL -P {$parent} 2>/dev/null; kill -KILL {$parent} 2>/dev/null");
            proc_close($this->process);
        }
        $this->process = null;
    }

    /**
     * @param  list<string>  $under  a command that it is run under
     * @param  string|null  $root  folder of another version of the application
     */
    public function start(array $under = [], ?string $root = null): void
    {
        $root ??= $this->root;
        $limits = [
            '-d', 'max_input_vars=50000', '-d', 'post_max_size=60M', '-d', 'memory_limit=512M', '-d',
            'variables_order=EGPCS', '-d', 'log_errors=1', '-d', "error_log={$this->folder}/server.log",
        ];
        $process = proc_open(
            [
                ...$under, PHP_BINARY, ...$limits, '-S', "127.0.0.1:{$this->port}", '-t', "{$root}/public",
                "{$root}/bin/router.php",
            ],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'a'], ['file', '/dev/null', 'a']], $pipes, $root,
            $this->environment(),
        );
        $this->process = $process === false ? throw new RuntimeException('The server did not start.') : $process;
        for ($wait = 0; $wait < 200 && ! Server::answers("{$this->address}/"); $wait++) {
            usleep(20_000);
        }
    }

    public function close(): void
    {
        $this->kill();
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    /** @param  list<string>  $command */
    private function run(array $command): string
    {
        $process = proc_open(
            $command, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, $this->root, $this->environment(),
        );
        $output = $process === false ? '' : (string) stream_get_contents($pipes[1]);
        $errors = $process === false ? '' : (string) stream_get_contents($pipes[2]);
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException("It failed: {$output}{$errors}");
        }

        return trim($output);
    }

    /** @return array<string, string> */
    public function environment(): array
    {
        return [
            'APP_ENV' => 'production', 'APP_DEBUG' => 'false',
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('h', 32)), 'APP_URL' => $this->address,
            'FRAVEL_OUTBOX' => 'true', 'MAIL_MAILER' => 'outbox',
            'DB_DATABASE' => $this->database(), 'DB_PERSISTENT' => 'true', 'SESSION_DRIVER' => 'file',
            'CACHE_STORE' => 'file', 'LOG_CHANNEL' => 'errorlog', 'BCRYPT_ROUNDS' => '4',
            'FRAVEL_EDITIONS' => "{$this->folder}/editions", 'FRAVEL_FILES' => "{$this->folder}/files",
            'FRAVEL_PULSE' => "{$this->folder}/pulse", 'FRAVEL_REPORTS' => "{$this->folder}/reports",
            'PHP_CLI_SERVER_WORKERS' => (string) self::WORKERS, 'PATH' => (string) getenv('PATH'),
        ];
    }
}

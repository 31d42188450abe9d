<?php

declare(strict_types=1);

namespace Tools\Bench;

use Closure;
use PDO;
use RuntimeException;

/** nginx and php-fpm in a folder of their own, with a game opened to many plays that stand before one lock. */
final class Stage
{
    private const PLAYS = 64;

    /** @var list<resource> */
    private array $processes = [];

    private string $code = '';

    private function __construct(
        private readonly string $root,
        private readonly string $folder,
        private readonly int $port,
    ) {
    }

    public static function build(string $root): self
    {
        $folder = "{$root}/storage/bench";
        exec('rm -rf '.escapeshellarg($folder));
        mkdir("{$folder}/temp", 0o777, true);
        $stage = new self($root, $folder, random_int(20000, 40000));
        $stage->prepare();
        $stage->serve();

        return $stage;
    }

    /** @return list<string> */
    public function bare(): array
    {
        return ["http://127.0.0.1:{$this->port}/bench/bare", '--', '/dev/null'];
    }

    /** @return list<string> */
    public function action(): array
    {
        return ["http://127.0.0.1:{$this->port}/", '--', "{$this->folder}/tickets", "/p/{$this->code}"];
    }

    public function address(): string
    {
        return "http://127.0.0.1:{$this->port}";
    }

    /** @return string a file of what so many students in so many new classes are about to do */
    public function classes(int $students, int $classes): string
    {
        $file = "{$this->folder}/classes-{$students}";
        $this->artisan("bench:classes {$students} {$classes} {$file}");
        exec('chmod -R a+rwX '.escapeshellarg($this->folder));

        return $file;
    }

    /** Milliseconds that the line of a change in a run costs. */
    public function line(string $run): float
    {
        return (float) $this->artisan("bench:line {$run}");
    }

    /** How many events of plays are kept. */
    public function eventCount(): int
    {
        $database = new PDO("sqlite:{$this->folder}/fravel.sqlite");

        $counted = $database->query('select count(*) from play_events');

        return $counted === false ? 0 : (int) $counted->fetchColumn();
    }

    /** @return string the cookie of a teacher who has signed in */
    public function signIn(string $email, string $password): string
    {
        $jar = "{$this->folder}/jar";
        @unlink($jar);
        $ask = function (string $path, ?array $fields) use ($jar): string {
            $request = curl_init($this->address().$path);
            curl_setopt_array($request, [
                CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar,
            ] + ($fields === null ? [] : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query($fields)]));
            $reply = (string) curl_exec($request);
            curl_close($request);

            return $reply;
        };
        preg_match('/name="_token" value="([^"]+)"/', $ask('/sign-in', null), $token);
        $ask('/sign-in', ['_token' => $token[1] ?? '', 'email' => $email, 'password' => $password]);
        $cookies = [];
        foreach (file($jar, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            $fields = explode("\t", $line);
            isset($fields[6]) && $cookies[] = "{$fields[5]}={$fields[6]}";
        }

        return implode('; ', $cookies);
    }

    /** @return float milliseconds of processor time that nginx and php-fpm spend while something is done */
    public function busy(Closure $act): float
    {
        $before = $this->ticks();
        $act();

        return 1000 / 100 * ($this->ticks() - $before);
    }

    /** Ticks of a hundredth of a second that our servers and their children have used. */
    private function ticks(): int
    {
        $sum = 0;
        foreach (explode("\n", trim((string) shell_exec('pgrep -f '.escapeshellarg($this->folder)
            .'; pgrep -f "php-fpm: pool www"; pgrep -f "nginx: worker"'))) as $id) {
            $fields = explode(' ', (string) @file_get_contents("/proc/{$id}/stat"));
            $sum += (int) ($fields[13] ?? 0) + (int) ($fields[14] ?? 0);
        }

        return $sum;
    }

    /** A teacher who edits a large game for so many seconds. */
    public function editing(int $seconds): Background
    {
        return Background::start(
            [PHP_BINARY, "{$this->root}/artisan", 'bench:edits', (string) $seconds],
            $this->root,
            $this->environment() + getenv(),
        );
    }

    public function stop(): void
    {
        foreach ($this->processes as $process) {
            proc_terminate($process, SIGQUIT);
        }
    }

    private function prepare(): void
    {
        touch("{$this->folder}/fravel.sqlite");
        foreach (['framework/cache/data', 'framework/sessions', 'framework/views', 'logs', 'app'] as $folder) {
            mkdir("{$this->folder}/storage/{$folder}", 0o777, true);
        }
        foreach (
            [
                'migrate --force --quiet', 'config:cache --quiet', 'route:cache --quiet', 'event:cache --quiet',
                'view:cache --quiet',
            ] as $command
        ) {
            $this->artisan($command);
        }
        [$this->code] = explode("\n", trim($this->artisan('bench:plays '.self::PLAYS." {$this->folder}/tickets")));
        exec(
            'chmod -R a+rwX '.
                escapeshellarg($this->folder).
                ' && chmod -R a+rX '.
                escapeshellarg("{$this->root}/vendor"),
        );
    }

    private function serve(): void
    {
        file_put_contents("{$this->folder}/fpm.conf", $this->fpm());
        file_put_contents("{$this->folder}/nginx.conf", $this->nginx());
        $this->start(['php-fpm8.2', '-F', '-R', '-y', "{$this->folder}/fpm.conf", ...$this->ini()]);
        for ($wait = 0; $wait < 100 && ! file_exists("{$this->folder}/fpm.sock"); $wait++) {
            usleep(100_000);
        }
        $this->start(['nginx', '-c', "{$this->folder}/nginx.conf", '-p', $this->folder, '-g', 'daemon off;']);
        for ($wait = 0; $wait < 100; $wait++) {
            $request = curl_init("http://127.0.0.1:{$this->port}/bench/bare");
            curl_setopt_array($request, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 5]);
            if (curl_exec($request) === 'bare') {
                return;
            }
            usleep(100_000);
        }

        throw new RuntimeException("The bare route did not answer; see {$this->folder}/error.log.");
    }

    private function artisan(string $command): string
    {
        $process = proc_open(
            [PHP_BINARY, "{$this->root}/artisan", ...explode(' ', $command)],
            [1 => ['pipe', 'w']],
            $pipes,
            $this->root,
            $this->environment() + getenv(),
        );
        $output = $process === false ? '' : (string) stream_get_contents($pipes[1]);
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException("artisan {$command} failed: {$output}");
        }

        return $output;
    }

    /** @param  list<string>  $command */
    private function start(array $command): void
    {
        $process = proc_open(
            $command,
            [
                ['file', '/dev/null', 'r'],
                ['file', "{$this->folder}/error.log", 'a'],
                ['file', "{$this->folder}/error.log", 'a'],
            ],
            $pipes,
            $this->folder,
        );
        $this->processes[] = $process === false ? throw new RuntimeException("{$command[0]} did not start.") : $process;
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'LARAVEL_STORAGE_PATH' => "{$this->folder}/storage",
            'APP_URL' => "http://127.0.0.1:{$this->port}",
            'APP_ENV' => 'production',
            'APP_DEBUG' => 'false',
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('b', 32)),
            'FRAVEL_BENCH' => 'true',
            'LOG_CHANNEL' => 'errorlog',
            'DB_DATABASE' => "{$this->folder}/fravel.sqlite",
            'DB_PERSISTENT' => 'true',
            'DB_SYNCHRONOUS' => (string) (getenv('DB_SYNCHRONOUS') ?: 'FULL'),
            'FRAVEL_EDITIONS' => "{$this->folder}/editions",
            'FRAVEL_FILES' => "{$this->folder}/files",
            'FRAVEL_PULSE' => "{$this->folder}/pulse",
            'APP_CONFIG_CACHE' => "{$this->folder}/config.php",
            'APP_ROUTES_CACHE' => "{$this->folder}/routes.php",
            'APP_EVENTS_CACHE' => "{$this->folder}/events.php",
        ];
    }

    /** @return list<string> */
    private function ini(): array
    {
        $settings = [
            'opcache.enable=1',
            'opcache.memory_consumption=256',
            'opcache.interned_strings_buffer=32',
            'opcache.max_accelerated_files=20000',
            'opcache.validate_timestamps=0',
            "opcache.preload={$this->root}/bin/preload.php",
            'opcache.preload_user=www-data',
            'realpath_cache_size=4096k',
            'realpath_cache_ttl=600',
            'pcov.enabled=0',
        ];

        return array_merge([], ...array_map(static fn (string $setting): array => ['-d', $setting], $settings));
    }

    private function fpm(): string
    {
        $environment = '';
        foreach ($this->environment() as $name => $value) {
            $environment .= "env[{$name}] = \"{$value}\"\n";
        }

        return "[global]\nerror_log = {$this->folder}/error.log\n[www]\nuser = www-data\ngroup = www-data\n"
            ."listen = {$this->folder}/fpm.sock\nlisten.mode = 0666\npm = static\npm.max_children = 4\n"
            ."catch_workers_output = yes\n{$environment}";
    }

    private function nginx(): string
    {
        $temporary = implode(
            '',
            array_map(fn (string $kind): string => "{$kind}_temp_path {$this->folder}/temp/{$kind};\n", [
                'client_body',
                'proxy',
                'fastcgi',
                'uwsgi',
                'scgi',
            ]),
        );

        return <<<CONF
        user www-data;
        worker_processes 1;
        pid {$this->folder}/nginx.pid;
        error_log {$this->folder}/error.log;
        events { worker_connections 4096; }
        http {
            access_log off;
            {$temporary}
            upstream php { server unix:{$this->folder}/fpm.sock; }
            server {
                listen 127.0.0.1:{$this->port} reuseport;
                root {$this->root}/public;
                location /pulse/ { alias {$this->folder}/pulse/; default_type text/plain; }
                location / {
                    fastcgi_pass php;
                    fastcgi_param SCRIPT_FILENAME {$this->root}/public/index.php;
                    fastcgi_param SCRIPT_NAME /index.php;
                    fastcgi_param REQUEST_URI \$request_uri;
                    fastcgi_param QUERY_STRING \$query_string;
                    fastcgi_param REQUEST_METHOD \$request_method;
                    fastcgi_param CONTENT_TYPE \$content_type;
                    fastcgi_param CONTENT_LENGTH \$content_length;
                    fastcgi_param SERVER_NAME 127.0.0.1;
                    fastcgi_param SERVER_PORT {$this->port};
                    fastcgi_param SERVER_PROTOCOL \$server_protocol;
                    fastcgi_param REMOTE_ADDR \$remote_addr;
                }
            }
        }
        CONF;
    }
}

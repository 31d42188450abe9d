<?php

use Tests\Support\Server;

/** The demo's server, as `./fravel demo` starts it, with a database of its own. */
final class DemoServer
{
    /** @var resource */
    private $process;

    public function __construct(private readonly int $port, private readonly string $database)
    {
        $environment = [
            'FRAVEL_DEMO_DATABASE' => $database, 'FRAVEL_EDITIONS' => dirname($database).'/editions',
            'FRAVEL_FILES' => dirname($database).'/files', 'PATH' => (string) getenv('PATH'),
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('d', 32)), 'BCRYPT_ROUNDS' => '4',
        ];
        $this->process = proc_open(
            ['bash', 'bin/demo.sh', '--port', (string) $port],
            [['file', '/dev/null', 'r'], ['file', "{$database}.log", 'a'], ['file', "{$database}.log", 'a']], $pipes,
            base_path(), $environment,
        );
        $this->await(fn (): bool => is_file($this->mark()) && $this->answers());
    }

    public function answers(): bool
    {
        return Server::answers("http://127.0.0.1:{$this->port}/sign-in");
    }

    /** @return list<int> the server, then its workers */
    public function processes(): array
    {
        return array_map(intval(...), file($this->mark(), FILE_IGNORE_NEW_LINES) ?: []);
    }

    public function kill(int ...$processes): void
    {
        foreach ($processes as $process) {
            posix_kill($process, SIGKILL);
        }
    }

    /** What started the server, which sees to it that it goes on. */
    public function keeper(): int
    {
        return proc_get_status($this->process)['pid'];
    }

    public function stop(): void
    {
        proc_terminate($this->process);
        $this->await(fn (): bool => ! $this->answers());
        proc_close($this->process);
    }

    public function await(callable $is): void
    {
        $isSo = $is();
        for ($wait = 0; $wait < 1200 && ! $isSo; $wait++) {
            usleep(100_000);
            $isSo = $is();
        }
        expect($isSo)->toBeTrue((string) @file_get_contents("{$this->database}.log"));
    }

    /** Nothing of it outlives the test, whatever became of that. */
    public function __destruct()
    {
        if (is_resource($this->process)) {
            $this->kill($this->keeper(), ...(is_file($this->mark()) ? $this->processes() : []));
            is_file($this->mark()) && unlink($this->mark());
        }
    }

    private function mark(): string
    {
        return base_path("storage/app/demo-{$this->port}.pids");
    }
}

it('sends what is text small, and says how long what is built may be kept', function (): void {
    $server = Server::start();
    $ask = static function (string $path, string $takes) use ($server): array {
        $request = curl_init($server->address.$path);
        curl_setopt_array($request, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_HTTPHEADER => ["Accept-Encoding: {$takes}"],
        ]);
        [$headers, $body] = explode("\r\n\r\n", (string) curl_exec($request), 2);

        return [strtolower($headers), $body];
    };
    $style = '/build/'.json_decode((string) file_get_contents(public_path('build/manifest.json')), true)[
        'resources/css/player.css']['file'];
    foreach (['/sign-in', $style] as $path) {
        [$small, $body] = $ask($path, 'gzip');
        [$plain, $whole] = $ask($path, 'identity');
        expect($small)->toContain('content-encoding: gzip')->and($plain)->not->toContain('content-encoding')
            ->and(strlen($body))->toBeLessThan(strlen($whole) / 2);
    }
    expect($ask($style, 'gzip')[0])->toContain('max-age=31536000, immutable')
        ->and(gzdecode($ask($style, 'gzip')[1]))->toBe($ask($style, 'identity')[1])
        ->and($ask('/lamp.svg', 'gzip')[0])->toContain('max-age=86400');
});

it('replaces what dies of it, starts again over what a killed one left, and leaves nothing behind', function (): void {
    $folder = sys_get_temp_dir().'/fravel-demo-'.getmypid();
    mkdir($folder);
    $port = Server::freePort();
    $demo = new DemoServer($port, "{$folder}/demo.sqlite");
    $before = $demo->processes();
    expect($before)->toHaveCount(5);
    $demo->kill($before[2]);
    $demo->await(fn (): bool => $demo->processes() !== $before && count($demo->processes()) === 5 && $demo->answers());
    $left = $demo->processes();
    $demo->kill($demo->keeper(), $left[0]);
    $again = new DemoServer($port, "{$folder}/demo.sqlite");
    $again->await(
        fn (): bool => array_intersect(
            $again->processes(), $left,
        ) === [] && count($again->processes()) === 5 && $again->answers(),
    );
    $again->stop();
    expect(glob(base_path("storage/app/demo-{$port}.pids")))->toBe([]);
    Illuminate\Support\Facades\File::deleteDirectory($folder);
});

it('names a database that is damaged, empty or gone, and leaves it as it is', function (
    Closure $spoil, string $words,
): void {
    $path = sys_get_temp_dir().'/fravel-unsound-'.getmypid().'.sqlite';
    array_map(static fn (string $file): bool => unlink($file), glob("{$path}*") ?: []);
    $whole = new PDO("sqlite:{$path}");
    $whole->exec('create table answers (words text); begin');
    foreach (range(1, 2000) as $number) {
        $whole->exec("insert into answers values ('".str_repeat("{$number} ", 20)."')");
    }
    $whole->exec('commit');
    unset($whole);
    $spoil($path);
    $digest = static fn (): ?string => is_file($path) ? (string) hash_file('sha256', $path) : null;
    $before = $digest();
    putenv("FRAVEL_DEMO_DATABASE={$path}");
    exec('cd '.base_path().' && bash bin/demo.sh --port '.Server::freePort().' 2>&1', $said, $status);
    putenv('FRAVEL_DEMO_DATABASE');

    expect($status)->toBe(1)->and(implode(' ', $said))->toContain($words)->toContain('left as it is')
        ->and($digest())->toBe($before);
})->with([
    'damaged' => [fn (string $path) => file_put_contents(
        $path, substr_replace((string) file_get_contents($path), str_repeat('x', 9000), 20_000, 9000),
    ), 'is damaged'],
    'cut' => [
        fn (string $path) => file_put_contents($path, substr((string) file_get_contents($path), 0, 30_000)),
        'malformed',
    ],
    'no database' => [fn (string $path) => file_put_contents($path, str_repeat('Words. ', 999)), 'not a database'],
    'empty' => [fn (string $path) => file_put_contents($path, ''), 'is empty'],
    'gone' => [fn (string $path) => rename($path, "{$path}-wal"), 'is gone'],
]);

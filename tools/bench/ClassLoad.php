<?php

declare(strict_types=1);

namespace Tools\Bench;

use CurlHandle;
use CurlMultiHandle;
use RuntimeException;

/**
 * Classes that play at once, over HTTP: students join, think, act and look at their pulse; a board is open for each
 * class; and between them a bare route is asked, so that all is measured in the same seconds. Thinking goes four
 * times as fast as children think.
 */
final class ClassLoad
{
    /** How much faster than children these think. */
    private const HASTE = 4.0;

    /** Seconds between looks at a pulse, or the lines of a board; before all rows; and between bare requests. */
    private const PULSE = 0.5;

    private const CALM = 1.2;

    private const BARE = 0.05;

    private CurlMultiHandle $all;

    /** @var array<int, array{kind: string, who: int, since: float}> handle → what it is about */
    private array $under = [];

    /** @var list<array{float, string, int}> when, what, who: a heap would be quicker, the lists are short */
    private array $due = [];

    /** @var array<string, list<float>> kind → milliseconds */
    private array $took = [];

    /** @var list<array<string, mixed>> */
    private array $students;

    /** @var list<array{float, string, int}> what is due later, found out meanwhile */
    private array $again = [];

    private float $lasted = 1.0;

    private int $errors = 0;

    private int $accepted = 0;

    /** @var list<array{run: string, lines: string, at: int, isDue: bool}> */
    private array $boards = [];

    private function __construct(private readonly string $address, string $file, private readonly string $session)
    {
        $this->all = curl_multi_init();
        $lines = file($file, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
        $this->students = array_map(
            static fn (string $line): array => (array) json_decode($line, true) + ['at' => 0, 'beat' => ''], $lines,
        );
    }

    /** @return string a line of the table */
    public static function of(Stage $stage, int $students, int $classes, int $seconds): string
    {
        $file = $stage->classes($students, $classes);
        $before = $stage->eventCount();
        $load = new self($stage->address(), $file, $stage->signIn(BenchClasses::EMAIL, BenchClasses::PASSWORD));
        $load->play($seconds);
        $lost = $load->accepted - ($stage->eventCount() - $before - count($load->students));

        return $load->line($lost);
    }

    public static function head(): string
    {
        return 'students   actions/s   p50 ms   p95 ms   p99 ms   ÷ bare: p50    p95    p99   boards ms: p50    p95   '
            .'errors   lost';
    }

    private function line(int $lost): string
    {
        $at = fn (string $kind, float $part): float => self::quantile($this->took[$kind] ?? [0.0], $part);
        $ratio = static fn (float $part): float => $at('action', $part) / max(0.01, $at('bare', $part));

        return sprintf(
            '%8d   %9.1f   %6.1f   %6.1f   %6.1f   %11.2f   %4.2f   %4.2f   %14.1f   %4.1f   %6d   %4d',
            count($this->students), count($this->took['action'] ?? []) / $this->lasted, $at('action', 0.5),
            $at('action', 0.95), $at('action', 0.99), $ratio(0.5), $ratio(0.95), $ratio(0.99), $at('rows', 0.5),
            $at('rows', 0.95), $this->errors, $lost,
        );
    }

    private function play(int $seconds): void
    {
        foreach (array_keys($this->students) as $who) {
            $this->join($who);
        }
        $this->took = [];
        $begin = microtime(true);
        foreach ($this->students as $who => $student) {
            $this->due[] = [$begin + $this->think($who), 'action', $who];
            $this->due[] = [$begin + self::PULSE * mt_rand(0, 1000) / 1000, 'pulse', $who];
        }
        $this->boards = array_map($this->board(...), array_values(array_unique(array_column($this->students, 'run'))));
        foreach (array_keys($this->boards) as $place) {
            $this->due[] = [$begin + self::PULSE * mt_rand(0, 1000) / 1000, 'board', $place];
        }
        $this->due[] = [$begin, 'bare', 0];
        while (microtime(true) < $begin + $seconds) {
            $this->turn(true);
        }
        $this->lasted = microtime(true) - $begin;
        for ($wait = 0; $this->under !== [] && $wait < 2000; $wait++) {
            $this->turn(false);
        }
    }

    /** Starts what is due, and takes what came back. */
    private function turn(bool $isOn): void
    {
        $now = microtime(true);
        if ($isOn) {
            $later = [];
            foreach ($this->due as $one) {
                $one[0] <= $now ? $this->send($one[1], $one[2]) : $later[] = $one;
            }
            $this->due = [...$later, ...$this->again];
            $this->again = [];
        }
        curl_multi_exec($this->all, $running);
        while (($done = curl_multi_info_read($this->all)) !== false) {
            $this->take($done['handle'], (int) $done['result']);
        }
        $running > 0 ? curl_multi_select($this->all, 0.002) : usleep(500);
    }

    private function send(string $kind, int $who): void
    {
        match ($kind) {
            'action' => $this->act($who),
            'pulse' => $this->request('pulse', $who, (string) $this->students[$who]['pulse']),
            'news' => $this->request('news', $who, "/p/{$this->students[$who]['code']}/news?seq=99999&since=0", null, [
                'Cookie: fravel_play='.$this->students[$who]['ticket'],
            ]),
            'board' => $this->request('board', $who, $this->boards[$who]['lines'], null, [
                'Range: bytes='.($this->boards[$who]['at'] - 1).'-',
            ]),
            'rows' => $this->request('rows', $who, "/runs/{$this->boards[$who]['run']}/standing", null, [
                "Cookie: {$this->session}",
            ]),
            default => $this->request('bare', 0, '/bench/bare'),
        };
    }

    private function act(int $who): void
    {
        $student = $this->students[$who];
        $step = $student['steps'][$student['at']] ?? null;
        if ($step === null) {
            return;
        }
        $verb = array_values(array_diff(array_keys($step['action']), ['with']))[0];
        $fields = ['verb' => $verb, 'key' => bin2hex(random_bytes(8)), 'ticket' => $student['ticket']];
        $step['action'][$verb] === true ?: $fields['on'] = $step['action'][$verb];
        isset($step['action']['with']) && $fields['with'] = $step['action']['with'];
        $this->request('action', $who, "/p/{$student['code']}", http_build_query($fields), [
            'Accept: application/json', 'Cookie: fravel_play='.$student['ticket'],
        ]);
    }

    /** Everybody joins before it is measured, one after the other. */
    private function join(int $who): void
    {
        $student = $this->students[$who];
        $request = $this->handle("/p/{$student['code']}/join", http_build_query(['name' => $student['name']]), []);
        curl_setopt($request, CURLOPT_HEADER, true);
        $reply = (string) curl_exec($request);
        if (preg_match('/fravel_play=([^;]+)/', $reply, $ticket) !== 1) {
            throw new RuntimeException("{$student['name']} could not join: ".substr($reply, 0, 300));
        }
        $page = curl_exec($this->handle("/p/{$student['code']}", null, ['Cookie: fravel_play='.$ticket[1]]));
        preg_match('/data-pulse="([^"]+)"/', (string) $page, $pulse);
        $this->students[$who] = ['ticket' => urldecode($ticket[1]), 'pulse' => $pulse[1] ?? '/'] + $student;
    }

    /** @param  list<string>  $headers */
    private function request(string $kind, int $who, string $path, ?string $body = null, array $headers = []): void
    {
        $handle = $this->handle($path, $body, $headers);
        $this->under[(int) spl_object_id($handle)] = ['kind' => $kind, 'who' => $who, 'since' => microtime(true)];
        curl_multi_add_handle($this->all, $handle);
    }

    /** @param  list<string>  $headers */
    private function handle(string $path, ?string $body, array $headers): CurlHandle
    {
        $handle = curl_init($this->address.$path);
        if ($handle === false) {
            throw new RuntimeException('curl did not start.');
        }
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30, CURLOPT_HTTPHEADER => $headers,
        ] + ($body === null ? [] : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => $body]));

        return $handle;
    }

    private function take(CurlHandle $handle, int $result): void
    {
        ['kind' => $kind, 'who' => $who] = $this->under[(int) spl_object_id($handle)];
        unset($this->under[(int) spl_object_id($handle)]);
        $status = (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        $body = (string) curl_multi_getcontent($handle);
        $this->took[$kind][] = 1000 * (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME);
        curl_multi_remove_handle($this->all, $handle);
        $now = microtime(true);
        if ($result !== 0 || $status !== ($kind === 'board' ? 206 : 200)) {
            $this->errors++;
        }
        if ($kind === 'action') {
            $this->accepted += (int) ($status === 200 && is_int(json_decode($body, true)['seq'] ?? null));
            $this->students[$who]['at']++;
            $this->students[$who]['beat'] = json_decode($body, true)['beat'] ?? $this->students[$who]['beat'];
            $this->again[] = [$now + $this->think($who), 'action', $who];
        } elseif ($kind === 'pulse') {
            // What it did itself it knows; a change of somebody else's is asked for.
            $isNew = ! in_array($this->students[$who]['beat'], ['', $body], true);
            $this->students[$who]['beat'] = $body;
            $isNew && $this->again[] = [$now, 'news', $who];
            $this->again[] = [$now + self::PULSE, 'pulse', $who];
        } elseif ($kind === 'board') {
            $this->again[] = [$now + self::PULSE, 'board', $who];
            $this->readOn($who, substr($body, 1), $now);
        } elseif ($kind === 'rows') {
            $this->boards[$who] = ['isDue' => false] + $this->boards[$who];
        } elseif ($kind === 'bare') {
            $this->again[] = [$now + self::BARE, 'bare', 0];
        }
    }

    /** @return array{run: string, lines: string, at: int, isDue: bool} as the page of a board begins */
    private function board(string $run): array
    {
        $page = (string) curl_exec($this->handle("/runs/{$run}", null, ["Cookie: {$this->session}"]));
        preg_match('~data-lines="(/pulse/[^"]+)" data-at="(\d+)"~', $page, $lines);

        return ['run' => $run, 'lines' => $lines[1] ?? '/', 'at' => (int) ($lines[2] ?? 1), 'isDue' => false];
    }

    /** A board asks for all its rows where a line is too little, once at a time. */
    private function readOn(int $who, string $lines, float $now): void
    {
        $board = $this->boards[$who];
        $isDue = str_contains($lines, '*');
        $isDue && ! $board['isDue'] && $this->again[] = [$now + self::CALM, 'rows', $who];
        $this->boards[$who] = ['at' => $board['at'] + strlen($lines), 'isDue' => $isDue || $board['isDue']] + $board;
    }

    /**
     * What keeping a board up to date costs, against as many loads of its whole page: looks at its lines twice a second
     * and a change every two seconds.
     */
    public static function boards(Stage $stage, int $teams): string
    {
        $load = new self($stage->address(), $stage->classes($teams, 1), $stage->signIn(
            BenchClasses::EMAIL, BenchClasses::PASSWORD,
        ));
        foreach (array_keys($load->students) as $who) {
            $load->join($who);
        }
        $run = (string) $load->students[0]['run'];
        ['lines' => $lines, 'at' => $at] = $load->board($run);
        $busy = fn (int $times, string $path, ?int $from = null): float => $stage->busy(
            function () use ($load, $path, $times, $from): void {
                $headers = ["Cookie: {$load->session}", ...($from === null ? [] : ["Range: bytes={$from}-"])];
                for ($time = 0; $time < $times; $time++) {
                    curl_exec($load->handle($path, null, $headers));
                }
            },
        ) / $times;
        $look = $busy(2000, $lines, $at - 1);
        [$fresh, $whole] = [$busy(200, "/runs/{$run}/standing"), $busy(200, "/runs/{$run}")];
        $line = $stage->line($run);

        return sprintf(
            'A board of %d teams, processor time of nginx and php-fpm: a look at its lines %.3f ms, the line of a '
                .'change %.3f ms, all its rows %.2f ms, its whole page %.2f ms. Of as many whole pages, four looks and '
                .'a change every two seconds are %.2f %%; with all rows asked for once a minute %.2f %%.',
            $teams, $look, $line, $fresh, $whole, 100 * (4 * $look + $line) / (5 * $whole),
            100 * (4 * $look + $line + $fresh / 30) / (5 * $whole),
        );
    }

    /** Seconds until a student acts next. */
    private function think(int $who): float
    {
        $student = $this->students[$who];

        return max(0.2, ($student['steps'][$student['at']]['wait'] ?? 0) / self::HASTE);
    }

    /** @param  list<float>  $values */
    private static function quantile(array $values, float $part): float
    {
        sort($values);

        return $values[(int) min(count($values) - 1, floor($part * count($values)))];
    }
}

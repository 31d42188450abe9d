<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

use CurlHandle;

/**
 * One who sends fifty answers a second while a class plays: to a guarded lock, to one that is not in view or not there,
 * with another's play, and to a run that is closed. What the class feels of it, and what is learned by it.
 */
final class Flood
{
    private const A_SECOND = 50;

    private const STUDENTS = 20;

    /** By how much a class may be slower meanwhile, and milliseconds that are no difference. */
    private const SLOWER = 1.5;

    private const SLACK = 5.0;

    /** @param  array<string, string>  $ids  of the run's parts, as devices know them */
    private function __construct(
        private readonly Arena $arena, private readonly array $ids, private readonly float $seconds,
    ) {
    }

    /** @return list<Figure> */
    public static function report(Arena $arena, float $seconds): array
    {
        $ids = json_decode($arena->tinker(self::setUp()), true);
        $flood = new self($arena, $ids, min(6.0, $seconds));
        $quiet = $flood->during(null);
        $figures = [new Figure(sprintf('A class of %d alone: p95 %.0f ms', self::STUDENTS, $quiet['p95']))];
        foreach (['guarded', 'hidden', 'absent', 'another', 'closed'] as $kind) {
            $kind === 'closed' && $arena->tinker("App\\Models\\Run::query()->update(['closed_at' => now()]);");
            $found = $flood->during($kind);
            $figures[] = new Figure(sprintf(
                '%d answers a second, %s: %d sent, %s; bodies of %s bytes; median %.1f ms; the class p95 %.0f ms',
                self::A_SECOND, $kind, $found['sent'], $found['came'], $found['sizes'], $found['median'], $found['p95'],
            ), $found['p95'] < self::SLOWER * $quiet['p95'] + self::SLACK);
        }

        return $figures;
    }

    /** A class whose game has a guarded lock, an open one and one that only holders of a key see. */
    private static function setUp(): string
    {
        $students = self::STUDENTS;

        return <<<PHP
            \$t = App\Models\User::create([
                "name" => "Owner", "email" => "flood@skerrypoint.example", "password" => "a quiet harbour",
            ]);
            \$lock = fn (string \$id): array => ["id" => \$id, "kind" => "lock", "ask" => "?",
                "input" => ["type" => "text"], "rules" => [["match" => ["equals" => "gannet"], "verdict" => "open"]]];
            \$game = Fravel\Edit\Blank::game("Flood", ["scene" => "One", "hello" => "Hello"]);
            \$game["tokens"] = [["id" => "key", "name" => "Key", "kind" => "item"]];
            array_push(
                \$game["scenes"][0]["things"], \$lock("free"),
                ["guard" => ["tries" => 3, "wait" => 60]] + \$lock("guarded"),
                ["if" => ["has" => "key"]] + \$lock("hidden"),
            );
            \$g = app(App\Actions\CreateGame::class)->handle(\$t, \$game);
            \$r = app(App\Actions\OpenRun::class)->handle(\$g, "Flood", false);
            \$renamed = \$r->edition->renamed;
            \$join = fn (string \$name): string => App\Play\Ticket::for(
                app(App\Actions\JoinRun::class)->begin(\$r, \$name, null)->id,
            )->text();
            echo json_encode([
                "code" => \$r->code, "free" => \$renamed["free"], "guarded" => \$renamed["guarded"],
                "hidden" => \$renamed["hidden"], "absent" => "p-bcdfghjk", "attacker" => \$join("Mallow"),
                "students" => array_map(fn (int \$one): string => \$join("Student \$one"), range(1, {$students})),
            ]);
            PHP;
    }

    /** @return array{p95: float, sent: int, came: string, sizes: string, median: float} */
    private function during(?string $kind): array
    {
        $multi = curl_multi_init();
        $begun = microtime(true);
        [$sent, $asked, $class, $attack] = [0, 0, [], ['status' => [], 'sizes' => [], 'times' => []]];
        $kinds = [];
        while (($now = microtime(true) - $begun) < $this->seconds || $kinds !== []) {
            while ($now < $this->seconds && $kind !== null && $sent < $now * self::A_SECOND) {
                $handle = $this->answer($kind);
                $kinds[spl_object_id($handle)] = 'attack';
                curl_multi_add_handle($multi, $handle);
                $sent++;
            }
            while ($now < $this->seconds && $asked < $now * self::STUDENTS / 2) {
                $handle = $this->sent($this->ids['free'], $this->ids['students'][$asked % self::STUDENTS]);
                $kinds[spl_object_id($handle)] = 'class';
                curl_multi_add_handle($multi, $handle);
                $asked++;
            }
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.005);
            while ($done = curl_multi_info_read($multi)) {
                $handle = $done['handle'];
                $time = 1000 * curl_getinfo($handle, CURLINFO_TOTAL_TIME);
                if ($kinds[spl_object_id($handle)] === 'class') {
                    $class[] = $time;
                } else {
                    $body = (string) curl_multi_getcontent($handle);
                    $attack['status'][] = curl_getinfo($handle, CURLINFO_RESPONSE_CODE).' '.self::outcome($body);
                    $attack['sizes'][] = strlen($body);
                    $attack['times'][] = $time;
                }
                unset($kinds[spl_object_id($handle)]);
                curl_multi_remove_handle($multi, $handle);
            }
        }
        $counts = array_count_values($attack['status']);

        return [
            'p95' => self::share($class, 0.95), 'sent' => $sent,
            'came' => implode(', ', array_map(
                static fn (string $what, int $count): string => "{$count} × {$what}", array_keys($counts), $counts,
            )),
            'sizes' => implode(' or ', array_unique($attack['sizes'])), 'median' => self::share($attack['times'], 0.5),
        ];
    }

    private function answer(string $kind): CurlHandle
    {
        $ticket = $kind === 'another'
            ? explode('.', $this->ids['students'][0])[0].'.'.(explode('.', $this->ids['attacker'])[1] ?? '')
            : $this->ids['attacker'];

        return $this->sent($this->ids[$kind] ?? $this->ids['free'], $ticket);
    }

    private function sent(string $lock, string $ticket): CurlHandle
    {
        $handle = curl_init("{$this->arena->address}/p/{$this->ids['code']}");
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 20,
            CURLOPT_POSTFIELDS => http_build_query([
                'verb' => 'answer', 'on' => $lock, 'with' => 'guess '.random_int(1, 99999),
                'key' => bin2hex(random_bytes(10)), 'ticket' => $ticket,
            ]),
            CURLOPT_HTTPHEADER => ['Accept: application/json', "Cookie: fravel_play={$ticket}"],
        ]);

        return $handle;
    }

    private static function outcome(string $body): string
    {
        $reply = json_decode($body, true);

        return is_array($reply) ? match (true) {
            isset($reply['refusal']) => 'refused',
            isset($reply['stranger']) => 'stranger',
            default => (string) ($reply['verdict']['verdict'] ?? 'taken'),
        } : 'no reply';
    }

    /** @param  list<float>  $times */
    private static function share(array $times, float $share): float
    {
        sort($times);

        return $times[(int) floor($share * max(0, count($times) - 1))] ?? 0.0;
    }
}

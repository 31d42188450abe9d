<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

/** Asks every route for what is another's: as nobody, and as a teacher whose it is not. */
final class Strangers
{
    private const SECRET = 'The secret of the lamp';

    /** Open to everybody, and nobody's. */
    private const OPEN = [
        '/', 'join', 'register', 'register/finish', 'sign-in', 'forgotten', 'reset/{token}', 'reset', 'outbox',
        'settings/{kind}/{tone}.svg', 'sign-out', 'games', 'games/new', 'games/new/worksheet',
        'games/new/worksheet/build', 'up', 'certificates', 'receiver',
    ];

    /** A teacher with a game, a run and a play in it; prints their ids by the places in addresses. */
    private static function setUp(): string
    {
        $secret = self::SECRET;

        return <<<PHP
            \$t = App\Models\User::create([
                "name" => "Owner", "email" => "owner@skerrypoint.example", "password" => "a quiet harbour",
            ]);
            \$blank = Fravel\Edit\Blank::game("{$secret}", ["scene" => "One", "hello" => "Hello"]);
            \$g = app(App\Actions\CreateGame::class)->handle(\$t, \$blank);
            \$r = app(App\Actions\OpenRun::class)->handle(\$g, "{$secret}", false);
            \$p = app(App\Actions\JoinRun::class)->begin(\$r, "Mia", null);
            echo json_encode([
                "{game}" => \$g->id, "{run}" => \$r->id, "{play}" => \$p->id, "{code}" => \$r->code,
                "{file}" => str_repeat("a", 64).".svg",
            ]);
            PHP;
    }

    /** @return list<Figure> */
    public static function report(Arena $arena): array
    {
        $ids = json_decode($arena->tinker(self::setUp()), true);
        $other = Teacher::signedIn($arena, 'other@skerrypoint.example');
        [$tried, $refused, $leaks] = [0, 0, []];
        foreach (json_decode($arena->artisan('route:list --json'), true) as $route) {
            if (in_array($route['uri'], self::OPEN, true) || str_contains($route['uri'], 'storage')) {
                continue;
            }
            foreach (explode('|', $route['method']) as $method) {
                foreach (['nobody' => null, 'another' => $other] as $who => $teacher) {
                    $tried++;
                    [$status, $body] = self::ask($arena, $method, '/'.strtr($route['uri'], $ids), $teacher);
                    $isStudents = str_starts_with($route['uri'], 'p/');
                    $isLeak = $isStudents ? str_contains($body, 'Hello') : (
                        $status < 300 || str_contains($body, self::SECRET)
                    );
                    $isLeak ? $leaks[] = "{$who} {$method} {$route['uri']} {$status}" : $refused++;
                }
            }
        }

        return [new Figure(
            sprintf('%d requests of strangers on every route: %d refused, %d leaks', $tried, $refused, count($leaks)),
            $leaks === [], $leaks,
        )];
    }

    /** @return array{int, string} status, body */
    private static function ask(Arena $arena, string $method, string $path, ?Teacher $teacher): array
    {
        $token = $teacher->token ?? '';

        $sent = match ($method) {
            'HEAD' => [CURLOPT_NOBODY => true],
            'POST' => [CURLOPT_POSTFIELDS => ''],
            default => [],
        };

        return self::curl(
            $arena, $method, $path,
            [
                CURLOPT_HTTPHEADER => ["X-XSRF-TOKEN: {$token}", 'Accept: text/html'],
            ] + $sent + ($teacher === null ? [] : [CURLOPT_COOKIEFILE => $teacher->jar]),
        );
    }

    /**
     * @param  array<int, mixed>  $options
     * @return array{int, string}
     */
    private static function curl(Arena $arena, string $method, string $path, array $options): array
    {
        $handle = curl_init($arena->address.$path);
        curl_setopt_array(
            $handle,
            $options + [CURLOPT_RETURNTRANSFER => true, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_TIMEOUT => 20],
        );
        $body = (string) curl_exec($handle);

        return [(int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), $body];
    }
}

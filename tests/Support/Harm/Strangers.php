<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

/** Asks every route for what is another's: as nobody, and as a teacher whose it is not. */
final class Strangers
{
    private const SECRET = 'The secret of the lamp';

    /** Open to everybody, and nobody's. */
    private const OPEN = ['/', 'join', 'register', 'register/finish', 'sign-in', 'forgotten', 'reset/{token}', 'reset', 'outbox', 'settings/{kind}/{tone}.svg', 'sign-out', 'games', 'games/new', 'games/new/worksheet', 'games/new/worksheet/build', 'up'];

    /** @return list<string> what came of it */
    public static function report(Arena $arena): array
    {
        $ids = json_decode($arena->tinker('$t = App\Models\User::create(["name" => "Owner", "email" => "owner@skerrypoint.example", "password" => "a quiet harbour"]); App\Models\User::create(["name" => "Other", "email" => "other@skerrypoint.example", "password" => "another harbour"]);
            $g = app(App\Actions\CreateGame::class)->handle($t, Fravel\Edit\Blank::game("'.self::SECRET.'", ["scene" => "One", "hello" => "Hello"])); $r = app(App\Actions\OpenRun::class)->handle($g, "'.self::SECRET.'", false); $p = app(App\Actions\JoinRun::class)->begin($r, "Mia", null);
            echo json_encode(["{game}" => $g->id, "{run}" => $r->id, "{play}" => $p->id, "{code}" => $r->code, "{file}" => str_repeat("a", 64).".svg"]);'), true);
        $other = self::signedIn($arena);
        [$tried, $refused, $leaks] = [0, 0, []];
        foreach (json_decode($arena->artisan('route:list --json'), true) as $route) {
            if (in_array($route['uri'], self::OPEN, true) || str_contains($route['uri'], 'storage')) {
                continue;
            }
            foreach (explode('|', $route['method']) as $method) {
                foreach (['nobody' => '', 'another' => $other] as $who => $cookies) {
                    $tried++;
                    [$status, $body] = self::ask($arena, $method, '/'.strtr($route['uri'], $ids), $cookies);
                    $isStudents = str_starts_with($route['uri'], 'p/');
                    $isLeak = $isStudents ? str_contains($body, 'Hello') : ($status < 300 || str_contains($body, self::SECRET));
                    $isLeak ? $leaks[] = "{$who} {$method} {$route['uri']} {$status}" : $refused++;
                }
            }
        }

        return [sprintf('%d requests of strangers on every route: %d refused, %d leaks%s', $tried, $refused, count($leaks), $leaks === [] ? '' : ': '.implode('; ', $leaks))];
    }

    private static function signedIn(Arena $arena): string
    {
        $jar = "{$arena->folder}/jar";
        $page = self::curl($arena, 'GET', '/sign-in', [CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar])[1];
        preg_match('/name="_token" value="([^"]+)"/', $page, $token);
        self::curl($arena, 'POST', '/sign-in', [CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar, CURLOPT_POSTFIELDS => http_build_query(['_token' => $token[1] ?? '', 'email' => 'other@skerrypoint.example', 'password' => 'another harbour'])]);

        return $jar;
    }

    /** @return array{int, string} status, body */
    private static function ask(Arena $arena, string $method, string $path, string $jar): array
    {
        $token = preg_match('/XSRF-TOKEN\s+(\S+)/', $jar === '' ? '' : (string) file_get_contents($jar), $found) === 1 ? urldecode($found[1]) : '';

        $sent = match ($method) {
            'HEAD' => [CURLOPT_NOBODY => true],
            'POST' => [CURLOPT_POSTFIELDS => ''],
            default => [],
        };

        return self::curl($arena, $method, $path, [CURLOPT_HTTPHEADER => ["X-XSRF-TOKEN: {$token}", 'Accept: text/html']] + $sent + ($jar === '' ? [] : [CURLOPT_COOKIEFILE => $jar]));
    }

    /**
     * @param  array<int, mixed>  $options
     * @return array{int, string}
     */
    private static function curl(Arena $arena, string $method, string $path, array $options): array
    {
        $handle = curl_init($arena->address.$path);
        curl_setopt_array($handle, $options + [CURLOPT_RETURNTRANSFER => true, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_TIMEOUT => 20]);
        $body = (string) curl_exec($handle);

        return [(int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), $body];
    }
}

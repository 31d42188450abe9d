<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

/**
 * Asks every route for what is another's, with bodies as pages send them: as nobody, as a teacher whose it is not, and
 * as a student of another run. Nothing of it may be seen, and no row of the owner's may be another afterwards.
 */
final class Strangers
{
    private const SECRET = 'The secret of the lamp';

    /** Open to everybody, and nobody's. */
    private const OPEN = [
        '/', 'join', 'register', 'register/finish', 'sign-in', 'forgotten', 'reset/{token}', 'reset', 'outbox',
        'settings/{kind}/{tone}.svg', 'sign-out', 'games', 'games/new', 'games/new/worksheet',
        'games/new/worksheet/build', 'up', 'certificates', 'receiver',
    ];

    /**
     * A teacher with a game, a run and a play in it, and another with a student; prints their ids by the places in
     * addresses.
     */
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
            \$other = app(App\Actions\OpenRun::class)->handle(app(App\Actions\CreateGame::class)->handle(
                App\Models\User::create(["name" => "O", "email" => "o@skerrypoint.example", "password" => "a quiet"]),
                Fravel\Edit\Blank::game("Another", ["scene" => "One", "hello" => "Here"]),
            ), "Another", false);
            \$finn = app(App\Actions\JoinRun::class)->begin(\$other, "Finn", null);
            echo json_encode([
                "ticket" => App\Play\Ticket::for(\$finn->id)->text(),
                "{game}" => \$g->id, "{run}" => \$r->id, "{play}" => \$p->id, "{code}" => \$r->code,
                "{file}" => str_repeat("a", 64).".svg",
            ]);
            PHP;
    }

    /**
     * @param  int  $each  of so many routes one is asked
     * @return list<Figure>
     */
    public static function report(Arena $arena, int $each = 1): array
    {
        $ids = json_decode($arena->tinker(self::setUp()), true);
        $other = Teacher::signedIn($arena, 'other@skerrypoint.example');
        [$tried, $refused, $leaks] = [0, 0, []];
        $before = self::owned($arena, $ids);
        foreach (json_decode($arena->artisan('route:list --json'), true) as $place => $route) {
            $isOpen = in_array($route['uri'], self::OPEN, true) || str_contains($route['uri'], 'storage');
            if ($isOpen || $place % $each !== 0) {
                continue;
            }
            foreach (explode('|', $route['method']) as $method) {
                foreach (['nobody', 'another', 'a student of another run'] as $who) {
                    $tried++;
                    [$status, $body] = self::ask(
                        $arena, $method, '/'.strtr($route['uri'], $ids), $who === 'another' ? $other : null,
                        $who === 'a student of another run' ? $ids['ticket'] : '',
                    );
                    $isStudents = str_starts_with($route['uri'], 'p/');
                    $isLeak = $isStudents ? str_contains($body, 'Hello') : (
                        $status < 300 || str_contains($body, self::SECRET)
                    );
                    $isLeak ? $leaks[] = "{$who} {$method} {$route['uri']} {$status}" : $refused++;
                }
            }
        }

        $changed = count(array_diff($before, self::owned($arena, $ids)));

        return [new Figure(
            sprintf(
                '%d requests of strangers on every route: %d refused, %d leaks, %d rows changed', $tried, $refused,
                count($leaks), $changed,
            ),
            $leaks === [] && $changed === 0, $leaks,
        )];
    }

    /**
     * @param  array<string, string>  $ids
     * @return list<string> each row that is the owner's, as it is now
     */
    private static function owned(Arena $arena, array $ids): array
    {
        $rows = [];
        foreach ([
            'select * from users where id = (select user_id from games where id = :game)',
            'select * from games where id = :game', 'select * from editions where game_id = :game',
            'select * from runs where game_id = :game', 'select * from changes where game_id = :game',
            'select plays.* from plays join runs on runs.id = run_id where game_id = :game',
            'select play_events.* from play_events join plays on plays.id = play_id join runs on runs.id = run_id '
                .'where game_id = :game',
        ] as $query) {
            $asked = $arena->pdo()->prepare($query);
            $asked->execute(['game' => $ids['{game}']]);
            array_push($rows, ...array_map(
                static fn (array $row): string => (string) json_encode($row), $asked->fetchAll(),
            ));
        }

        return $rows;
    }

    /** @return array<string, mixed> what pages send, all of it at once */
    private static function body(string $ticket): array
    {
        return [
            'command' => ['set' => '@game', 'field' => 'title', 'to' => 'Taken'], 'base' => 1, 'label' => 'Taken',
            'key' => bin2hex(random_bytes(10)), 'title' => 'Taken', 'name' => 'Taken', 'change' => 1,
            'verb' => 'continue', 'on' => 'p-bcdfghjk', 'with' => 'gannet', 'ticket' => $ticket, 'text' => 'Taken',
            'rows' => "What?\tthis", 'pattern' => 'ladder', 'plays_as' => 'each', 'takes_new' => '1',
            'play' => 'Taken', 'mend' => ['set' => 'x'],
        ];
    }

    /** @return array{int, string} status, body */
    private static function ask(
        Arena $arena, string $method, string $path, ?Teacher $teacher, string $ticket,
    ): array {
        $token = $teacher->token ?? '';

        $sent = match ($method) {
            'HEAD' => [CURLOPT_NOBODY => true],
            'GET' => [],
            default => [CURLOPT_POSTFIELDS => http_build_query(self::body($ticket))],
        };

        return self::curl(
            $arena, $method, $path,
            [
                CURLOPT_HTTPHEADER => ["X-XSRF-TOKEN: {$token}", 'Accept: text/html'],
            ] + $sent + ($teacher === null ? [] : [CURLOPT_COOKIEFILE => $teacher->jar])
                + ($ticket === '' ? [] : [CURLOPT_COOKIE => "fravel_play={$ticket}"]),
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

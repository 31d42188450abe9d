<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

/** A teacher who is signed in, with a game and a run of their own. */
final readonly class Teacher
{
    private const PASSWORD = 'a quiet harbour';

    private function __construct(public string $jar, public string $token, public string $game, public string $run)
    {
    }

    public static function signedIn(Arena $arena, string $email): self
    {
        $password = self::PASSWORD;
        [$game, $run] = explode(' ', $arena->tinker(<<<PHP
            \$t = App\Models\User::create(["name" => "Teacher", "email" => "{$email}", "password" => "{$password}"]);
            \$blank = Fravel\Edit\Blank::game("A game", ["scene" => "One", "hello" => "Hello"]);
            \$g = app(App\Actions\CreateGame::class)->handle(\$t, \$blank);
            \$r = app(App\Actions\OpenRun::class)->handle(\$g, "A run", false);
            echo \$g->id, " ", \$r->id;
            PHP));
        $jar = "{$arena->folder}/".md5($email);
        $page = self::curl($arena, $jar, []);
        preg_match('/name="_token" value="([^"]+)"/', $page, $token);
        self::curl(
            $arena, $jar,
            [
                CURLOPT_POSTFIELDS => http_build_query([
                    '_token' => $token[1] ?? '', 'email' => $email, 'password' => self::PASSWORD,
                ]),
            ],
        );
        preg_match('/XSRF-TOKEN\s+(\S+)/', (string) file_get_contents($jar), $found);

        return new self($jar, urldecode($found[1] ?? ''), $game, $run);
    }

    /** @param  array<int, mixed>  $options */
    private static function curl(Arena $arena, string $jar, array $options): string
    {
        $handle = curl_init("{$arena->address}/sign-in");
        curl_setopt_array(
            $handle,
            $options + [
                CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 20, CURLOPT_COOKIEJAR => $jar,
                CURLOPT_COOKIEFILE => $jar,
            ],
        );
        $body = (string) curl_exec($handle);
        // The jar is written when the handle goes.
        unset($handle);

        return $body;
    }
}

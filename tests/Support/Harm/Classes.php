<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

/** Code that sets up classes to be harmed, for Arena::tinker(). */
final class Classes
{
    /** `oneChoice(string $name): Run`, of a game with a choice `more` that counts and a guarded lock `door`. */
    public const ONE_CHOICE = <<<'PHP'
        function oneChoice(string $name): App\Models\Run
        {
            $t = App\Models\User::create([
                "name" => "T", "email" => "{$name}@skerrypoint.example", "password" => "a quiet harbour",
            ]);
            $game = Fravel\Edit\Blank::game("Harm", ["scene" => "One", "hello" => "Hello"]);
            $game["tallies"] = [["id" => "n", "name" => "N", "start" => 0]];
            array_push($game["scenes"][0]["things"], [
                "id" => "more", "kind" => "choice", "md" => "More",
                "react" => [["do" => [["add" => "n", "by" => 1]]]],
            ], [
                "id" => "door", "kind" => "lock", "ask" => "?", "input" => ["type" => "text"],
                "guard" => ["tries" => 2, "wait" => 60],
                "rules" => [["match" => ["equals" => "gannet"], "verdict" => "open"]],
            ]);

            return app(App\Actions\OpenRun::class)->handle(
                app(App\Actions\CreateGame::class)->handle($t, $game), $name, false,
            );
        }

        PHP;
}

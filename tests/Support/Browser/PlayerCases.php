<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use Fravel\Support\Json;
use RuntimeException;
use Tests\Support\Browser;
use Tests\Support\Builder;
use Tests\Support\Screens;

/** What PlayerTest is about: games, and ways to ask. */
final class PlayerCases
{
    /** Opens a demo game to a class and gives its code. */
    public static function openDemo(string $game = 'The Dark Lamp'): string
    {
        $teacher = Screens::teacher();
        $teacher->go('/games?seek='.urlencode($game))->press($game)
            ->press('Open a run')
            ->press('Open it')
            ->see('Nobody has joined yet');

        return $teacher->find('.run-code')->getText();
    }

    public static function joined(
        Browser $student, string $code, string $name, string $sees = 'The ferry that brought you',
    ): Browser {
        return $student->go("/p/{$code}")->type('#name', $name)->press('Begin')->see($sees);
    }

    /**
     * A rehearsal of a game with these scenes, from the first of them.
     *
     * @param  list<array<string, mixed>>  $scenes
     * @param  array<string, list<array<string, mixed>>>  $more  lists of the game
     */
    public static function rehearsed(array $scenes, int $width = 390, int $height = 844, array $more = []): Browser
    {
        $builder = Builder::ofNewGame('Drawn');
        $commands = [];
        foreach ($more + ['scenes' => $scenes] as $list => $parts) {
            foreach ($parts as $place => $part) {
                $commands[] = [
                    'insert' => $list, 'in' => '@game', 'after' => $parts[$place - 1]['id'] ?? null, 'value' => $part,
                ];
            }
        }
        $first = $builder->document()['scenes'][0]['id'];
        $sent = ['together' => [
            ...$commands, ['set' => '@game', 'field' => 'start', 'to' => $scenes[0]['id']], ['remove' => $first],
        ]];
        $token = 'decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)[1])';
        $status = $builder->browser->script(
            "const json = 'application/json'; "
                ."const headers = {'Content-Type': json, Accept: json, 'X-XSRF-TOKEN': {$token}}; "
                .'const body = {label: "drawn", base: 1, made: 1, own: [], key: crypto.randomUUID()}; '
                .'return fetch(`${location.pathname}/edits`, {method: "POST", headers, '
                .'body: JSON.stringify({...body, command: JSON.parse(arguments[0])})})'
                .'.then((reply) => reply.ok ? "" : reply.text())',
            Json::write($sent),
        );
        $status === '' ?: throw new RuntimeException((string) $status);

        return $builder->browser->resize($width, $height)->go("{$builder->browser->path()}/rehearsal");
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use PDO;
use Tests\Support\Browser;
use Tests\Support\Screens;
use Tests\Support\Server;

/** Runs that are played together, for tests in browsers. */
final class TogetherCases
{
    public static Browser $teacher;

    /** A run of the demo game that is played in this way. Its code. */
    public static function opened(string $mode): string
    {
        self::$teacher = Screens::teacher()->go('/games?seek=The+Dark+Lamp')->press('The Dark Lamp')
            ->press('Open a run')->click("[name=plays_as][value={$mode}]")->press('Open it');

        return self::$teacher->find('.run-code')->getText();
    }

    /** @param  array<string, string>  $fields  what is typed at the door */
    public static function joined(string $code, array $fields): Browser
    {
        $student = Screens::open(390, 844)->go("/p/{$code}");
        foreach ($fields as $field => $text) {
            $student->type($field, $text);
        }

        return $student->press('Begin');
    }

    /** The address of the demo's run with this label. */
    public static function pathOf(Browser $teacher, string $label): string
    {
        return (string) $teacher->go('/games?seek=The+Fog+Crossing')->script(
            'return [...document.querySelectorAll(".strip-runs p")]'
                .'.find((run) => run.textContent.includes(arguments[0])).querySelector("a").pathname',
            $label,
        );
    }

    /** @return list<string> what somebody answered, in the order in which it was kept */
    public static function answers(string $code, string $name): array
    {
        $database = new PDO('sqlite:'.Server::start()->folder.'/fravel.sqlite');
        $found = $database->prepare(
            'select json_extract(action, \'$.with\') from play_events join plays on plays.id = play_id '
                .'join runs on runs.id = run_id where code = ? and name = ? '
                .'and action like \'{"answer"%\' order by play_events.seq',
        );
        $found->execute([$code, $name]);

        return $found->fetchAll(PDO::FETCH_COLUMN);
    }
}

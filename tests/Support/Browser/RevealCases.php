<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Support\Browser;
use Tests\Support\Builder;
use Tests\Support\Screens;

/** What RevealTest is about: a board that is built of a paste, and hands on its covers. */
final class RevealCases
{
    /** Before the form of a pattern, in a new game. */
    public static function begun(string $pattern = 'reveal'): Builder
    {
        return (new Builder(Screens::teacher()->go('/games/new')))->offer($pattern);
    }

    /** Builds what was pasted, and rehearses it. */
    public static function built(Builder $builder): Browser
    {
        $builder->kept();
        $builder->press('Build it');

        return $builder->built()->kept()->click('#rehearse')->see('Rehearsal');
    }

    /** @return list<string> names of the covers on the stage */
    public static function covers(Browser $student): array
    {
        return $student->script(
            'return [...document.querySelectorAll("[data-drawn] [data-cover] button")].map((one) => one.ariaLabel)',
        );
    }

    /** Drags the moving part of a cover along its way, so many times its own width. */
    public static function slide(Browser $student, string $name, float $far): Browser
    {
        $student->find("[data-drawn] .drawer-handle[aria-label=\"{$name}\"]");
        [$x, $y, $across] = $student->script(
            'const part = document.querySelector(`[data-drawn] .drawer-handle[aria-label="${arguments[0]}"]`);'
                .'const box = part.getBoundingClientRect(); const drawer = part.closest(".drawer");'
                .'const sign = Math.sign(Number(drawer.dataset.way.split(" ")[0]))'
                .'    * (drawer.dataset.open === "1" ? -1 : 1);'
                .'return [box.x + box.width / 2, box.y + box.height / 2, sign * box.width]',
            $name,
        );
        $to = static fn (float $share): array => [
            'type' => 'pointerMove', 'duration' => 30,
            'x' => (int) round($x + $across * $far * $share), 'y' => (int) $y,
        ];
        $way = array_map($to, [0.0, 0.25, 0.5, 0.75, 1.0]);
        $down = ['type' => 'pointerDown', 'button' => 0];

        return $student->perform(
            Browser::mouse([$way[0], $down, ...array_slice($way, 1), ['type' => 'pointerUp', 'button' => 0]]),
        );
    }

    /**
     * @param  list<string>  $letters
     * @return list<string> files of the flags that the demo game uses
     */
    public static function flags(array $letters): array
    {
        $folder = dirname(__DIR__, 3).'/database/demo/find-the-flag/assets';

        return array_map(static fn (string $letter): string => "{$folder}/{$letter}.svg", $letters);
    }

    /**
     * @param  list<string>  $names
     * @return list<string> files with pictures, called so
     */
    public static function called(array $names): array
    {
        $folder = sys_get_temp_dir().'/fravel-pictures-'.getmypid();
        is_dir($folder) || mkdir($folder);

        return array_map(static function (string $flag, string $name) use ($folder): string {
            copy($flag, "{$folder}/{$name}.svg");

            return "{$folder}/{$name}.svg";
        }, self::flags(array_slice(range('a', 'z'), 0, count($names))), $names);
    }

    /** How many cells of a hidden picture are seen. */
    public static function cellsSeen(Browser $student): int
    {
        return (int) $student->script(
            'return [...document.querySelectorAll(".stage-mosaic path")].map((one) => one.getAttribute("d"))'
                .'.join("").match(/h\\d+/g)?.map((run) => Number(run.slice(1)))'
                .'.reduce((sum, run) => sum + run, 0) ?? 0',
        );
    }

    /** How many boxes of a find-it board are seen. */
    public static function boxes(Browser $student): int
    {
        return $student->script(
            'return [...document.querySelectorAll("[data-box]")].filter((one) => one.checkVisibility()).length',
        );
    }

    /** Picks the box that the prompt asks for, which only the teacher's document tells; or another. */
    public static function pickBox(Browser $student, bool $isWrong = false): Browser
    {
        $box = $student->script(
            'const [isWrong] = arguments;'
                .'const shown = [...document.querySelectorAll("[data-find-prompt]")]'
                .'    .find((one) => one.checkVisibility());'
                .'return fetch(location.pathname.replace("rehearsal", "document")).then((reply) => reply.json())'
                .'.then(({document: {scenes}}) => scenes[0].things[0].boxes)'
                .'.then((boxes) => boxes.find(({ask}) => (ask === shown.textContent.trim()) !== isWrong).id)',
            $isWrong,
        );
        $student->script(
            'const box = [...document.querySelectorAll(`[data-box="${arguments[0]}"]`)].find((one) => '
                .'one.checkVisibility()); box.scrollIntoView({block: "center"}); box.focus(); box.click()', $box,
        );

        return $student;
    }

    /** Draws over the middle half of a mosaic, from left to right. */
    public static function drawAcross(Browser $card): void
    {
        [$left, $middle, $width] = $card->script(
            'const board = document.querySelector(".mosaic-board svg"); board.scrollIntoView({block: "center"});'
                .'const box = board.getBoundingClientRect(); return [box.x, box.y + box.height / 2, box.width]',
        );
        $at = static fn (float $part): array => [
            'type' => 'pointerMove', 'duration' => 40, 'x' => (int) ($left + $part * $width), 'y' => (int) $middle,
        ];
        $way = array_map($at, [0.3, 0.4, 0.5, 0.6, 0.7]);
        $card->perform(Browser::mouse([
            $at(0.25), ['type' => 'pointerDown', 'button' => 0], ...$way, ['type' => 'pointerUp', 'button' => 0],
        ]));
    }

    public static function goOffline(Browser $board): void
    {
        (new ChromeDevToolsDriver($board->driver))->execute('Network.emulateNetworkConditions', [
            'offline' => true, 'latency' => 0, 'downloadThroughput' => 0, 'uploadThroughput' => 0,
        ]);
    }

    /** Whether it comes to rest where it was. */
    public static function rests(Browser $student, string $name): bool
    {
        $student->until(fn (): bool => $student->script(
            'const part = document.querySelector(`[data-drawn] .drawer-handle[aria-label="${arguments[0]}"]`)'
                .'.closest("[data-moved]"); return part.transform.baseVal[0].matrix.e === 0',
            $name,
        ));

        return true;
    }
}

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

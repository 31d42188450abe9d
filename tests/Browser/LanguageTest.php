<?php

use Tests\Support\Feature\LanguageCases;
use Tests\Support\Screens;

it('speaks German everywhere in the workshop, and no word of another language', function (): void {
    $teacher = Screens::teacher()->choose('#interface-language', 'Deutsch')->see('Ihre Spiele');
    $strangers = [];
    $look = function (string $where) use ($teacher, &$strangers): void {
        $seen = $teacher->script(
            'return document.body.innerText + " | " + [...document.querySelectorAll("[aria-label], [title], '
                .'[placeholder], [alt]")].flatMap((node) => ["aria-label", "title", "placeholder", "alt"].map((name) '
                .'=> node.getAttribute(name))).filter(Boolean).join(" | ")',
        );
        foreach (LanguageCases::strangers((string) $seen, 'de') as $words) {
            $strangers[$words] ??= $where;
        }
    };
    try {
        // The browser asks for English, so the game begins in it; what students read there is told to be German.
        $teacher->script(
            'return fetch("/games/new/worksheet/build", {method: "POST", headers: {"X-XSRF-TOKEN": '
                .'decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)[1]), "Content-Type": '
                .'"application/x-www-form-urlencoded"}, body: new URLSearchParams({language: "de", title: "Nacht am '
                .'Meer", "rows[0][number]": 1, "rows[0][taken]": 1, "rows[0][question]": "Was brennt?", '
                .'"rows[0][answers]": "Lampe", "rows[0][kind]": "text", "rows[0][feedback]": "", "rows[0][room]": '
                .'"Kai"})}).then((reply) => location.assign(reply.url))',
        );
        $teacher->see('gespeichert')->click('[data-face="scene"]')->see('Diese Szene');
        $look('the scene');
        foreach (['text', 'choice', 'lock', 'cover', 'link'] as $kind) {
            $teacher->click("[data-add=\"{$kind}\"]")->until(fn (): bool => $teacher->has('.card .card-back'));
            $look("the card of a {$kind}");
        }
        $teacher->click('[data-add="picture"]')->see('Ein eigenes Bild');
        $look('pictures');
        $teacher->click('[data-key="pictures.close"]')->click('.on-page-lock')->see('Prüfbank');
        foreach (['long', 'number', 'digits', 'options'] as $type) {
            $teacher->script(
                'const list = document.querySelector(".card select[data-key$=\".type\"]"); list.value = arguments[0]; '
                    .'list.dispatchEvent(new Event("change"))',
                $type,
            );
            $teacher->until(
                fn (): bool => $teacher->script(
                    'return document.querySelector(".card select[data-key$=\".type\"]")?.value',
                ) === $type,
            );
            $look("a lock of {$type}");
        }
        $teacher->click('[data-key="page-head"]')
            ->choose('[data-key="scene.layout"]', 'eine Bühne: Dinge stehen, wo Sie sie hinstellen')->see('Kulissen');
        $look('the stage');
        $teacher->click('[data-face="map"]')->see('Als Liste');
        $look('the map');
        $teacher->click('.map-as-list');
        $look('the map as a list');
        $teacher->click('[data-face="sheet"]')->see('Schlösser');
        foreach (['lock', 'choice', 'option', 'named'] as $table) {
            $teacher->click("[data-key=\"sheet.{$table}\"]");
            $look("the sheet of {$table}");
        }
        $teacher->click('#findings-count')->click('#history')->see('wie es begann');
        $look('findings and history');
        $teacher->click('#history')->click('#findings-count')->click('[data-face="scene"]')
            ->click('[data-key="bill-pattern"]');
        foreach (
            [
                'ladder', 'keypad', 'rooms', 'revise', 'hub', 'gauntlet', 'ways', 'quiz', 'practice', 'picture',
                'treasure', 'reveal',
            ] as $pattern
        ) {
            $teacher->click("[data-key=\"pattern.{$pattern}\"]");
            $look("the pattern {$pattern}");
        }
    } finally {
        $teacher->go('/games')->choose('#interface-language', 'English')->see('Your games');
    }

    expect($strangers)->toBe([]);
});

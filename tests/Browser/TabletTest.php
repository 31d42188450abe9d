<?php

use Tests\Support\Screens;

/** What of these is cut by the edge of the window, or runs out of its own box. */
function cut(Tests\Support\Browser $browser, string $selector): array
{
    return $browser->script(
        <<<'JS'
        const isCut = (node) => {
            const box = node.getBoundingClientRect();
            const isOut = box.left < -1 || box.right > innerWidth + 1;
            return box.width > 0 && (isOut || node.scrollWidth > node.clientWidth + 1);
        };
        return [...document.querySelectorAll(arguments[0])].filter(isCut).map((node) => node.outerHTML.slice(0, 120));
        JS,
        $selector,
    );
}

it('is whole on a tablet, upright and on its side', function (int $width, int $height): void {
    $teacher = Screens::teacher()->resize($width, $height);
    expect($teacher->script('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue();
    $teacher->go('/games?seek=The+Dark+Lamp')->press('The Dark Lamp')->see('The quay');
    $teacher->until(fn (): bool => $teacher->has('.station-place'));

    expect(cut($teacher, '.bar > *, .bar-end > *, .map-head > *'))->toBe([]);
    $teacher->click('[data-face="scene"]')->find('.tray');
    expect(cut($teacher, '.bar > *, .bar-end > *, .scene-middle > *, .tray-button, .card, .waybill > *'))->toBe([])
        ->and($teacher->script('return document.querySelector(".stage-holder").clientWidth / innerWidth'))
        ->toBeGreaterThan(0.4)
        ->and($teacher->barriers())->toBe([]);
})->with([[820, 1180], [1024, 768]]);

it('shows a map whole again when the tablet is turned', function (): void {
    $teacher = Screens::teacher()->resize(820, 1180)->go('/games?seek=The+Dark+Lamp')->press('The Dark Lamp');
    $isWhole = fn (): bool => $teacher->script(
        <<<'JS'
        const chart = document.querySelector('.chart').getBoundingClientRect();
        const parts = [...document.querySelectorAll('.chart .station-place, .chart .track')];
        return parts.length > 20 && parts.every((part) => {
            const box = part.getBoundingClientRect();
            const isAcross = box.left >= chart.left && box.right <= chart.right;
            return isAcross && box.top >= chart.top && box.bottom <= chart.bottom;
        });
        JS,
    );
    $teacher->until(fn (): bool => $teacher->has('.station-place'));
    $teacher->until($isWhole)->resize(1180, 820)->until($isWhole);

    expect($isWhole())->toBeTrue();
});

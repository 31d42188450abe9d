<?php

use Tests\Support\Feature\StageScriptsCases;
use Tests\Support\Scripts;

it('draws a box onto lines near it, and no farther', function (array $box, array $others, array $by): void {
    ['dx' => $dx, 'dy' => $dy] = StageScriptsCases::geometry('module.snap(input.box, input.others, 8)', ['box' => $box, 'others' => $others]);

    expect([$dx, $dy])->toEqualWithDelta($by, 0.001);
})->with([
    'the edge of the stage' => [[5, 100, 50, 50], [], [-5, 0]],
    'the middle of the stage' => [[773, 423, 50, 50], [], [2, 2]],
    'the edge of another' => [[303, 210, 60, 40], [[300, 500, 90, 90]], [-3, 0]],
    'too far' => [[315, 210, 20, 40], [[300, 500, 90, 90]], [0, 0]],
    'midway between two' => [[253, 203, 100, 37], [[100, 200, 80, 60], [430, 190, 90, 70]], [2, -3]],
]);

it('resizes by a grip, with proportions kept where asked, and never to nothing', function (string $grip, array $to, bool $keeps, array $box): void {
    expect(StageScriptsCases::geometry('module.resized([100, 100, 200, 100], input.grip, input.to, input.keeps)', ['grip' => $grip, 'to' => $to, 'keeps' => $keeps]))->toEqual($box);
})->with([
    'a corner' => ['se', [400, 260], false, [100, 100, 300, 160]],
    'a corner, kept' => ['se', [400, 210], true, [100, 100, 300, 150]],
    'the opposite corner, kept' => ['nw', [200, 150], true, [200, 150, 100, 50]],
    'a side' => ['e', [350, 999], true, [100, 100, 250, 100]],
    'beyond the other side' => ['w', [900, 0], false, [284, 100, 16, 100]],
]);

it('spreads and aligns several', function (): void {
    $boxes = [[0, 0, 100, 50], [130, 40, 60, 20], [500, 10, 100, 90]];

    expect(StageScriptsCases::geometry('module.spread(input, 0)', $boxes))->toEqual([[0, 0, 100, 50], [270, 40, 60, 20], [500, 10, 100, 90]])
        ->and(StageScriptsCases::geometry('module.aligned(input, "middle").map((box) => box[1])', $boxes))->toEqual([25, 40, 5])
        ->and(StageScriptsCases::geometry('module.aligned(input, "right").map((box) => box[0] + box[2])', $boxes))->toEqual([600, 600, 600]);
});

it('lays out what flowed without one over another', function (int $count): void {
    $boxes = StageScriptsCases::geometry('module.laidOut(input)', $count);
    foreach ($boxes as $place => $box) {
        expect($box[0] + $box[2])->toBeLessThanOrEqual(1600)->and($box[1] + $box[3])->toBeLessThanOrEqual(900);
        foreach (array_slice($boxes, $place + 1) as $other) {
            expect(StageScriptsCases::geometry('module.overlap(input[0], input[1])', [$box, $other]))->toBeFalse();
        }
    }
})->with([1, 5]);

it('makes the colour at a point clear, softly at the edge, and no other', function (bool $touching, array $alphas): void {
    // White, a blend of white and ink, ink, white again.
    $row = [[255, 255, 255, 255], [200, 200, 200, 255], [16, 34, 43, 255], [255, 255, 255, 255]];
    $expression = '(() => { const out = module.cleared(new Uint8ClampedArray(input.row.flat()), 4, 1, { x: 0, y: 0, near: 0.18, touching: input.touching }); return input.row.map((_, at) => [...out.slice(4 * at, 4 * at + 4)]); })()';
    $out = Scripts::run('workshop/scene/stage/clearing.js', $expression, ['row' => $row, 'touching' => $touching]);

    expect(array_column($out, 3))->toBe($alphas)->and($out[2])->toBe([16, 34, 43, 255])->and($out[1][0])->toBeLessThan(200);
})->with(['everywhere' => [false, [0, 82, 255, 0]], 'what touches it' => [true, [0, 82, 255, 255]]]);

it('clears four megapixels without filling the call stack', function (): void {
    $expression = '(() => { const pixels = new Uint8ClampedArray(4 * 4_000_000).fill(255); const out = module.cleared(pixels, 2000, 2000, { x: 5, y: 5, near: 0.1, touching: true }); return out.every((part, at) => at % 4 !== 3 || part === 0); })()';

    expect(Scripts::run('workshop/scene/stage/clearing.js', $expression))->toBeTrue();
});

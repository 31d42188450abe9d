import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { cleared } from '../../resources/js/workshop/scene/stage/clearing.js';
import {
    aligned,
    freePlace,
    laidOut,
    overlap,
    resized,
    snap,
    spread,
} from '../../resources/js/workshop/scene/stage/geometry.js';

const TWO = [
    [100, 200, 80, 60],
    [430, 190, 90, 70],
];

describe('a box on the stage', () => {
    for (const [name, box, others, by] of [
        ['the edge of the stage', [5, 100, 50, 50], [], [-5, 0]],
        ['the middle of the stage', [773, 423, 50, 50], [], [2, 2]],
        ['the edge of another', [303, 210, 60, 40], [[300, 500, 90, 90]], [-3, 0]],
        ['nothing, too far', [315, 210, 20, 40], [[300, 500, 90, 90]], [0, 0]],
        ['midway between two', [253, 203, 100, 37], TWO, [2, -3]],
    ])
        it(`is drawn onto lines near it: ${name}`, () => {
            const { dx, dy } = snap(box, others, 8);
            assert.ok(Math.abs(dx - by[0]) < 0.001 && Math.abs(dy - by[1]) < 0.001, `${dx}, ${dy}`);
        });

    for (const [name, grip, to, keeps, box] of [
        ['a corner', 'se', [400, 260], false, [100, 100, 300, 160]],
        ['a corner, kept', 'se', [400, 210], true, [100, 100, 300, 150]],
        ['the opposite corner, kept', 'nw', [200, 150], true, [200, 150, 100, 50]],
        ['a side', 'e', [350, 999], true, [100, 100, 250, 100]],
        ['never to nothing', 'w', [900, 0], false, [284, 100, 16, 100]],
    ])
        it(`is resized by a grip: ${name}`, () => {
            assert.deepEqual(resized([100, 100, 200, 100], grip, to, keeps), box);
        });
});

describe('several boxes', () => {
    const boxes = [
        [0, 0, 100, 50],
        [130, 40, 60, 20],
        [500, 10, 100, 90],
    ];

    it('are spread', () => {
        assert.deepEqual(spread(boxes, 0), [boxes[0], [270, 40, 60, 20], boxes[2]]);
    });

    it('are aligned', () => {
        const tops = aligned(boxes, 'middle').map(([, y]) => y);
        const rights = aligned(boxes, 'right').map(([x, , width]) => x + width);
        assert.deepEqual([tops, rights], [[25, 40, 5], [600, 600, 600]]); // prettier-ignore
    });

    for (const count of [1, 5])
        it(`that flowed are laid out without one over another: ${count}`, () => {
            const laid = laidOut(count);
            assert.ok(laid.every(([x, y, width, height]) => x + width <= 1600 && y + height <= 900));
            const pairs = laid.flatMap((box, at) => laid.slice(at + 1).map((other) => [box, other]));
            assert.deepEqual(
                pairs.filter(([box, other]) => overlap(box, other)),
                [],
            );
        });
});

describe('making a colour clear', () => {
    for (const [name, touching, alphas] of [
        ['everywhere', false, [0, 82, 255, 0]],
        ['only what touches it', true, [0, 82, 255, 255]],
    ])
        it(`is soft at the edge, and leaves every other: ${name}`, () => {
            // White, a blend of white and ink, ink, white again.
            const grey = (light) => [light, light, light, 255];
            const row = [grey(255), grey(200), [16, 34, 43, 255], grey(255)];
            const pixels = new Uint8ClampedArray(row.flat());
            const out = cleared(pixels, 4, 1, { x: 0, y: 0, near: 0.18, touching });
            const pixel = (at) => [...out.slice(4 * at, 4 * at + 4)];
            assert.deepEqual(
                row.map((_, at) => pixel(at)[3]),
                alphas,
            );
            assert.deepEqual(pixel(2), [16, 34, 43, 255]);
            assert.ok(pixel(1)[0] < 200);
        });

    it('does not fill the call stack with four megapixels', () => {
        const pixels = new Uint8ClampedArray(4 * 4_000_000).fill(255);
        const out = cleared(pixels, 2000, 2000, { x: 5, y: 5, near: 0.1, touching: true });
        assert.ok(out.every((part, at) => at % 4 !== 3 || part === 0));
    });
});

describe('a place for a new thing', () => {
    const middle = [800, 430];
    const size = [300, 200];

    it('is the middle of a bare stage, whatever lies behind all', () => {
        assert.deepEqual(freePlace(size, [[0, 0, 1600, 900]], middle), [650, 330, 300, 200]);
    });

    it('is free as long as there is room, on the stage, and as near as can be', () => {
        const taken = [];
        for (let number = 0; number < 12; number++) {
            const box = freePlace(size, taken, middle);
            assert.ok(!taken.some((other) => overlap(box, other)), `${box} is taken`);
            assert.ok(box[0] >= 0 && box[1] >= 0 && box[0] + 300 <= 1600 && box[1] + 200 <= 900);
            taken.push(box);
        }
    });

    it('is where it covers least once the stage is full', () => {
        const full = [0, 400, 800, 1200].flatMap((x) => [0, 450].map((y) => [x, y, 400, 450]));
        const [x, y] = freePlace([100, 100], full, middle);
        assert.ok(x >= 0 && x <= 1500 && y >= 0 && y <= 800);
    });
});

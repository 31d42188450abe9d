import assert from 'node:assert/strict';
import { test } from 'node:test';
import { cellsAround, painted, resized, withoutLock } from '../../resources/js/workshop/scene/drawn.js';

const grid = { columns: 4, rows: 3, drawn: 'aabb' + 'aabb' + '..cc' };

test('a brush reaches around its middle and not beyond the picture', () => {
    assert.deepEqual(cellsAround(grid, [0, 0], 1), [0, 1, 4, 5]);
    assert.deepEqual(cellsAround(grid, [3, 2], 0), [11]);
    assert.deepEqual(cellsAround(grid, [9, 9], 1), []);
});

test('cells are given to a lock, and taken from all', () => {
    assert.equal(painted({ columns: 4, rows: 3 }, [0, 11], 1), 'b..........b');
    assert.equal(painted(grid, [0, 1], -1), '..bbaabb..cc');
});

test('a drawing keeps its shape on another grid', () => {
    assert.equal(resized(grid, 8, 6), 'aaaabbbbaaaabbbbaaaabbbbaaaabbbb....cccc....cccc');
    assert.equal(resized(grid, 2, 3), 'abab.c');
});

test('a lock that is gone leaves its cells to all, and those behind it move up', () => {
    assert.equal(withoutLock(grid, 1), 'aa..aa....bb');
    assert.equal(withoutLock(grid, 0), '..aa..aa..bb');
});

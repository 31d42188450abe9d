import assert from 'node:assert/strict';
import { test } from 'node:test';
import { pieces, read, toggled, written } from '../../resources/js/workshop/scene/lock/gapped.js';

const ids = () => {
    let count = 0;

    return () => `gap-${++count}`;
};
const nothing = { md: '', answers: {} };

test('what stands in brackets is a gap with what it takes', () => {
    assert.deepEqual(read('The [moon|Moon] pulls at the {sea}.', nothing, ids()), {
        md: 'The {gap-1} pulls at the {{sea}.',
        answers: { 'gap-1': ['moon', 'Moon'] },
    });
});

test('what was written is read back as it was', () => {
    for (const text of [
        'Twice a day it [rises] and [falls].',
        'A {brace} and a [gap].',
        'No gap at all',
        '[one] [one]',
    ])
        assert.equal(written(read(text, nothing, ids())), text);
});

test('a gap keeps its id while its word stays, wherever it moves', () => {
    const before = read('It [rises] and [falls].', nothing, ids());
    const after = read('It [falls], then it [turns], then it [rises].', before, () => 'gap-new');
    assert.deepEqual(after.answers, { 'gap-2': ['falls'], 'gap-new': ['turns'], 'gap-1': ['rises'] });
});

test('the same word twice is two gaps', () => {
    const { answers } = read('[one] and [one]', { md: '', answers: { 'gap-1': ['one'] } }, () => 'gap-new');
    assert.deepEqual(Object.keys(answers).sort(), ['gap-1', 'gap-new']);
});

test('empty brackets are text', () => {
    assert.deepEqual(read('a [] b [ | ] c', nothing, ids()), { md: 'a [] b [ | ] c', answers: {} });
});

test('a word is pressed into a gap and back', () => {
    const place = pieces('Light the lamp.').findIndex(({ text }) => text === 'lamp');
    assert.equal(toggled('Light the lamp.', place), 'Light the [lamp].');
    assert.equal(toggled('Light the [lamp].', place), 'Light the lamp.');
});

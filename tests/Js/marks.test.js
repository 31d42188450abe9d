import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { codeOf, inMarks, inWords, said } from '../../resources/js/workshop/editor/marks.js';
import { gameOf, lock } from './support/games.js';
import './support/words.js';

const coded = (input, match, more = {}) => ({
    ...lock('door', 'x'),
    input,
    rules: [{ match, verdict: 'open' }],
    ...more,
});

const game = (...locks) => ({
    ...gameOf([{ id: 'a', things: locks }]),
    tallies: [{ id: 'score', name: 'Sparks {of light}', start: 0, shown: true }],
    tokens: [{ id: 'key', name: 'Brass key', kind: 'item' }],
    assets: [{ id: 'moon', file: 'assets/moon.svg', alt: 'a moon' }],
});

const digits = coded({ type: 'digits', length: 4 }, { equals: ['0917'] }, { label: 'Keeper’s door' });

describe('marks in a field', () => {
    for (const text of [
        'Well done, {=player}: {=minutes} minutes, {=score}, {=key}.',
        'It ends in {=code:door:4}; in full {=code:door}, in the middle {=code:door:2-3}.',
        'Nobody knows {=code:gone:1} or {=nothing}, and {braces} stay.',
    ])
        it(`are written in words and kept as marks: ${text}`, () => {
            const words = inWords(text, game(digits));
            assert.equal(inMarks(words, game(digits)), text);
        });

    it('call things by their names', () => {
        assert.equal(
            inWords('{=player} {=score} {=code:door:2}', game(digits)),
            '{the student’s name} {Sparks of light} {sign 2 of Keeper’s door}',
        );
    });

    it('tell two locks of one name apart', () => {
        const twins = game(digits, { ...digits, id: 'gate' });
        const words = inWords('{=code:door} {=code:gate}', twins);
        assert.equal(new Set(words.split('} ')).size, 2);
        assert.equal(inMarks(words, twins), '{=code:door} {=code:gate}');
    });
});

describe('what is said of a code', () => {
    const keys = {
        type: 'keys',
        length: 2,
        keys: [
            { id: 'k', md: '★' },
            { id: 'l', md: '', asset: 'moon' },
        ],
    };
    for (const [name, input, match, text, expected] of [
        [
            'digits',
            { type: 'digits', length: 4 },
            { equals: ['0917'] },
            '{=code:door:2-3} of {=code:door}',
            '91 of 0917',
        ],
        ['directions', { type: 'arrows', length: 2 }, { equals: 'UR' }, '{=code:door}', '↑→'],
        ['signs', keys, { order: ['l', 'k'] }, '{=code:door:1}, {=code:door}', 'a moon, a moon ★'],
        ['a number', { type: 'number' }, { number: 42 }, '{=code:door:1}', '4'],
    ])
        it(`is read sign by sign: ${name}`, () => assert.equal(said(text, game(coded(input, match))), expected));

    it('is nothing where a lock opens on no answer that is named', () => {
        assert.deepEqual(codeOf(coded({ type: 'text' }, { anything: true }), game()), []);
        assert.equal(said('{=code:door:9}', game(digits)), '{sign 9 of Keeper’s door}');
    });
});

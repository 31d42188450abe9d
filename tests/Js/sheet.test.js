import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { apply } from '../../resources/js/workshop/editor/document.js';
import { answersOf, matchFrom } from '../../resources/js/workshop/sheet/answer.js';
import { BEYOND } from '../../resources/js/workshop/sheet/beyond.js';
import { changesOf } from '../../resources/js/workshop/sheet/changes.js';
import { LOCKS, contextOf } from '../../resources/js/workshop/sheet/columns.js';
import { readChanges } from '../../resources/js/workshop/sheet/exchange.js';
import { NAMED, namedRows } from '../../resources/js/workshop/sheet/named.js';
import { optionRows, outcomeColumns } from '../../resources/js/workshop/sheet/outcomes.js';
import { lock, plain } from './support/games.js';
import './support/words.js';

const WORDS = {
    routes: { '@back': 'back where they came from' },
    inputs: { text: 'words' },
    findings: { toMend: 'to mend' },
    sheet: {
        points: 'Points',
        sound: 'sound',
        must: 'must',
        neverWord: 'never',
        sorts: { item: 'item', flag: 'hidden flag', shown: 'shown', hidden: 'hidden' },
    },
};
const opens = (match) => ({ match, verdict: 'open' });
const LONG = { length: { min: 3, max: null, of: 'words' } };

/** A game of two scenes, with a lock in the first. */
const sheetGame = (more = {}) => ({
    title: 'Sheet',
    start: 'one',
    language: 'en',
    chapters: [{ id: 'birds', title: 'Birds', start: 'one' }],
    tallies: [],
    tokens: [],
    scenes: [
        {
            id: 'one',
            title: 'One',
            chapter: 'birds',
            things: [{ ...lock('lock', 'shingle', { say: 'Yes.', go: 'two' }), ask: 'Where?', ...more }],
        },
        { id: 'two', title: 'Two', things: [] },
    ],
});

/** The game after cells were written into it, and what was refused. */
function written(game, cells) {
    const { edits, refused } = changesOf(cells, LOCKS, contextOf(game, WORDS, []), 'lock');

    return { game: edits.reduce(apply, game), refused };
}

const cellsOf = (texts) => Object.entries(texts).map(([column, text]) => ({ row: 'lock', column, text }));
const lockIn = (game) => game.scenes[0].things[0];

describe('the cell of right answers', () => {
    const options = [
        { id: 'a', md: 'terns' },
        { id: 'b', md: 'gulls' },
    ];
    for (const [name, rules, cell, input] of [
        ['one text', [opens({ equals: ['shingle'] })], 'shingle'],
        ['several texts', [opens({ equals: ['shingle', 'beach'] })], 'shingle | beach'],
        ['a number with its unit', [opens({ number: 1.5, unit: 'km' })], '1.5 km'],
        ['any of two numbers', [opens({ any: [{ number: 1 }, { number: 2 }] })], '1 | 2'],
        ['options by their words', [opens({ options: ['b'] })], 'gulls', { options }],
        ['a sentence', [opens(LONG)], '*'],
        [
            'only the rule that opens',
            [{ match: { equals: ['no'] }, verdict: 'almost' }, opens({ equals: ['yes'] })],
            'yes',
        ],
        ['a term, of which a cell would make words', [opens({ mathematics: '2x' })], null],
        ['a matcher that no cell can hold', [opens({ pattern: 'a+' })], null],
        ['no rule', [], ''],
    ])
        it(`shows what opens: ${name}`, () => assert.equal(answersOf({ rules, ...(input ? { input } : {}) }), cell));

    const NUMBER = { type: 'number' };
    for (const [name, question, cell, match] of [
        ['texts', { input: { type: 'text' } }, 'shingle |  beach ', { match: { equals: ['shingle', 'beach'] } }],
        ['nothing', { input: { type: 'text' } }, '', { match: { equals: [] } }],
        ['a number', { input: NUMBER }, '12,5', { match: { number: 12.5 } }],
        ['a minus as it is printed', { input: NUMBER }, '−3', { match: { number: -3 } }],
        [
            'a number keeps how far off one may be',
            { input: NUMBER, rules: [opens({ number: 1, within: '2%' })] },
            '7',
            { match: { number: 7, within: '2%' } },
        ],
        [
            'a unit of its own becomes the lock’s',
            { input: NUMBER },
            '3 km',
            { match: { number: 3, unit: 'km' }, input: { type: 'number', unit: 'km' } },
        ],
        ['the lock’s unit stays', { input: { ...NUMBER, unit: 'm' } }, '3', { match: { number: 3, unit: 'm' } }],
        ['two numbers', { input: NUMBER }, '3 | 4', { match: { any: [{ number: 3 }, { number: 4 }] } }],
        [
            'a code of another length',
            { input: { type: 'digits', length: 4 } },
            '091',
            { match: { equals: ['091'] }, input: { type: 'digits', length: 3 } },
        ],
        [
            'options, whatever their case',
            { input: { type: 'options', options } },
            'Terns',
            { match: { options: ['a'] } },
        ],
        ['any sentence', { input: { type: 'long' } }, '*', { match: LONG }],
    ])
        it(`is read as what its lock must match: ${name}`, () => {
            assert.deepEqual(plain(matchFrom({ rules: [], ...question }, cell)), match);
        });

    for (const [name, input, cell, refusal] of [
        ['words for a number', NUMBER, 'twelve', 'number'],
        ['letters for a code', { type: 'digits', length: 4 }, '09a7', 'digits'],
        ['codes of two lengths', { type: 'digits', length: 4 }, '0917 | 091', 'digits'],
        ['an option that is none', { type: 'options', options }, 'puffins', 'options'],
        ['a kind that is answered otherwise', { type: 'pairs' }, 'a', 'kind'],
    ])
        it(`refuses what a lock of its kind can’t take: ${name}`, () => {
            assert.deepEqual(matchFrom({ input, rules: [] }, cell), { refusal });
        });
});

describe('a cell', () => {
    const titles = (entries) => entries.map(({ title }) => title);
    for (const [name, column, text, seen, expected] of [
        ['what it asks', 'ask', 'Where exactly?', (game) => lockIn(game).ask, 'Where exactly?'],
        ['the title of its scene', 'scene', 'The beach', (game) => game.scenes[0].title, 'The beach'],
        ['a chapter', 'chapter', 'birds', (game) => [game.scenes[0].chapter, game.chapters.length], ['birds', 1]],
        ['a new chapter', 'chapter', 'Tides', (game) => titles(game.chapters), ['Birds', 'Tides']],
        ['no chapter', 'chapter', '', (game) => 'chapter' in game.scenes[0], false],
        ['feedback when wrong', 'wrong', 'Look.', (game) => lockIn(game).otherwise, [{ say: 'Look.' }]],
        ['words when right', 'right', 'Well seen.', (game) => lockIn(game).rules[0].say, 'Well seen.'],
        ['a hint', 'hint', 'Look down.', (game) => lockIn(game).hints, [{ md: 'Look down.' }]],
        ['an open end', 'next', '', (game) => lockIn(game).rules[0].go, ''],
        ['a scene by its title', 'next', 'one', (game) => lockIn(game).rules[0].go, 'one'],
        ['a route by its words', 'next', 'Back where they came from', (game) => lockIn(game).rules[0].go, '@back'],
        ['a scene made for it', 'next', 'The cliff', (game) => titles(game.scenes), ['One', 'The cliff', 'Two']],
    ])
        it(`is written where it belongs: ${name}`, () => {
            assert.deepEqual(seen(written(sheetGame(), cellsOf({ [column]: text })).game), expected);
        });

    it('leads to the scene that is made for it', () => {
        const { game } = written(sheetGame(), cellsOf({ next: 'The cliff' }));
        assert.equal(lockIn(game).rules[0].go, game.scenes[1].id);
    });

    it('of points makes the tally that it needs', () => {
        const { game } = written(sheetGame(), cellsOf({ points: '5' }));
        assert.deepEqual([game.tallies[0].name, lockIn(game).rules[0].do[0].by], ['Points', 5]);
    });

    it('is written after the others of its lock', () => {
        const cells = cellsOf({ answers: 'beach', right: 'Seen.', points: '3', next: 'Two' });
        const [{ match, say, do: effects, go }] = lockIn(written(sheetGame(), cells).game).rules;
        assert.deepEqual([match, say, effects[0].by, go], [{ equals: ['beach'] }, 'Seen.', 3, 'two']);
    });

    it('that is refused keeps what it held, the rest is taken, and what says the same is no edit', () => {
        const game = sheetGame({ input: { type: 'number' }, rules: [{ ...opens({ number: 2 }), say: '', go: 'two' }] });
        const gone = { row: 'gone', column: 'ask', text: 'x' };
        const after = written(game, [...cellsOf({ answers: 'two', wrong: 'No.' }), gone]);
        assert.deepEqual(after.refused, [{ row: 'lock', column: 'answers', key: 'number', text: 'two' }]);
        assert.deepEqual(lockIn(after.game).rules, lockIn(game).rules);
        assert.deepEqual(lockIn(after.game).otherwise, [{ say: 'No.' }]);
        assert.deepEqual(written(game, cellsOf({ ask: 'Where?' })).game, game);
    });
});

describe('a file of the sheet', () => {
    const columns = [
        { id: 'ask', title: 'Asks', isFixed: false },
        { id: 'state', title: 'Check', isFixed: true },
    ];
    const rows = [
        { id: 'lock', cells: ['Where?', 'to mend'] },
        { id: 'lock-2', cells: ['What?', ''] },
    ];
    const read = (text) => readChanges({ text: async () => text }, columns, rows);
    const csv = 'id,Asks,Check,Nothing\nlock,"Where, exactly?",sound,x\nlock-2,What?,,\ngone,Who?,,\n';

    it('is read as what it would change, and only that', async () => {
        const cells = [{ row: 'lock', column: 'ask', text: 'Where, exactly?', before: 'Where?' }];
        assert.deepEqual(plain(await read(csv)), { cells, unknown: 1, isReadable: true });
        assert.equal((await read(`\uFEFF${csv}`)).cells.length, 1);
        assert.equal((await read("id,Asks\nlock,'=1+1")).cells[0].text, '=1+1');
    });

    it('without the column of ids can’t be read', async () => {
        assert.deepEqual([(await read('a,b\n1,2')).isReadable, (await read('')).isReadable], [false, false]);
    });
});

describe('the sheet of outcomes', () => {
    for (const [name, text, shown, effects] of [
        ['a weight', '2', '2', [{ give: 'lamp' }, { add: 'keeper', by: 2 }]],
        ['nothing', '', '', [{ give: 'lamp' }]],
        ['must', 'Must', 'must', [{ give: 'lamp' }, { must: 'keeper' }]],
        ['never', 'never', 'never', [{ give: 'lamp' }, { never: 'keeper' }]],
    ])
        it(`says what each option adds, and lets it decide or rule out: ${name}`, () => {
            const question = lock('q', '');
            question.input = { type: 'options', options: [{ id: 'a', md: 'stay', do: [{ give: 'lamp' }] }] };
            const game = {
                tallies: [{ id: 'keeper', name: 'Keeper' }],
                scenes: [{ id: 's', title: 'S', things: [question] }],
            };
            const sheet = { words: WORDS };
            const [column, [row]] = [outcomeColumns(game).at(-1), optionRows(game)];
            const option = column.write(row, text, sheet)[0].to.options[0];
            assert.equal(column.read({ ...row, option }, sheet), shown);
            assert.deepEqual(option.do, effects);
            assert.equal(column.isGap({ ...row, option }), effects.length === 1);
        });
});

describe('the sheet of what students hold and count', () => {
    const condition = { not: { hasOf: ['lens', 'oil'], atLeast: 1 } };
    const effects = [{ give: 'lens' }, { add: 'points', by: 1 }];
    const game = {
        tokens: [{ id: 'lens', name: 'Lens', kind: 'item' }],
        tallies: [{ id: 'points', name: 'Points', shown: true }],
        scenes: [
            {
                id: 's',
                title: 'Store',
                needs: { tally: 'points', is: '>', value: 1 },
                things: [{ id: 'c', kind: 'choice', react: [{ do: effects, if: condition }] }],
            },
        ],
    };
    const sheet = { words: WORDS };
    const rows = namedRows(game);

    it('lists them with where each is given and asked for', () => {
        assert.deepEqual(
            rows.map((row) => NAMED.map((column) => column.read(row, sheet))),
            [
                ['Lens', 'item', '', null, 'Store', 'Store'],
                ['Points', 'shown', null, '0', 'Store', 'Store'],
            ],
        );
    });

    for (const [name, row, column, text, made] of [
        ['a name', 0, 'name', 'Brass lens', [{ set: 'lens', field: 'name', to: 'Brass lens' }]],
        ['a kind of token', 0, 'sort', 'Hidden flag', [{ set: 'lens', field: 'kind', to: 'flag' }]],
        ['a token is no tally', 0, 'sort', 'shown', { refusal: 'token' }],
        ['no word at all', 1, 'sort', 'loud', { refusal: 'tally' }],
        ['a tally shown or not', 1, 'sort', 'hidden', [{ set: 'points', field: 'shown', to: false }]],
        ['where it begins', 1, 'begins', '2,5', [{ set: 'points', field: 'start', to: 2.5 }]],
        ['no number', 1, 'begins', 'many', { refusal: 'number' }],
    ])
        it(`takes what is written there: ${name}`, () => {
            const { write } = NAMED.find(({ id }) => id === column);
            assert.deepEqual(plain(write(rows[row], text, sheet)), made);
        });

    it('makes a token of each name below the last row', () => {
        const kept = [];
        const store = { game: { tokens: [{ id: 'lens' }] }, edit: (edits, label) => kept.push(...edits, label) };
        BEYOND.named([['Wick'], [' '], ['Oil']], { store });
        const [wick, oil, label] = kept;
        assert.deepEqual([wick.value.name, oil.value.name, label], ['Wick', 'Oil', '2 new tokens']);
        assert.deepEqual([wick.after, oil.after], ['lens', wick.value.id]);
    });
});

describe('rows pasted over rows of other kinds', () => {
    const asked = (ask, answers) => cellsOf({ ask, answers });
    const pasted = (more, text) => written(sheetGame(more), asked('Anew?', text));
    const options = { input: { type: 'options', options: [{ id: 'a', md: 'tern' }] } };

    for (const [name, text, input, match] of [
        ['words', 'gull | tern', { type: 'text' }, { equals: ['gull', 'tern'] }],
        ['a number with its unit', '4 m', { type: 'number', unit: 'm' }, { number: 4, unit: 'm' }],
        ['a number with room', '12 ± 0.5', { type: 'number' }, { number: 12, within: 0.5 }],
        ['a code', '0917', { type: 'digits', length: 4 }, { equals: ['0917'] }],
        [
            'a text of a length',
            'at least 40 words',
            { type: 'long', count: { min: 40, max: null, of: 'words' } },
            { length: { min: 40, max: null, of: 'words' } },
        ],
    ])
        it(`ask for ${name}, whatever was asked there before`, () => {
            const { game, refused } = pasted(options, text);
            assert.deepEqual(refused, []);
            assert.equal(lockIn(game).ask, 'Anew?');
            assert.deepEqual(lockIn(game).input, input);
            assert.deepEqual(lockIn(game).rules[0].match, match);
            assert.equal(lockIn(game).rules[0].go, 'two');
        });

    it('ask with options where a star marks the right ones', () => {
        const { input, rules } = lockIn(pasted({}, 'rope | *lens | bell').game);
        assert.deepEqual(
            input.options.map(({ md }) => md),
            ['rope', 'lens', 'bell'],
        );
        assert.deepEqual(rules[0].match, { options: [input.options[1].id] });
    });

    it('leave a lock of rounds as it was, question and answer, and tell of both', () => {
        const rounds = [{ id: 'r', ask: '', input: { type: 'text' }, match: { equals: 'x' } }];
        const { game, refused } = pasted({ rounds }, 'gull');
        assert.equal(lockIn(game).ask, 'Where?');
        assert.deepEqual(
            refused.map(({ column }) => column),
            ['ask', 'answers'],
        );
    });
});

describe('a length in a cell', () => {
    it('is asked for and never becomes the right answer', () => {
        const lock = lockIn(written(sheetGame(), cellsOf({ answers: 'at least 40 words' })).game);
        assert.deepEqual(lock.rules[0].match, { length: { min: 40, max: null, of: 'words' } });
        assert.equal(lock.input.type, 'long');
        assert.equal(answersOf(lock), 'at least 40 words');
    });
});

import { isStop, stopName } from '../editor/films.js';
import { renamings } from '../editor/naming.js';
import { t } from '../../lib/catalogue.js';
import { freshId } from '../editor/document.js';
import { whole } from '../editor/whole.js';
import { list } from '../editor/ways.js';
import { answersOf, lockFrom, matchFrom, openRule } from './answer.js';
import { namedRows } from './named.js';
import { optionRows } from './outcomes.js';

/**
 * Columns of the two tables. `read` gives the text of a cell, null where it is not for this table to change; `write`
 * gives the edits that make it say something else, or `{refusal}` with a key of words.
 */
const set = (part, field, to) => [{ set: part.id, field, to }];

const titleOf = (id, { titles, words }) => (id ? (titles.get(id) ?? words.routes[id] ?? id) : '');

const SCENE = {
    id: 'scene',
    width: 150,
    read: ({ scene }, { game }) => (isStop(game, scene) ? stopName(game, scene) : (scene.title ?? '')),
    write: ({ scene }, text, { game }) => renamings(game, scene, 'title', text),
};

const CHAPTER = {
    id: 'chapter',
    width: 110,
    read: ({ scene }, { game }) => game.chapters?.find((chapter) => chapter.id === scene.chapter)?.title ?? '',
    write({ scene }, text, { game }) {
        if (text === '') return [{ set: scene.id, field: 'chapter' }];
        const known = game.chapters?.find((chapter) => chapter.title.toLowerCase() === text.toLowerCase());
        const made = { id: freshId('chapter'), title: text, start: scene.id };

        return known
            ? set(scene, 'chapter', known.id)
            : [
                  { insert: 'chapters', in: '@game', after: game.chapters?.at(-1)?.id ?? null, value: made },
                  ...set(scene, 'chapter', made.id),
              ];
    },
};

const LOCKS = [
    SCENE,
    CHAPTER,
    {
        id: 'kind',
        width: 92,
        read: ({ thing }, { words }) =>
            list(thing.rounds).length > 0
                ? t('cards.rounds.short', { count: thing.rounds.length })
                : (words.inputs[thing.input?.type] ?? thing.input?.type ?? ''),
        write: null,
    },
    {
        id: 'ask',
        width: 260,
        read: ({ thing }) => thing.ask ?? '',
        write: ({ thing }, text) => set(thing, 'ask', text),
    },
    {
        id: 'answers',
        width: 170,
        read: ({ thing }) => answersOf(thing),
        write({ thing }, text, { isAskedAnew }) {
            const { refusal, match, input } = isAskedAnew ? lockFrom(thing, text) : matchFrom(thing, text);

            return refusal
                ? { refusal }
                : [...(input ? set(thing, 'input', input) : []), ...set(thing, 'rules', withOpen(thing, { match }))];
        },
    },
    {
        id: 'wrong',
        width: 210,
        read: ({ thing }) => list(thing.otherwise).find((one) => !one.if)?.say ?? '',
        write({ thing }, text) {
            const held = list(thing.otherwise);

            return set(
                thing,
                'otherwise',
                held.some((one) => !one.if)
                    ? held.map((one) => (one.if ? one : { ...one, say: text }))
                    : [...held, { say: text }],
            );
        },
    },
    {
        id: 'right',
        width: 150,
        read: ({ thing }) => openRule(thing)?.say ?? '',
        write: ({ thing }, text) => set(thing, 'rules', withOpen(thing, { say: text })),
    },
    {
        id: 'hint',
        width: 170,
        read: ({ thing }) => list(thing.hints)[0]?.md ?? '',
        write: ({ thing }, text) =>
            set(
                thing,
                'hints',
                text === ''
                    ? list(thing.hints).slice(1)
                    : [{ ...list(thing.hints)[0], md: text }, ...list(thing.hints).slice(1)],
            ),
    },
    {
        id: 'next',
        width: 150,
        read: ({ thing }, sheet) => titleOf(openRule(thing)?.go, sheet),
        write: ({ scene, thing }, text, sheet) =>
            led(text, scene, sheet, (go) => set(thing, 'rules', withOpen(thing, { go }))),
    },
    {
        id: 'points',
        width: 70,
        read({ thing }, { game }) {
            const adding = list(openRule(thing)?.do).find((effect) => effect.add && effect.add === tallyOf(game)?.id);

            return adding ? String(whole('effects', 'add', adding).by) : '';
        },
        write: ({ thing }, text, { game }) => points(thing, text, game),
    },
    {
        id: 'state',
        width: 110,
        read: ({ thing }, { found, words }) =>
            (found.get(thing.id) ?? 0) === 0
                ? words.sheet.sound
                : t('workshop.findings.countToMend', { count: found.get(thing.id) }),
        write: null,
    },
];

const CHOICES = [
    SCENE,
    CHAPTER,
    {
        id: 'words',
        width: 260,
        read: ({ thing }) => thing.md || thing.label || '',
        write: ({ thing }, text) => set(thing, thing.look && thing.look !== 'button' ? 'label' : 'md', text),
    },
    {
        id: 'says',
        width: 300,
        read: ({ thing }) => (isPlain(thing) ? (list(thing.react)[0]?.say ?? '') : null),
        write: ({ thing }, text) => set(thing, 'react', [{ ...list(thing.react)[0], say: text }]),
    },
    {
        id: 'leads',
        width: 180,
        read: ({ thing }, sheet) => (isPlain(thing) ? titleOf(list(thing.react)[0]?.go, sheet) : null),
        write: ({ scene, thing }, text, sheet) =>
            led(text, scene, sheet, (go) => set(thing, 'react', [{ ...list(thing.react)[0], go }])),
    },
    {
        id: 'gives',
        width: 150,
        read: ({ thing }, { game }) =>
            list(list(thing.react)[0]?.do)
                .filter((effect) => effect.give)
                .map((effect) => game.tokens?.find((token) => token.id === effect.give)?.name ?? effect.give)
                .join(', '),
        write: null,
    },
];

/** A choice that does one thing, whoever taps it. */
function isPlain(thing) {
    return list(thing.react).length <= 1 && !list(thing.react)[0]?.if;
}

/** The rules with other fields in the one that opens; one is made where none is. */
function withOpen(lock, fields) {
    const rules = list(lock.rules);
    const place = rules.findIndex((rule) => rule.verdict === 'open');
    if (place < 0) return [{ match: { equals: [] }, verdict: 'open', say: '', ...fields }, ...rules];

    return rules.map((rule, at) => (at === place ? { ...rule, ...fields } : rule));
}

/** A scene by its title; a title that no scene has makes one behind this. */
function led(text, scene, { game, words }, give) {
    if (text === '') return give('');
    const route = Object.entries(words.routes).find(([, name]) => name.toLowerCase() === text.toLowerCase())?.[0];
    const known = route ?? game.scenes.find((one) => (one.title ?? '').toLowerCase() === text.toLowerCase())?.id;
    if (known) return give(known);
    const value = {
        id: freshId('scene'),
        ...(scene.chapter ? { chapter: scene.chapter } : {}),
        title: text,
        layout: 'page',
        waits: true,
        things: [],
    };

    return [{ insert: 'scenes', in: '@game', after: scene.id, value }, ...give(value.id)];
}

function tallyOf(game) {
    return (game.tallies ?? []).find((tally) => tally.shown) ?? null;
}

/** Points that the right answer gives, counted on the first tally students see; there will be one if there is none. */
function points(lock, text, game) {
    const by = Number(text.replace(',', '.'));
    if (text !== '' && !Number.isFinite(by)) return { refusal: 'number' };
    const known = tallyOf(game);
    const tally = known ?? { id: freshId('points'), name: t('made.new.points'), start: 0, shown: true };
    const rest = list(openRule(lock)?.do).filter((effect) => effect.add !== tally.id);
    const made =
        known || by === 0
            ? []
            : [{ insert: 'tallies', in: '@game', after: game.tallies?.at(-1)?.id ?? null, value: tally }];

    return [
        ...made,
        ...set(
            lock,
            'rules',
            withOpen(lock, { do: text === '' || by === 0 ? rest : [...rest, { add: tally.id, by }] }),
        ),
    ];
}

/** What the cells are read against: the game, the words, and how many findings a part has. */
function contextOf(game, words, findings) {
    const found = new Map();
    for (const finding of findings) for (const id of finding.where) found.set(id, (found.get(id) ?? 0) + 1);

    return { game, words, found, titles: new Map(game.scenes.map((scene) => [scene.id, scene.title ?? ''])) };
}

/**
 * The rows of a table: every lock, choice or option with the scene it stands in, or what students can hold and count.
 */
function rowsOf(game, kind) {
    if (kind === 'option') return optionRows(game);
    if (kind === 'named') return namedRows(game);

    return game.scenes.flatMap((scene) =>
        (scene.things ?? []).filter((thing) => thing.kind === kind).map((thing) => ({ id: thing.id, scene, thing })),
    );
}

export { CHOICES, LOCKS, contextOf, rowsOf };

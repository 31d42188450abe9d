import { t, wordsAt } from '../../lib/catalogue.js';
import { list } from './walk.js';

/**
 * Marks in texts and names: `{=player}`, `{=score}`, `{=code:door:2}`. The document keeps them by ids; here they are
 * read and written in words, such as `{sign 2 of The door}`.
 */
const MARK = /\{=(?:code:([a-z][a-z0-9_-]{0,39})(?::(\d{1,3})(?:-(\d{1,3}))?)?|([a-z][a-z0-9_-]{0,39}))\}/g;

/** Longest name of a lock in a mark, in characters. */
const LONGEST = 40;

const ARROWS = { U: '↑', D: '↓', L: '←', R: '→' };

/** The text as it is written in a field: marks in words, those of which nothing is known as they are. */
function inWords(text, game) {
    if (!text?.includes('{=')) return text;
    const names = lockNames(game);

    return text.replace(MARK, (mark, lock, first, last, id) => {
        if (id) return named(id, game) ? `{${named(id, game)}}` : mark;

        return names.has(lock) ? `{${codeWords(names.get(lock), first, last)}}` : mark;
    });
}

/** The text of a field as the document keeps it. */
function inMarks(text, game) {
    if (!text?.includes('{')) return text;
    const locks = new Map([...lockNames(game)].map(([id, name]) => [name, id]));
    const parts = new Map(namedParts(game).map(([id, name]) => [name, id]));

    return text.replace(/\{([^{}=][^{}]*)\}/g, (whole, words) => {
        if (parts.has(words)) return `{=${parts.get(words)}}`;
        for (const { names, pattern } of codeForms()) {
            const [, ...found] = pattern.exec(words) ?? [];
            const said = Object.fromEntries(names.map((name, at) => [name, found[at]]));
            if (locks.has(said.lock)) return codeMark(locks.get(said.lock), said.first, said.last);
        }

        return whole;
    });
}

/** The text as students read what it says of codes; other marks in words. */
function said(text, game) {
    if (!text?.includes('{=')) return text ?? '';
    const codes = new Map(locksIn(game).map((lock) => [lock.id, codeOf(lock, game)]));
    const filled = text.replace(MARK, (mark, lock, first, last) => {
        if (!lock) return mark;
        const signs = codes.get(lock) ?? [];
        const chosen = first ? signs.slice(first - 1, last ?? first) : signs;

        return chosen.length > 0 ? chosen.join(chosen.some((sign) => [...sign].length > 1) ? ' ' : '') : mark;
    });

    return inWords(filled, game);
}

/** The signs of the first answer that opens a lock; none where it names none. */
function codeOf(lock, game) {
    const match = list(lock.rules).find(({ verdict }) => verdict === 'open')?.match ?? {};
    const { input = {} } = lock;
    if (match.number !== undefined && match.within === undefined) return [...String(match.number)];
    if (input.type === 'arrows') return [...String(list(match.equals)[0] ?? '')].map((way) => ARROWS[way] ?? way);
    if (match.equals !== undefined) return [...String(list(match.equals)[0] ?? '')];
    const parts = new Map(
        ['keys', 'items', 'options'].flatMap((name) => list(input[name])).map((part) => [part.id, faceOf(part, game)]),
    );

    return list(match.order ?? match.options).map((id) => parts.get(id) ?? wordsAt('cards.palette')?.[id] ?? id);
}

const faceOf = (part, game) => part.md || game.assets?.find(({ id }) => id === part.asset)?.alt || part.id;

const locksIn = (game) =>
    game.scenes.flatMap((scene) => list(scene.things).flatMap(flat)).filter(({ kind }) => kind === 'lock');

const flat = (thing) => [thing, ...list(thing.cues).flatMap((cue) => list(cue.things).flatMap(flat))];

/** What each lock is called in a mark: no two alike. */
function lockNames(game) {
    const names = new Map();
    const taken = new Set();
    for (const lock of locksIn(game)) {
        const bare = bareName(lock.label || lock.ask || t('workshop.kinds.lock'));
        let name = bare;
        for (let number = 2; taken.has(name); number++) name = `${bare} (${number})`;
        taken.add(name);
        names.set(lock.id, name);
    }

    return names;
}

function bareName(text) {
    const bare = text
        .replace(MARK, '…')
        .replace(/[{}*_#>`]/g, '')
        .replace(/\s+/g, ' ')
        .trim()
        .replace(/[?!.:]+$/, '');

    return bare.length > LONGEST ? `${bare.slice(0, LONGEST - 1)}…` : bare;
}

/** What is known by a plain name: `[id, name]`, first what the play itself knows. */
function namedParts(game) {
    return [
        ['player', t('cards.marks.player')],
        ['minutes', t('cards.marks.minutes')],
        ['time', t('cards.marks.time')],
        ['place', t('cards.marks.place')],
        ...list(game.tallies).map(({ id, name }) => [id, bareName(name)]),
        ...list(game.tokens).map(({ id, name }) => [id, bareName(name)]),
    ];
}

const named = (id, game) => namedParts(game).find(([known]) => known === id)?.[1];

function codeWords(lock, first, last) {
    if (!first) return t('cards.marks.code', { lock });

    return t(last ? 'cards.marks.signs' : 'cards.marks.sign', { lock, first, last });
}

function codeMark(lock, first, last) {
    return `{=code:${[lock, first && last ? `${first}-${last}` : first].filter(Boolean).join(':')}}`;
}

/** The ways to say a code, as patterns with the names of what they find. */
function codeForms() {
    return ['code', 'sign', 'signs'].map((form) => {
        const words = wordsAt(`cards.marks.${form}`);
        const names = [...words.matchAll(/:(lock|first|last)/g)].map(([, name]) => name);
        const pattern = words
            .replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
            .replace(/:(lock|first|last)/g, (whole, name) => (name === 'lock' ? '(.+)' : '(\\d{1,3})'));

        return { names, pattern: new RegExp(`^${pattern}$`) };
    });
}

export { codeMark, codeOf, inMarks, inWords, lockNames, locksIn, namedParts, said };

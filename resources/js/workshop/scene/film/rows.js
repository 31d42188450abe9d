import Papa from 'papaparse';
import { freshId } from '../../editor/document.js';
import { newStop, round, timeOf } from '../../editor/films.js';
import { read } from '../lock/gapped.js';
import { backTo } from './back.js';

/** Answers of a cell stand apart by a bar; the right ones may have a star before them. */
const BETWEEN = /\s*\|\s*/;

/** How often a wrong answer leads back where a row names a passage. */
const USUAL = 2;

/** Rounds in a row that open a lock where nothing else is said. */
const ENOUGH = 3;

/** An answer that is a way into the film: its words, an arrow, and a time. */
const WAY = /^(.*?)\s*(?:→|->)\s*([\d:.,]+)$/;

/** Rounds stand apart by two bars. */
const ROUNDS = /\s*\|\|\s*/;

/** From one time to another: a stop that goes by itself, or a passage. */
const UNTIL = /\s*[–—-]\s*/;

/**
 * Rows of a table, one for each stop: time; what is asked; answers; what is said when wrong; the passage to go back to.
 *
 * - Several answers are options, the first right unless others have a star; one is typed.
 * - Answers in groups are rounds; answers with an arrow and a time are ways into the film.
 * - Words in brackets are gaps of a text; further answers are put into its bank with them.
 * - A row without answers is a page of words; with a time at which it ends, it goes by itself.
 *
 * @param {string} text as pasted
 * @returns {{at: number | null, lasts: number | null, ask: string, groups: string[][], wrong: string, back: string}[]}
 */
function readRows(text) {
    const delimiter = text.includes('\t') ? '\t' : ';';
    const { data } = Papa.parse(text.trim(), { delimiter, skipEmptyLines: true, quoteChar: '"' });

    return data
        .map(([time = '', ask = '', answers = '', wrong = '', back = '']) => ({
            ...timesOf(time),
            ask: ask.trim(),
            groups: answers
                .split(ROUNDS)
                .map(answersIn)
                .filter((group) => group.length > 0),
            wrong: wrong.trim(),
            back: back.trim(),
        }))
        .filter(({ at, ask }, place) => place > 0 || at !== null || ask === '');
}

const answersIn = (cell) =>
    cell
        .split(BETWEEN)
        .map((one) => one.trim())
        .filter(Boolean);

function timesOf(text) {
    const [at, until] = text.split(UNTIL).map(timeOf);

    return { at: at ?? null, lasts: at !== null && until > at ? until - at : null };
}

/**
 * The commands that put rows into a film: a stop for each, and passages that are named and not there yet.
 *
 * @param {any} game
 * @param {any} clip
 * @param {ReturnType<typeof readRows>} rows
 * @param {{otherwise: string, wayOn: string}} words where a row has none
 */
function stopsOfRows(game, clip, rows, words) {
    const moments = [...(clip.moments ?? [])];
    const goodRows = rows.filter(({ at }) => at !== null);
    const stops = goodRows.map((row) => {
        const back = row.back === '' ? null : momentFor(moments, row);
        const stop = { clip: clip.id, at: round(row.at), ...(row.lasts ? { lasts: round(row.lasts) } : {}) };

        return newStop(game, clip.id, row.at, { stop, things: thingsOf(row, back, words, moments) });
    });
    // In the document they stand in the order of the rows.
    stops.slice(1).forEach((stop, place) => Object.assign(stop, { after: stops[place].value.id }));
    const fresh = moments.length > (clip.moments ?? []).length;

    return [...(fresh ? [{ set: clip.id, field: 'moments', to: moments }] : []), ...stops];
}

/** By its name, or by its times: "0:24–0:32", "24-32". */
function momentFor(moments, { at: stop, back }) {
    const known = moments.find(({ title }) => title.toLowerCase() === back.toLowerCase());
    if (known) return known.id;
    const [from, to] = back.split(UNTIL).map(timeOf);

    return from === null || from === undefined ? null : momentAt(moments, from, to ?? stop, back);
}

/** The moment at a time, made where there is none. */
function momentAt(moments, at, until, title) {
    const same = moments.find((one) => one.at === at && (one.until ?? null) === until);
    if (same) return same.id;
    const moment = { id: freshId('moment'), title, at, ...(until === null ? {} : { until }) };
    moments.push(moment);

    return moment.id;
}

function thingsOf({ ask, groups, wrong }, back, words, moments) {
    const answers = groups.flat();
    if (answers.length > 0 && answers.every((one) => WAY.test(one))) return waysIn(ask, answers, moments);
    if (answers.length === 0 && !GAP.test(ask)) return ask === '' ? [] : [textOf(ask)];
    const id = freshId('lock');
    const say = wrong || words.otherwise;
    const otherwise = back ? backTo(id, { say, go: back, times: USUAL, then: words.wayOn }) : [{ say }];

    return [{ id, kind: 'lock', label: '', clean: { fair: true, typed: true }, ...askedBy(ask, groups), otherwise }];
}

const textOf = (md) => ({ id: freshId('text'), kind: 'text', md });

/** Choices that lead into the film, under what is asked. */
function waysIn(ask, answers, moments) {
    const choices = answers.map((answer) => {
        const [, md, time] = WAY.exec(answer);

        return {
            id: freshId('choice'),
            kind: 'choice',
            look: 'button',
            md,
            react: [{ go: momentAt(moments, timeOf(time) ?? 0, null, md) }],
        };
    });

    return ask === '' ? choices : [textOf(ask), ...choices];
}

const GAP = /\[[^\]]+\]/;

const opening = (match) => [{ match, verdict: 'open', say: '', go: '@stay' }];

function askedBy(ask, groups) {
    if (GAP.test(ask)) return gapped(ask, groups.flat());
    if (groups.length > 1) return inRounds(ask, groups);
    const [answers] = groups;
    if (answers.length === 1)
        return { ask, input: { type: 'text' }, rules: opening({ equals: answers[0].split(/\s*\/\s*/) }) };
    const { options, right } = optionsOf(answers);

    return {
        ask,
        input: { type: 'options', options, many: right.length > 1, shuffle: true },
        rules: opening({ options: right }),
    };
}

function optionsOf(answers) {
    const options = answers.map((words) => ({ id: freshId('option'), md: words.replace(/^\*\s*/, '') }));
    const starred = options.filter((option, place) => answers[place].startsWith('*')).map(({ id }) => id);

    return { options, right: starred.length > 0 ? starred : [options[0].id] };
}

/** All in a row, but no more than three, open it. */
function inRounds(ask, groups) {
    const rounds = groups.map((answers) => {
        const { options, right } = optionsOf(answers);
        const input = { type: 'options', options, many: right.length > 1, shuffle: true };

        return { id: freshId('round'), ask: '', input, match: { options: right } };
    });

    return {
        ask,
        input: { type: 'text' },
        rounds,
        enough: Math.min(ENOUGH, rounds.length),
        rules: opening({ anything: true }),
    };
}

/** Words in brackets are gaps; with further ones to pick from they are placed. */
function gapped(text, others) {
    const { md, answers } = read(text, { md: '', answers: {} }, () => freshId('gap'));
    const match = Object.fromEntries(Object.entries(answers).map(([id, words]) => [id, { equals: words }]));
    const first = Object.values(answers).flatMap((words) => words.slice(0, 1));
    const bank = others.length > 0 ? [...new Set([...first, ...others])] : [];

    return { ask: '', input: { type: 'gaps', md, bank }, rules: opening({ gaps: match }) };
}

export { readRows, stopsOfRows };

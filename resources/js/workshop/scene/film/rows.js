import Papa from 'papaparse';
import { freshId } from '../../editor/document.js';
import { newStop, timeOf } from '../../editor/films.js';
import { backTo } from './back.js';

/** Answers of a cell stand apart by a bar; the right ones may have a star before them. */
const BETWEEN = /\s*\|\s*/;

/** How often a wrong answer leads back where a row names a passage. */
const USUAL = 2;

/**
 * Rows of a table, one for each stop: time; what is asked; answers; what is said when wrong; the passage to go back to.
 * A row without answers is a page of words. Several answers are options, the first right unless others have a star; one
 * is typed; words with gaps in braces are a text with gaps.
 *
 * @param {string} text as pasted
 * @returns {{at: number | null, ask: string, answers: string[], wrong: string, back: string}[]}
 */
function readRows(text) {
    const delimiter = text.includes('\t') ? '\t' : ';';
    const { data } = Papa.parse(text.trim(), { delimiter, skipEmptyLines: true, quoteChar: '"' });

    return data
        .map(([at = '', ask = '', answers = '', wrong = '', back = '']) => ({
            at: timeOf(at),
            ask: ask.trim(),
            answers: answers
                .split(BETWEEN)
                .map((one) => one.trim())
                .filter(Boolean),
            wrong: wrong.trim(),
            back: back.trim(),
        }))
        .filter(({ at, ask }, place) => place > 0 || at !== null || ask === '');
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
        const things = thingsOf(row, back, words);

        return newStop(game, clip.id, row.at, { things });
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
    const [from, to] = back.split(/\s*[–—-]\s*/).map(timeOf);
    if (from === null || from === undefined) return null;
    const until = to ?? stop;
    const same = moments.find((one) => one.at === from && one.until === until);
    if (same) return same.id;
    const moment = { id: freshId('moment'), title: back, at: from, until };
    moments.push(moment);

    return moment.id;
}

function thingsOf({ ask, answers, wrong }, back, words) {
    if (answers.length === 0 && !GAP.test(ask))
        return ask === '' ? [] : [{ id: freshId('text'), kind: 'text', md: ask }];
    const id = freshId('lock');
    const say = wrong || words.otherwise;
    const otherwise = back ? backTo(id, { say, go: back, times: USUAL, then: words.wayOn }) : [{ say }];

    return [{ id, kind: 'lock', label: '', clean: { fair: true }, ...askedBy(ask, answers), otherwise }];
}

const GAP = /\{([^{}]+)\}/;

const opening = (match) => [{ match, verdict: 'open', say: '', go: '@stay' }];

function askedBy(ask, answers) {
    if (GAP.test(ask)) return gapped(ask, answers);
    if (answers.length === 1)
        return { ask, input: { type: 'text' }, rules: opening({ equals: answers[0].split(/\s*\/\s*/) }) };
    const options = answers.map((words) => ({ id: freshId('option'), md: words.replace(/^\*\s*/, '') }));
    const starred = options.filter((option, place) => answers[place].startsWith('*')).map(({ id }) => id);
    const right = starred.length > 0 ? starred : [options[0].id];

    return {
        ask,
        input: { type: 'options', options, many: right.length > 1, shuffle: true },
        rules: opening({ options: right }),
    };
}

/** Words in braces are gaps; words in the cell of answers are put there from a bank with them. */
function gapped(text, others) {
    const gaps = {};
    const bank = [];
    const md = text.replace(new RegExp(GAP, 'g'), (whole, words) => {
        const id = freshId('gap');
        const right = words.split(/\s*\/\s*/);
        gaps[id] = { equals: right };
        bank.push(right[0]);

        return `{${id}}`;
    });

    return {
        ask: '',
        input: { type: 'gaps', md, ...(others.length > 0 ? { bank: [...new Set([...bank, ...others])] } : {}) },
        rules: opening({ gaps }),
    };
}

export { readRows, stopsOfRows };

import { t } from '../../lib/catalogue.js';
import { answersIn, lengthIn, optionsIn } from '../../lib/cells.js';
import { freshId } from '../editor/document.js';
import { list } from '../editor/ways.js';

/** Between the answers that a lock takes in one cell. */
const BETWEEN = ' | ';

/** The fewest words that are taken for a sentence. */
const SENTENCE = 3;

/** The right answers of a lock as a cell shows them; null where they can't be said in one. */
function answersOf(lock) {
    const rule = openRule(lock);
    if (!rule) return '';

    return inWords(rule.match, lock);
}

function inWords(match, lock) {
    if (match?.equals !== undefined) return list(match.equals).join(BETWEEN);
    if (match?.number !== undefined) return numberInWords(match);
    if (match?.any) return all(match.any.map((one) => inWords(one, lock)));
    if (match?.options)
        return match.options
            .map((id) => lock.input.options?.find((option) => option.id === id)?.md ?? id)
            .join(BETWEEN);
    if (match?.length) return lengthInWords(match.length);

    return null;
}

const numberInWords = ({ number, within, unit }) =>
    [String(number), within !== undefined ? `± ${within}` : null, unit || null].filter(Boolean).join(' ');

/** As the grammar of cells has it, in the language of the interface. */
function lengthInWords({ min = 0, max = null, of = 'words' }) {
    if (of === 'words' && max === null && min === SENTENCE) return '*';

    return max === null
        ? t(`cards.length.least.${of}`, { count: min })
        : t(`cards.length.between.${of}`, { least: min, most: max });
}

const all = (texts) => (texts.includes(null) ? null : texts.join(BETWEEN));

function openRule(lock) {
    return list(lock.rules).find((rule) => rule.verdict === 'open');
}

/**
 * What a lock must match after its answers were written in a cell: `{match, input?}`, or `{refusal}` with a key of
 * words when the kind of answer can't be that.
 */
function matchFrom(lock, text) {
    const answers = answersIn(text);
    if (list(lock.rounds).length > 0) return { refusal: 'kind' };
    const type = lock.input?.type;
    const long = ['text', 'long'].includes(type) ? longFrom(text, answers, type) : null;
    if (long) return long;
    const write = { text: texts, long: texts, digits, number: numbers, options }[type];

    return write ? write(answers, lock) : { refusal: 'kind' };
}

/** A text of a length, or any full sentence, whatever was asked before. */
function longFrom(text, answers, type) {
    const length = lengthIn(text.trim());
    if (length) return { match: { length }, input: { type: 'long', count: length } };
    if (text.trim() === '*' || (answers.length === 0 && type === 'long'))
        return {
            match: { length: { min: SENTENCE, max: null, of: 'words' } },
            ...(type === 'long' ? {} : { input: { type: 'long' } }),
        };

    return null;
}

/**
 * A lock that asks what is written beside a new question: its kind is what the answer says, whatever it was before.
 * Gives `{match, input}`, or a refusal where it asks in rounds.
 */
function lockFrom(lock, text) {
    if (list(lock.rounds).length > 0) return { refusal: 'kind' };
    const answers = answersIn(text);
    const long = longFrom(text, answers, 'text');
    if (long) return long;
    const listed = optionsIn(answers);
    if (listed) return optionsOf(listed);
    if (answers.length > 0 && answers.every((one) => /^0\d{2,9}$/.test(one) && one.length === answers[0].length))
        return { match: { equals: answers }, input: { type: 'digits', length: answers[0].length } };
    const asNumber = numbers(answers, { input: { type: 'number' }, rules: [] });
    if (answers.length > 0 && !asNumber.refusal) return { input: { type: 'number' }, ...asNumber };

    return { ...texts(answers), input: { type: 'text' } };
}

function optionsOf(listed) {
    const entries = listed.map(({ words }) => ({ id: freshId('option'), md: words }));
    const right = entries.filter((entry, place) => listed[place].isRight).map(({ id }) => id);

    return {
        match: { options: right },
        input: { type: 'options', options: entries, many: right.length > 1, shuffle: true },
    };
}

function texts(answers) {
    return { match: { equals: answers } };
}

function digits(answers, lock) {
    const isCode = answers.every((answer) => /^\d{1,20}$/.test(answer) && answer.length === answers[0].length);
    if (!isCode) return { refusal: 'digits' };

    return {
        match: { equals: answers },
        ...(answers.length > 0 && answers[0].length !== lock.input.length
            ? { input: { ...lock.input, length: answers[0].length } }
            : {}),
    };
}

/** A number, how far from it an answer may be, and its unit, which may stand before that too. */
const NUMBER = /^([+−-]?\d+(?:[.,]\d+)?)(?:\s*(?:±|\+-|\+\/-)\s*(\d+(?:[.,]\d+)?\s?%?))?\s*([^\d\s±+].*)?$/u;

const withinOf = (room, kept) =>
    room === undefined
        ? kept.within
            ? { within: kept.within }
            : {}
        : { within: room.endsWith('%') ? room.replace(',', '.') : Number(room.replace(',', '.')) };

function numbers(answers, lock) {
    const read = answers.map((answer) => answer.match(NUMBER));
    if (read.some((one) => one === null)) return { refusal: 'number' };
    const kept = openRule(lock)?.match ?? {};
    const unit = read.find((one) => one[3])?.[3] ?? lock.input.unit;
    const matches = read.map((one) => ({
        number: Number(one[1].replace(',', '.').replace('−', '-')),
        ...withinOf(one[2], kept),
        ...(unit ? { unit } : {}),
    }));

    return {
        match: matches.length === 1 ? matches[0] : { any: matches },
        ...(unit && unit !== lock.input.unit ? { input: { ...lock.input, unit } } : {}),
    };
}

function options(answers, lock) {
    const found = answers.map(
        (answer) => lock.input.options.find((option) => option.md.trim().toLowerCase() === answer.toLowerCase())?.id,
    );

    return found.length === 0 || found.includes(undefined) ? { refusal: 'options' } : { match: { options: found } };
}

export { answersOf, lockFrom, matchFrom, openRule };

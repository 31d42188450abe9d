import { list } from '../editor/ways.js';

/** Between the answers that a lock takes in one cell. */
const BETWEEN = ' | ';

/** The right answers of a lock as a cell shows them; null where they can't be said in one. */
function answersOf(lock) {
    const rule = openRule(lock);
    if (!rule) return '';

    return inWords(rule.match, lock);
}

function inWords(match, lock) {
    if (match?.equals !== undefined) return list(match.equals).join(BETWEEN);
    if (match?.number !== undefined) return `${match.number}${match.unit ? ` ${match.unit}` : ''}`;
    if (match?.any) return all(match.any.map((one) => inWords(one, lock)));
    if (match?.options)
        return match.options
            .map((id) => lock.input.options?.find((option) => option.id === id)?.md ?? id)
            .join(BETWEEN);
    if (match?.length?.of === 'words' && match.length.max === null) return '*';

    return null;
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
    const answers = text
        .split('|')
        .map((one) => one.trim())
        .filter(Boolean);
    if (list(lock.rounds).length > 0) return { refusal: 'kind' };
    const write = { text: texts, long: longs, digits, number: numbers, options }[lock.input?.type];

    return write ? write(answers, lock) : { refusal: 'kind' };
}

function texts(answers) {
    return { match: { equals: answers } };
}

function longs(answers) {
    return answers.join() === '*' || answers.length === 0
        ? { match: { length: { min: 3, max: null, of: 'words' } } }
        : texts(answers);
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

function numbers(answers, lock) {
    const read = answers.map((answer) => answer.match(/^([+−-]?\d+(?:[.,]\d+)?)\s*(\S.*)?$/));
    if (read.some((one) => one === null)) return { refusal: 'number' };
    const kept = openRule(lock)?.match ?? {};
    const unit = read.find((one) => one[2])?.[2] ?? lock.input.unit;
    const matches = read.map((one) => ({
        number: Number(one[1].replace(',', '.').replace('−', '-')),
        ...(kept.within ? { within: kept.within } : {}),
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

export { answersOf, matchFrom, openRule };

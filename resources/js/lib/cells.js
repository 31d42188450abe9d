import { SYMBOLS } from './units-table.js';

/**
 * What the cell of an answer means, as the engine reads it (Rows/Alternatives, Rows/LeastLength): several answers, a
 * text of a length, options of which the right ones have a star. What both must read alike is tested in both.
 */
const BETWEEN = /\s*[|;\n]\s*|\s+\/\s+/u;

const JOINING = ['and', 'or', 'und', 'oder', 'et', 'ou', 'y', 'o'];

/** Slashes of a fraction, a date, an address or a term. */
const ONE = [/^\s*-?\d+(?:\/\d+)+\s*$|\d+ \d+\/\d|:\/\//, /\d\/[A-Za-z]\b|[A-Za-z)]\/\d|[()^=]/];

const QUANTITY = /^\s*[+−-]?\d[\d.,'\s]*(\S.*)$/u;

const LENGTHS = {
    words: 'words?|wörter[n]?|worte[n]?|mots?|palabras?',
    characters: 'characters?|letters?|zeichen|buchstaben|caractères?|lettres?|caracteres?|letras?',
};

const LEAST = 'at\\s+least|no\\s+less\\s+than|mindestens|wenigstens|au\\s+moins|al\\s+menos|como\\s+mínimo';

const MORE = 'or\\s+more|oder\\s+mehr|ou\\s+plus|o\\s+más';

/** A cell of a table from the clipboard that begins with a quote: with quotes around it, or words like others. */
const QUOTED = /(^|[\t\n])( *)(?:("(?:[^"]|"")*"(?!")(?= *(?:[\t\r\n]|$)))|("[^\t\r\n]*))/g;

/** The text of a table with quotes around those cells too that only begin with one. */
function quoted(text) {
    return text.replace(QUOTED, (_whole, before, _blanks, around, bare) =>
        bare === undefined ? before + around : `${before}"${bare.replaceAll('"', '""')}"`,
    );
}

/** The several answers of a cell, each once. */
function answersIn(cell) {
    const parts = cell.split(BETWEEN);
    const areOptions = parts.some((part) => part.startsWith('*'));
    const all = areOptions ? parts : parts.flatMap(slashed);

    return [...new Set(all.map((one) => one.trim()).filter(Boolean))];
}

/** Words that are listed in a line; a comma between figures parts none. */
function listIn(line) {
    return line
        .split(/\s*[|;\n]\s*|\s*,(?!\d)\s*|(?<!\d)\s*,\s*/u)
        .map((word) => word.trim())
        .filter(Boolean);
}

function slashed(part) {
    const sides = part.split('/');
    const isOne =
        sides.length < 2 ||
        sides.some((side) => side.trim() === '') ||
        ONE.some((pattern) => pattern.test(part)) ||
        isUnit(part) ||
        isUnit(QUANTITY.exec(part)?.[1] ?? '') ||
        sides.every((side) => JOINING.includes(side.toLowerCase()));

    return isOne ? [part] : sides;
}

/** Whether it is one unit by another. */
const isUnit = (text) =>
    text.includes('/') &&
    text
        .trim()
        .split('/')
        .every((side) => SYMBOLS.includes(side.replace(/\^?[23²³]$/u, '')));

/** A text of a length that a cell asks for, as a matcher has it; null where it asks for another thing. */
function lengthIn(cell) {
    for (const [of, unit] of Object.entries(LENGTHS)) {
        const least =
            cell.match(new RegExp(`^(?:${LEAST})\\s+(\\d{1,4})\\s+(?:${unit})[.!]?$`, 'iu')) ??
            cell.match(new RegExp(`^(\\d{1,4})\\s+(?:${unit})\\s+(?:${MORE})[.!]?$`, 'iu'));
        if (least) return { min: Number(least[1]), max: null, of };
        const range = cell.match(new RegExp(`^(\\d{1,4})\\s*[-–]\\s*(\\d{1,4})\\s+(?:${unit})[.!]?$`, 'iu'));
        if (range) {
            const ends = [Number(range[1]), Number(range[2])];

            return { min: Math.min(...ends), max: Math.max(...ends), of };
        }
    }

    return null;
}

/** Options with a star before those that are right: `{words, isRight}` of each; null where it is no such list. */
function optionsIn(answers) {
    const isStarred = (one) => /^\*\s*\S/u.test(one);
    if (answers.length < 2 || !answers.some(isStarred)) return null;

    return answers.map((one) => ({ words: one.replace(/^[* ]+/, ''), isRight: isStarred(one) }));
}

export { answersIn, lengthIn, listIn, optionsIn, quoted };

import { list } from '../../editor/ways.js';

/**
 * A text with gaps as a teacher writes it: what belongs in a gap stands there in square brackets, other right words
 * after a bar. It stands for the text of the document with its marks, and for what each gap takes.
 *
 * @typedef {{md: string, answers: Record<string, string[]>}} Gapped
 */

const MARK = /\{\{|\{([a-z][a-z0-9_-]{0,39})\}/g;
const BRACKET = /\[([^[\]\n]*)\]/g;

/**
 * @param {Gapped} gapped
 * @returns {string}
 */
function written({ md, answers }) {
    return (md ?? '').replace(MARK, (mark, id) => (id ? `[${list(answers[id]).join('|')}]` : '{'));
}

/**
 * The same word keeps its gap, so that what rules say of it goes on.
 *
 * @param {string} text
 * @param {Gapped} before
 * @param {() => string} newId
 * @returns {Gapped}
 */
function read(text, before, newId) {
    const left = new Map(Object.entries(before.answers).map(([id, words]) => [words.join('|'), id]));
    const answers = {};
    const parts = text.replace(/\{/g, '{{').replace(BRACKET, (whole, inner) => {
        const words = inner
            .split('|')
            .map((word) => word.trim())
            .filter(Boolean);
        if (words.length === 0) return whole;
        const key = words.join('|');
        const id = left.get(key) ?? newId();
        left.delete(key);
        answers[id] = words;

        return `{${id}}`;
    });

    return { md: parts, answers };
}

/** The words and what stands between them, to press: each word and whether it is a gap. */
function pieces(text) {
    return text
        .split(/(\[[^[\]\n]+\]|[\p{L}\p{N}\p{M}'’-]+)/u)
        .filter((piece) => piece !== '')
        .map((piece) => ({
            text: piece,
            isGap: /^\[.+\]$/u.test(piece),
            isWord: /[\p{L}\p{N}]/u.test(piece),
        }));
}

/** The text with the piece at a place made a gap, or a word again. */
function toggled(text, place) {
    return pieces(text)
        .map(({ text: piece, isGap }, at) => {
            if (at !== place) return piece;

            return isGap ? piece.slice(1, -1).split('|')[0] : `[${piece}]`;
        })
        .join('');
}

export { pieces, read, toggled, written };

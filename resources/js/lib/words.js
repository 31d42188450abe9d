import MarkdownIt from 'markdown-it';
import { el, markup } from './tree.js';

/** As the server reads them: raw HTML is shown as text, and a price is no formula. */
const FORMULA = /\$\$[^$]+\$\$|\$(?![\s$])(?:[^$\n\\]|\\.)+?(?<!\s)\$(?!\d)/y;

const reader = new MarkdownIt('commonmark', { html: false, breaks: true }).enable('table').disable('image');
reader.inline.ruler.before('escape', 'formula', formula);

function formula(state, silent) {
    FORMULA.lastIndex = state.pos;
    const [written] = FORMULA.exec(state.src) ?? [];
    if (!written) return false;
    if (!silent) {
        const shown = written.startsWith('$$');
        const text = state.md.utils.escapeHtml(written.replace(/^\$+|\$+$/g, '').trim());
        state.push('html_inline', '', 0).content = `<span class="math${shown ? ' math-display' : ''}">${text}</span>`;
    }
    state.pos += written.length;

    return true;
}

/** No line ends inside of a sum: a sign between two numbers, and one that waits for what comes. */
const BETWEEN = /(?<=[\d?)²³]) ([×·÷:=+−–<>≤≥≈-]) (?=[\d?(…_])/gu;
const AFTER = /(?<=[\d)²³]) ([=<>≤≥≈])(?=\s|$)/gu;
const glued = (text) => text.replace(BETWEEN, '\u00a0$1\u00a0').replace(AFTER, '\u00a0$1');

reader.renderer.rules.text = (tokens, at) => reader.utils.escapeHtml(glued(tokens[at].content));

/** A text of the game as HTML, as the server makes it. */
const htmlOf = (md) => reader.render(md).trim();

/** A text of the game as students see it; formulas are drawn by whoever watches over them. */
function drawnWords(md) {
    return el('div', { class: 'words', 'data-key': `words.${md}` }, markup(htmlOf(md)));
}

export { drawnWords, htmlOf };

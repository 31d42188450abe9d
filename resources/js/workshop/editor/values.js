import { t } from '../../lib/catalogue.js';
import * as dom from '../../lib/dom.js';
import { el, icon } from '../../lib/tree.js';
import { codeMark, codeOf, inWords, lockNames, locksIn, namedParts } from './marks.js';

/** Signs of a code that get a button each. */
const MOST = 12;

/** What can be put into the text of a field: names, numbers and codes, a button each. Made when it is opened. */
function valuesMenu(key, label, editor) {
    return el(
        'details',
        { class: 'values', 'data-key': `${key}.values`, ontoggle: ({ target }) => target.open && fill(target, editor) },
        el(
            'summary',
            { 'aria-label': t('cards.marks.putInto', { field: label }), title: t('cards.marks.put') },
            icon('text-cursor-input'),
        ),
        el('div', { class: 'values-body' }),
    );
}

function fill(menu, editor) {
    const { game } = editor.store;
    const names = lockNames(game);
    const button = (words, mark) =>
        dom.el('button', { type: 'button', class: 'value', onclick: () => put(menu, inWords(mark, game)) }, words);
    const codes = locksIn(game)
        .map((lock) => [lock, codeOf(lock, game)])
        .filter(([, signs]) => signs.length > 0);
    menu.querySelector('.values-body').replaceChildren(
        dom.el('p', {}, ...namedParts(game).map(([id, name]) => button(name, `{=${id}}`))),
        ...codes.map(([{ id }, signs]) =>
            dom.el(
                'p',
                {},
                button(t('cards.marks.code', { lock: names.get(id) }), codeMark(id)),
                ...(signs.length > 1
                    ? signs.slice(0, MOST).map((sign, at) => signButton(sign, at + 1, id, names.get(id), button))
                    : []),
            ),
        ),
    );
}

function signButton(sign, first, id, lock, button) {
    const made = button(`${first}: ${sign}`, codeMark(id, first));
    made.setAttribute('aria-label', t('cards.marks.sign', { lock, first }));

    return made;
}

/** Puts the words where the field was last written in. */
function put(menu, words) {
    const field = menu.parentElement.querySelector('textarea, input');
    menu.open = false;
    field.focus();
    field.setRangeText(words, field.selectionStart, field.selectionEnd, 'end');
    field.dispatchEvent(new Event('input', { bubbles: true }));
}

export { valuesMenu };

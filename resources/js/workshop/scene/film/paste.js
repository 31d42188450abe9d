import { post } from '../../../lib/http.js';
import { t } from '../../../lib/catalogue.js';
import { el, icon, made, redraw } from '../../../lib/tree.js';

/** How long one rests from typing before the rows are read, in milliseconds. */
const REST = 250;

/** The card in which stops are pasted as rows, each cell is told of, and put into the film at once. */
function pasteCard(editor, clip, close) {
    const body = made(el('div', { class: 'card-body', 'data-key': 'paste-stops' }));
    let [text, heading, found, asked, resting] = ['', '', null, 0, null];
    draw();
    setTimeout(() => body.querySelector('textarea')?.focus());

    return [
        el(
            'header',
            { class: 'card-head' },
            icon('clipboard-paste'),
            el('h2', {}, t('films.pasteStops')),
            el(
                'button',
                { class: 'link card-back', 'data-key': 'paste.close', onclick: close },
                t('cards.picker.notNow'),
            ),
        ),
        body,
    ];

    function draw() {
        const count = text.trim() === '' ? 0 : (found?.count ?? 0);
        redraw(body, [
            el('p', { class: 'help' }, t('films.rowsHelp')),
            el('textarea', {
                class: 'area film-rows',
                rows: 8,
                'data-key': 'paste.rows',
                'aria-label': t('films.rows'),
                placeholder: t('films.rowsExample'),
                value: text,
                oninput: ({ target }) => {
                    text = target.value;
                    found = null;
                    clearTimeout(resting);
                    resting = setTimeout(look, REST);
                    draw();
                },
            }),
            found && text.trim() !== '' ? account() : null,
            el(
                'button',
                { class: 'button primary', 'data-key': 'paste.take', disabled: count === 0, onclick: take },
                t('films.rowsTake', { count }),
            ),
        ]);
    }

    async function look() {
        const turn = ++asked;
        await editor.store.flushed();
        const { body: reply } = await post(`${editor.address}/stops/preview`, { clip, rows: text, heading });
        if (turn !== asked || !reply?.cells) return;
        found = reply;
        draw();
    }

    /** What became of each cell; what is left out comes first. */
    function account() {
        const cells = [...found.cells].sort((a, b) => Number(a.taken) - Number(b.taken));

        return el(
            'div',
            { 'data-key': 'paste.read' },
            el(
                'ol',
                { class: 'film-rows-read', 'aria-label': t('films.rowsRead') },
                cells.map(({ row, text: cell, as, taken }) =>
                    el(
                        'li',
                        { class: taken ? null : 'is-bad' },
                        el('span', { class: 'cell-row' }, String(row)),
                        el('q', { title: cell }, cell),
                        el('span', {}, as),
                    ),
                ),
            ),
            found.heading || heading === 'row'
                ? el(
                      'button',
                      { class: 'link', 'data-key': 'paste.heading', onclick: turnHeading },
                      found.heading ? t('films.headingIsRow') : t('films.headingAgain'),
                  )
                : null,
        );
    }

    function turnHeading() {
        heading = found.heading ? 'row' : '';
        look();
    }

    function take() {
        editor.store.build({ clip, rows: text, heading }, 'stops');
        close();
    }
}

export { pasteCard };

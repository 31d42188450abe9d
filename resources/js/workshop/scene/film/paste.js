import { t } from '../../../lib/catalogue.js';
import { el, icon, made, redraw } from '../../../lib/tree.js';
import { clock } from '../../editor/films.js';
import { readRows, stopsOfRows } from './rows.js';

/** The card in which stops are pasted as rows, seen as they will be, and put into the film at once. */
function pasteCard(editor, clip, close) {
    const body = made(el('div', { class: 'card-body', 'data-key': 'paste-stops' }));
    let text = '';
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
        const rows = readRows(text);
        const bad = rows.filter(({ at }) => at === null);
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
                    draw();
                },
            }),
            rows.length > 0
                ? el(
                      'ol',
                      { class: 'film-rows-read' },
                      rows.map((row) => el('li', { class: row.at === null ? 'is-bad' : null }, read(row))),
                  )
                : null,
            bad.length > 0 ? el('p', { class: 'notice' }, t('films.rowsBad', { count: bad.length })) : null,
            el(
                'button',
                {
                    class: 'button primary',
                    'data-key': 'paste.take',
                    disabled: rows.length === bad.length,
                    onclick: take,
                },
                t('films.rowsTake', { count: rows.length - bad.length }),
            ),
        ]);
    }

    function take() {
        const { game } = editor.store;
        const thing = game.scenes.flatMap((scene) => scene.things ?? []).find(({ id }) => id === clip);
        const rows = readRows(text);
        editor.store.edit(
            stopsOfRows(game, thing, rows, { otherwise: t('made.new.notYet'), wayOn: t('made.new.wayOn') }),
            t('edits.labels.pastedStops', { count: rows.filter(({ at }) => at !== null).length }),
        );
        close();
    }
}

function read({ at, lasts, ask, groups, back }) {
    const answers = groups.map((group) => group.join(' | ')).join(' || ');
    const words = [ask, answers ? `→ ${answers}` : '', back ? `↶ ${back}` : ''];
    const time = at === null ? '?' : `${clock(at)}${lasts ? `–${clock(at + lasts)}` : ''}`;

    return `${time} · ${words.filter(Boolean).join('  ')}`;
}

export { pasteCard };

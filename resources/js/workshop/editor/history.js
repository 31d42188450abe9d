import { wordsAt } from '../../lib/catalogue.js';
import { el, made, redraw } from '../../lib/tree.js';
import { get } from '../../lib/http.js';

/** Every change of the game by its name and time, the newest first; pressing one returns to the moment after it. */
function openHistory(editor) {
    const words = wordsAt('workshop.history');
    const button = document.getElementById('history');
    const list = made(
        el('section', {
            class: 'findings-list history-list',
            id: 'history-list',
            'aria-label': words.title,
            hidden: true,
        }),
    );
    document.getElementById('faces').before(list);
    const close = () => {
        list.hidden = true;
        button.setAttribute('aria-expanded', 'false');
    };
    button.addEventListener('click', async () => {
        if (!list.hidden) return close();
        await draw();
        list.hidden = false;
        button.setAttribute('aria-expanded', 'true');
        list.querySelector('[aria-current], button')?.focus();
    });
    list.addEventListener('keydown', (event) => {
        if (event.key !== 'Escape') return;
        close();
        button.focus();
    });
    for (const kind of ['kept', 'change']) editor.store.news.addEventListener(kind, () => !list.hidden && draw());

    async function draw() {
        await editor.store.flushed();
        const { body } = await get(`${editor.address}/history`);
        if (!body) return;
        const standing = body.changes.find((change) => !change.undone)?.id ?? 0;
        redraw(list, [
            el('header', { class: 'findings-head' }, el('h2', {}, words.title)),
            el(
                'ol',
                {},
                body.changes.map((change) => moment(change.id, change.label, change, standing)),
                moment(0, words.begin, { undone: false, at: null }, standing),
            ),
        ]);
    }

    function moment(id, label, { undone, at }, standing) {
        return el(
            'li',
            { 'data-key': `history.${id}` },
            el(
                'button',
                {
                    class: `history-moment${undone ? ' history-undone' : ''}`,
                    'aria-current': id === standing ? 'true' : null,
                    onclick: () => id !== standing && editor.store.returnTo(id),
                },
                el('span', {}, label || '…'),
                at
                    ? el(
                          'time',
                          { datetime: at },
                          new Date(at).toLocaleString(undefined, { dateStyle: 'short', timeStyle: 'short' }),
                      )
                    : null,
                undone ? el('span', { class: 'hidden-words' }, words.undone) : null,
            ),
        );
    }
}

export { openHistory };

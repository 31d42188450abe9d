import { t } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/dom.js';
import { attempt, isTheServers } from './document.js';
import { typedIn } from './typed.js';

/**
 * What was typed and could not be kept stays in reach: to copy, or to put in again where its place still is.
 *
 * @param {HTMLElement} panel
 * @param {import('./context.js').Editor['store']} store
 */
function openLost(panel, store) {
    let losses = [];

    function take(loss) {
        const typed = loss.command === null ? [] : typedIn(loss.command, store.game);
        if (typed.length > 0) losses = [...losses, { ...loss, typed }];
        draw();
    }

    function draw() {
        panel.hidden = losses.length === 0;
        panel.replaceChildren(...losses.map(lossOf));
    }

    function lossOf(loss) {
        return el(
            'article',
            { class: 'lost' },
            el('h2', {}, t('workshop.lost.yours')),
            ...loss.typed.map((text) => el('blockquote', {}, text)),
            el(
                'p',
                { class: 'lost-acts' },
                copyOf(loss),
                againOf(loss),
                el('button', { class: 'link', onclick: () => drop(loss) }, t('workshop.lost.leave')),
            ),
        );
    }

    function copyOf(loss) {
        const copy = el('button', { class: 'button' }, icon('copy'), t('workshop.lost.copy'));
        copy.addEventListener('click', async () => {
            await navigator.clipboard.writeText(loss.typed.join('\n\n'));
            copy.replaceChildren(icon('check'), t('workshop.lost.copied'));
        });

        return copy;
    }

    /** Only where the place it was typed for is still there. */
    function againOf(loss) {
        if (!isTheServers(loss.command) && attempt(store.game, loss.command).refusal !== null) return null;

        return el('button', { class: 'button', onclick: () => putIn(loss) }, t('workshop.lost.again'));
    }

    function putIn(loss) {
        drop(loss);
        store.edit(loss.command, loss.label);
    }

    function drop(loss) {
        losses = losses.filter((one) => one !== loss);
        draw();
    }

    return { take, draw };
}

export { openLost };

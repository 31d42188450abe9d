import { t } from '../../../lib/catalogue.js';
import { get, post } from '../../../lib/http.js';
import { el, icon } from '../../../lib/tree.js';

/** Milliseconds between two looks at a film that is being cut. */
const AGAIN = 1500;

/** Clip → what is known of its pieces, for the draft of which revision, and what is asked just now. */
const known = new Map();

/** That one can look ahead in a film, and the way out: it is cut at its stops, beside whatever one does meanwhile. */
function cutPart(thing, editor) {
    const standing = standingOf(thing, editor);
    const says = standing?.state === 'cut' ? t('films.isCut', { count: standing.pieces }) : t('films.lookAhead');

    return el(
        'div',
        { class: 'card-part', 'data-key': `${thing.id}.cut` },
        el('p', { class: 'help' }, says),
        standing?.message ? el('p', { class: 'notice', role: 'alert' }, standing.message) : null,
        standing?.state === 'failed' ? el('p', { class: 'notice', role: 'alert' }, t('films.cutFailed')) : null,
        standing?.state === 'cutting' ? progress(standing) : null,
        standing && !standing.isPossible && standing.state !== 'cut'
            ? el('p', { class: 'help' }, t('films.cutElsewhere'))
            : null,
        standing?.isPossible && ['whole', 'failed'].includes(standing.state)
            ? el(
                  'button',
                  { class: 'link', 'data-key': `${thing.id}.cut.begin`, onclick: () => begin(thing, editor) },
                  icon('scissors'),
                  t('films.cut'),
              )
            : null,
    );
}

function progress({ percent }) {
    return el(
        'p',
        { class: 'film-cutting' },
        el('progress', { max: 100, value: percent, 'aria-label': t('films.cutting', { percent }) }),
        t('films.cutting', { percent }),
    );
}

/** Moved stops make other pieces: it is asked again for each revision, and while the film is being cut. */
function standingOf(thing, editor) {
    const { revision } = editor.store;
    const one = known.get(thing.id);
    if (one?.revision !== revision) {
        known.set(thing.id, { ...one, revision });
        look(thing, editor);
    }

    return known.get(thing.id)?.standing ?? null;
}

const addressOf = (thing, editor) => `${editor.address}/cuts/${thing.id}`;

async function look(thing, editor) {
    await editor.store.flushed();
    const { body } = await get(addressOf(thing, editor));
    tell(thing, editor, body?.state ? body : null);
}

async function begin(thing, editor) {
    await editor.store.flushed();
    const { body } = await post(addressOf(thing, editor), {});
    const before = known.get(thing.id)?.standing;
    tell(thing, editor, body?.state ? body : { ...before, message: body?.message ?? t('films.cutFailed') });
}

function tell(thing, editor, standing) {
    known.set(thing.id, { ...known.get(thing.id), standing });
    editor.draw();
    if (standing?.state === 'cutting') setTimeout(() => look(thing, editor), AGAIN);
}

export { cutPart };

import { t } from '../../lib/catalogue.js';
import { el } from '../../lib/tree.js';
import { GAME } from '../editor/document.js';
import { area } from '../editor/fields.js';
import { list } from '../editor/ways.js';

/** For what a game has wordings, in the order in which they are thought of. */
const SAID = ['right', 'open', 'almost', 'wrong', 'notReady', 'noted'];

/** How the whole game speaks of answers about which nothing else is said; several wordings take turns. */
function voiceField(editor) {
    const voice = editor.store.game.voice ?? {};

    return el(
        'details',
        { class: 'card-more', 'data-key': 'game.voice' },
        el('summary', {}, t('cards.voice.title')),
        el('p', { class: 'help' }, t('cards.voice.help')),
        SAID.map((name) =>
            area({
                key: `game.voice.${name}`,
                label: t(`cards.voice.${name}`),
                shown: true,
                hint: t('cards.voice.hint'),
                value: list(voice[name]).join('\n'),
                take: (text) => editor.store.edit(wording(editor, name, text), t('edits.labels.voice')),
            }),
        ),
    );
}

function wording(editor, name, text) {
    const lines = text
        .split('\n')
        .map((one) => one.trim())
        .filter(Boolean);

    return { set: GAME, field: 'voice', to: { ...editor.store.game.voice, [name]: lines } };
}

export { voiceField };

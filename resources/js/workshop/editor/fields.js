import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { freshId, part } from './document.js';
import { clock, filmOf, isStop, momentName, momentsIn, stopName } from './films.js';
import { inMarks, inWords } from './marks.js';
import { valuesMenu } from './values.js';

/** How long after the last key a text is kept, in milliseconds. */
const REST = 700;

/**
 * A part as it stands now. What a card was drawn from may be older: a field that is left by pressing something is kept
 * before that press is answered.
 */
function now(editor, held) {
    return part(editor.store.game, held.id) ?? held;
}

/**
 * Text that grows with what is written. `take` gets the value when the writing rests and when the field is left, and
 * only if it is another than before. `says` is the editor where the text may say names, numbers and codes.
 */
function area({ key, label, value, take, hint = '', rows = 1, shown = false, says = null }) {
    const field = el('textarea', {
        'data-key': key,
        rows,
        'aria-label': shown ? null : label,
        placeholder: hint,
        class: 'area',
        ...kept(
            says ? inWords(value, says.store.game) : value,
            says ? (text) => take(inMarks(text, says.store.game)) : take,
        ),
    });
    const whole = shown ? el('label', { class: 'field' }, el('span', {}, label), field) : field;

    return says ? el('div', { class: 'valued' }, whole, valuesMenu(key, label, says)) : whole;
}

function line({
    key,
    label,
    value,
    take,
    paste = null,
    hint = '',
    type = 'text',
    width = null,
    shown = true,
    list = null,
}) {
    const field = el('input', {
        'data-key': key,
        type,
        'aria-label': shown ? null : label,
        placeholder: hint,
        class: width,
        list,
        ...(paste ? { onpaste: paste } : {}),
        ...kept(String(value ?? ''), take),
    });

    return shown ? el('label', { class: 'field' }, el('span', {}, label), field) : field;
}

/** What a field holds, and who gets what is written in it. */
function kept(value, take) {
    return {
        value,
        '.kept': value,
        '.take': take,
        oninput: ({ target }) => {
            clearTimeout(target.resting);
            target.resting = setTimeout(() => offer(target), REST);
        },
        onchange: ({ target }) => offer(target),
        onblur: ({ target }) => offer(target),
    };
}

function offer(field) {
    clearTimeout(field.resting);
    if (field.value === field.kept) return;
    field.kept = field.value;
    field.take(field.value);
}

function pick({ key, label, value, options, take, shown = true }) {
    const field = el(
        'select',
        { 'data-key': key, 'aria-label': shown ? null : label, onchange: (event) => take(event.target.value) },
        options.map(([id, words]) => el('option', { value: id, selected: id === value }, words)),
    );

    return shown ? el('label', { class: 'field' }, el('span', {}, label), field) : field;
}

function tick({ key, label, value, take }) {
    return el(
        'label',
        { class: 'tick' },
        el('input', {
            'data-key': key,
            type: 'checkbox',
            checked: value,
            onchange: (event) => take(event.target.checked),
        }),
        label,
    );
}

/**
 * Where something leads. A scene is chosen by its name, or made on the spot: `take` then gets its id and the command
 * that makes it, so that both are one change.
 */
function destination({ key, value, take, editor, label = t('cards.fields.leadsTo'), none = t('workshop.openEnd') }) {
    const { game } = editor.store;
    const words = wordsAt('workshop.routes');
    const here = game.scenes.find((scene) => scene.id === editor.scene);
    const own = filmOf(game, here)?.clip.id;
    const moments = momentsIn(game).sort(
        (one, other) => Number(other.clip === own) - Number(one.clip === own) || one.at - other.at,
    );
    const scenes = game.scenes.map((scene) =>
        el('option', { value: scene.id, selected: scene.id === value }, sceneName(game, scene)),
    );
    const chosen = (event) => {
        if (event.target.value !== '+') return take(event.target.value, []);
        const scene = newScene(game, editor);
        take(scene.value.id, [scene]);
    };

    const byPicture = (event) => {
        event.preventDefault();
        editor.pickScene(take);
    };

    return el(
        'label',
        { class: 'leads' },
        el('span', {}, label),
        el(
            'button',
            {
                class: 'mover',
                type: 'button',
                'data-key': `${key}.picture`,
                'aria-label': t('workshop.chooseByPicture'),
                title: t('workshop.chooseByPicture'),
                onclick: byPicture,
            },
            icon('search'),
        ),
        el(
            'select',
            { 'data-key': key, onchange: chosen },
            el('option', { value: '', selected: !value }, none),
            el('option', { value: '+' }, t('cards.fields.aNewScene')),
            el('optgroup', { label: t('cards.fields.scenes') }, scenes),
            el(
                'optgroup',
                { label: t('cards.fields.byTheWayTaken') },
                Object.entries(words)
                    .filter(([id]) => id !== '@on' || id === value || isStop(game, here))
                    .map(([id, name]) => el('option', { value: id, selected: id === value }, name)),
            ),
            moments.length > 0
                ? el(
                      'optgroup',
                      { label: t('films.momentsOf') },
                      moments.map((moment) =>
                          el('option', { value: moment.id, selected: moment.id === value }, momentName(moment)),
                      ),
                  )
                : null,
        ),
    );
}

function sceneName(game, scene) {
    if (isStop(game, scene)) return `${stopName(game, scene)} · ${clock(scene.stop.at)}`;
    const chapter = game.chapters?.find((one) => one.id === scene.chapter);
    const title = scene.title || scene.id;

    return chapter && !title.startsWith(chapter.title) ? `${title} · ${chapter.title}` : title;
}

/** The command that puts a new scene right after the present one. */
function newScene(game, editor) {
    const here = game.scenes.find((scene) => scene.id === editor.scene);
    const value = {
        id: freshId('scene'),
        ...(here?.chapter ? { chapter: here.chapter } : {}),
        title: t('made.new.scene'),
        layout: here?.layout ?? 'page',
        waits: true,
        ...(here?.layout === 'stage' ? { backdrop: here.backdrop } : {}),
        things: [],
    };

    return { insert: 'scenes', in: '@game', after: here?.id ?? null, value };
}

export { area, destination, line, newScene, now, pick, sceneName, tick };

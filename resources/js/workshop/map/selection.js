import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon, redraw } from '../../lib/tree.js';
import { pick, sceneName } from '../editor/fields.js';
import * as verbs from '../editor/scenes.js';

/** The card over the map: of the track that was pressed, or of the scenes that are picked. */
function drawSelection(holder, editor, drawing) {
    const { track, picked } = editor.chosen;
    const known = drawing.tracks.find((one) => one.id === track);
    holder.hidden = !known && picked.size === 0;
    redraw(holder, known ? trackCard(known, editor) : picked.size > 0 ? pickedCard([...picked], editor) : []);
}

function head(words, editor) {
    return el(
        'header',
        { class: 'map-card-head' },
        el('h2', {}, words),
        el(
            'button',
            {
                class: 'mover',
                'aria-label': t('workshop.map.close'),
                'data-key': 'map.card.close',
                onclick: () => clear(editor),
            },
            icon('x'),
        ),
    );
}

function clear(editor) {
    editor.chosen = { track: null, picked: new Set() };
    editor.draw();
}

function trackCard(track, editor) {
    const words = wordsAt('workshop.map');
    const ways = track.both
        ? [
              { from: track.from, to: track.to },
              { from: track.to, to: track.from },
          ]
        : [{ from: track.from, to: track.to }];
    const name = (id) => editor.store.game.scenes.find((scene) => scene.id === id)?.title || id;

    return [
        head(words.way, editor),
        ...ways.map((way, at) =>
            el(
                'section',
                { 'data-key': `track.${way.from}.${way.to}` },
                el(
                    'p',
                    { class: 'map-card-way' },
                    el('strong', {}, name(way.from)),
                    icon('arrow-right'),
                    el('strong', {}, name(way.to)),
                ),
                el('p', { class: 'help' }, track.why[at] ?? track.why.join(' · ')),
                act('plus', words.insert, 'map.insert', () => {
                    verbs.insert(editor, way);
                    clear(editor);
                }),
                act('signpost', words.lead, 'map.lead', async () => {
                    await editor.show('scene');
                    editor.pickScene((id, made) => {
                        if (made.length > 0) editor.store.edit(made, t('edits.labels.newScene'));
                        verbs.relink(editor, way, id);
                        editor.show('map');
                    });
                }),
                act('x', words.open, 'map.open', () => {
                    verbs.relink(editor, way, '');
                    clear(editor);
                }),
            ),
        ),
    ];
}

function pickedCard(ids, editor) {
    const words = wordsAt('workshop.map');
    const { game } = editor.store;
    const into = verbs.waysInto(game, ids);
    const others = game.scenes
        .filter((scene) => !ids.includes(scene.id))
        .map((scene) => [scene.id, sceneName(game, scene)]);
    const chapters = [
        ['', words.choose],
        ['-', t('workshop.noChapter')],
        ...(game.chapters ?? []).map((chapter) => [chapter.id, chapter.title]),
        ['+', words.newChapter],
    ];
    const move = (id) =>
        id === '+'
            ? verbs.toNewChapter(editor, ids)
            : id !== '' && verbs.toChapter(editor, ids, id === '-' ? null : id);
    const placed = ids.filter((id) => game.scenes.find((scene) => scene.id === id)?.at);
    const gone = (to) => {
        verbs.remove(editor, ids, to);
        clear(editor);
    };

    return [
        head(t('workshop.map.picked', { count: ids.length }), editor),
        pick({ key: 'map.chapter', label: words.toChapter, value: '', options: chapters, take: move }),
        act('copy', words.duplicate, 'map.duplicate', () => verbs.duplicate(editor, ids)),
        ids.length === 2
            ? act('combine', words.merge, 'map.merge', () => {
                  verbs.merge(editor, ids);
                  clear(editor);
              })
            : null,
        placed.length > 0
            ? act('pin-off', words.flow, 'map.flow', () =>
                  editor.store.edit(
                      placed.map((id) => ({ set: id, field: 'at' })),
                      t('edits.labels.leftToTheMap'),
                  ),
              )
            : null,
        ids.length === game.scenes.length
            ? null
            : ids.includes(game.start)
              ? el(
                    'details',
                    { class: 'card-more', 'data-key': 'map.delete.more' },
                    el('summary', { 'data-key': 'map.delete' }, icon('trash-2'), words.delete),
                    pick({
                        key: 'map.delete.lead',
                        label: words.startsThen,
                        value: '',
                        options: [['', words.choose], ...others],
                        take: (to) => to !== '' && gone(to),
                    }),
                )
              : into.length === 0
                ? act('trash-2', words.delete, 'map.delete', () => gone(null))
                : el(
                      'details',
                      { class: 'card-more', 'data-key': 'map.delete.more' },
                      el('summary', { 'data-key': 'map.delete' }, icon('trash-2'), words.delete),
                      pick({
                          key: 'map.delete.lead',
                          label: t('workshop.map.leads', { count: into.length }),
                          value: '',
                          options: [['', words.choose], ['-', words.open], ...others],
                          take: (to) => to !== '' && gone(to === '-' ? null : to),
                      }),
                  ),
    ];
}

function act(sign, words, key, onclick) {
    return el('button', { class: 'link map-act', 'data-key': key, onclick }, icon(sign), words);
}

export { drawSelection };

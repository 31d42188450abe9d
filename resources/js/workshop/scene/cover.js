import { t, wordsAt } from '../../lib/catalogue.js';
import { PALETTE } from '../../lib/palette.js';
import { el, icon } from '../../lib/tree.js';
import { area, line, now, pick, tick } from '../editor/fields.js';
import { reactionsField } from './reactions.js';
import { soundField } from './sound.js';

/** The card of a cover: its two sides, how it opens, and what is told of its back. */
function coverBody(thing, editor) {
    const put = (field, to, made = []) =>
        editor.store.edit([...made, { set: thing.id, field, to }], t('edits.labels.cover'));
    const face = (side) => ({ ...(now(editor, thing)[side] ?? {}) });
    const faceFields = (side, name) =>
        el(
            'div',
            { class: 'card-part' },
            el('h3', { class: 'caps' }, name),
            area({
                key: `${thing.id}.${side}`,
                says: editor,
                label: name,
                value: thing[side]?.md ?? '',
                hint: t('cards.looks.wordsIfAny'),
                take: (md) => put(side, { ...face(side), md }),
            }),
            el(
                'button',
                {
                    class: 'link',
                    'data-key': `${thing.id}.${side}.picture`,
                    onclick: () =>
                        editor.pickPicture((found) => put(side, { ...face(side), asset: found.id }, found.edits)),
                },
                icon('image'),
                thing[side]?.asset ? t('cards.looks.anotherPicture') : t('cards.looks.aPicture'),
            ),
            thing[side]?.asset
                ? el(
                      'button',
                      {
                          class: 'link',
                          'data-key': `${thing.id}.${side}.bare`,
                          onclick: () => put(side, without(face(side), 'asset')),
                      },
                      t('cards.held.withoutPicture'),
                  )
                : null,
            el('div', { class: 'card-row' }, sizeOf(side), colourOf(side)),
        );
    const sizeOf = (side) =>
        pick({
            key: `${thing.id}.${side}.size`,
            label: t('cards.looks.size'),
            value: thing[side]?.size ?? 'body',
            options: Object.entries(wordsAt('cards.cover.sizes')),
            take: (size) => put(side, { ...face(side), size }),
        });
    const colourOf = (side) =>
        pick({
            key: `${thing.id}.${side}.colour`,
            label: t('cards.cover.ground'),
            value: thing[side]?.colour ?? '',
            options: [['', t(`cards.cover.plain.${side}`)], ...grounds(thing[side]?.colour)],
            take: (colour) => put(side, colour ? { ...face(side), colour } : without(face(side), 'colour')),
        });
    const locks = editor.store.game.scenes.flatMap((scene) =>
        (scene.things ?? []).filter((one) => one.kind === 'lock').map((lock) => [lock.id, lock.label || lock.ask]),
    );

    return [
        faceFields('front', t('cards.looks.whatCovers')),
        faceFields('back', t('cards.looks.whatIsUnderIt')),
        pick({
            key: `${thing.id}.opens`,
            label: t('cards.looks.liftedBy'),
            value: thing.opens ?? 'tap',
            options: Object.entries(wordsAt('workshop.opens')),
            take: (opens) => put('opens', opens),
        }),
        ['pull', 'slide'].includes(thing.opens)
            ? pick({
                  key: `${thing.id}.toward`,
                  label: t(`cards.cover.toward.${thing.opens}`),
                  value: thing.toward ?? 'up',
                  options: ['left', 'right', 'up', 'down'].map((way) => [way, t(`cards.cover.ways.${way}`)]),
                  take: (toward) => put('toward', toward),
              })
            : null,
        thing.opens === 'lock'
            ? pick({
                  key: `${thing.id}.lock`,
                  label: t('cards.looks.whichLock'),
                  value: thing.lock ?? '',
                  options: [['', t('cards.looks.choose')], ...locks],
                  take: (lock) => put('lock', lock || undefined),
              })
            : tick({
                  key: `${thing.id}.toggle`,
                  label: t('cards.looks.aSecondTapCoversIt'),
                  value: Boolean(thing.toggle),
                  take: (on) => put('toggle', on),
              }),
        (thing.opens ?? 'tap') === 'tap'
            ? tick({
                  key: `${thing.id}.guess`,
                  label: t('cards.cover.guess'),
                  value: Boolean(thing.guess),
                  take: (on) => put('guess', on || undefined),
              })
            : null,
        pick({
            key: `${thing.id}.mark`,
            label: t('cards.cover.mark'),
            value: thing.mark ?? '',
            options: ['', 'right', 'wrong'].map((mark) => [mark, t(`cards.cover.marks.${mark || 'none'}`)]),
            take: (mark) => put('mark', mark || undefined),
        }),
        line({
            key: `${thing.id}.markWords`,
            label: t('cards.cover.markWords'),
            value: thing.markWords ?? '',
            hint: t('cards.looks.wordsIfAny'),
            take: (words) => put('markWords', words || undefined),
        }),
        line({
            key: `${thing.id}.card-label`,
            label: t('cards.looks.nameForOthers'),
            value: thing.label ?? '',
            take: (label) => put('label', label),
        }),
        soundField(thing, editor),
        reactionsField(thing, 'react', editor),
    ];
}

const without = (part, field) => Object.fromEntries(Object.entries(part).filter(([name]) => name !== field));

/** One ground for the fronts of several covers. */
function groundOfAll(things, editor) {
    const held = new Set(things.map((thing) => thing.front?.colour ?? ''));
    const one = held.size === 1 ? [...held][0] : null;
    const take = (colour) =>
        editor.store.edit(
            things.map((thing) => ({
                set: thing.id,
                field: 'front',
                to: colour ? { ...thing.front, colour } : without(thing.front ?? {}, 'colour'),
            })),
            t('edits.labels.cover'),
        );

    return pick({
        key: 'several.ground',
        label: t('cards.cover.ground'),
        value: one ?? '?',
        options: [...(one === null ? [['?', '…']] : []), ['', t('cards.cover.plain.front')], ...grounds(one)],
        take: (colour) => colour !== '?' && take(colour),
    });
}

/** Grounds that words can stand on, each by its name; one that is none of them is kept. */
function grounds(chosen) {
    const known = Object.entries(wordsAt('cards.cover.grounds')).map(([name, words]) => [PALETTE[name], words]);
    const isKnown = !chosen || known.some(([colour]) => colour === chosen);

    return isKnown ? known : [...known, [chosen, chosen]];
}

export { coverBody, groundOfAll };

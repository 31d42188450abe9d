import { t } from '../../../lib/catalogue.js';
import { GAME, freshId, stemOf } from '../../editor/document.js';
import { aligned, moved, rounded, spread } from './geometry.js';

/** What can be done with the things that are picked. Each is one edit. */

function places(things, boxes, label) {
    const edits = things.flatMap((thing, place) =>
        rounded(boxes[place]).join() === thing.box.join()
            ? []
            : [{ set: thing.id, field: 'box', to: rounded(boxes[place]) }],
    );

    return edits.length === 0 ? null : [edits, t(`edits.labels.${label}`, { count: things.length })];
}

function place(editor, things, boxes, label) {
    const edit = places(things, boxes, label);
    if (edit) editor.store.edit(...edit);
    else editor.draw();
}

function nudge(editor, things, dx, dy) {
    place(
        editor,
        things,
        things.map((thing) => moved(thing.box, dx, dy)),
        'nudged',
    );
}

function align(editor, things, by) {
    place(
        editor,
        things,
        aligned(
            things.map((thing) => thing.box),
            by,
        ),
        'aligned',
    );
}

function space(editor, things, axis) {
    place(
        editor,
        things,
        spread(
            things.map((thing) => thing.box),
            axis,
        ),
        'spaced',
    );
}

/** In front of everything or behind it; by one step when asked. */
function order(editor, scene, things, way) {
    const rest = scene.things.filter((thing) => !things.includes(thing));
    const first = scene.things.indexOf(things[0]);
    const after = {
        front: rest.at(-1)?.id ?? null,
        back: null,
        forward: scene.things.slice(first + 1).find((thing) => !things.includes(thing))?.id ?? rest.at(-1)?.id ?? null,
        backward:
            rest[rest.indexOf(scene.things.slice(0, first).findLast((thing) => !things.includes(thing))) - 1]?.id ??
            null,
    }[way];
    const edits = things.map((thing, at) => ({
        move: thing.id,
        in: scene.id,
        after: at === 0 ? after : things[at - 1].id,
    }));
    editor.store.edit(
        edits,
        {
            front: t('edits.labels.broughtToTheFront'),
            back: t('edits.labels.sentToTheBack'),
            forward: t('edits.labels.broughtForward'),
            backward: t('edits.labels.sentBackward'),
        }[way],
    );
}

function group(editor, things) {
    const name = freshId('group');
    editor.store.edit(
        things.map((thing) => ({ set: thing.id, field: 'group', to: name })),
        t('edits.labels.grouped', { count: things.length }),
    );
}

function ungroup(editor, things) {
    editor.store.edit(
        things.map((thing) => ({ set: thing.id, field: 'group', to: undefined })),
        t('edits.labels.ungrouped'),
    );
}

function fix(editor, things, isFixed) {
    editor.store.edit(
        things.map((thing) => ({ set: thing.id, field: 'fixed', to: isFixed ? true : undefined })),
        isFixed ? t('edits.labels.fixedInPlace') : t('edits.labels.loosened'),
    );
}

function remove(editor, things) {
    editor.store.edit(
        things.map((thing) => ({ remove: thing.id })),
        t('edits.labels.deletedThings', { count: things.length }),
    );
}

/** Kept by the browser, so that it goes from scene to scene and from game to game. */
const BOARD = 'fravel.copied';

function copy(editor, things) {
    const assets = (editor.store.game.assets ?? []).filter((asset) => JSON.stringify(things).includes(asset.id));
    localStorage.setItem(BOARD, JSON.stringify({ things, assets }));
}

/** Copies with ids of their own, a step aside where something like it stands already; their pictures come along. */
function paste(editor, scene) {
    const { things = [], assets = [] } = JSON.parse(localStorage.getItem(BOARD) ?? '{}');
    if (things.length === 0) return [];
    const renamed = new Map();
    const edits = assets.flatMap((asset) => broughtAlong(asset, editor, renamed));
    for (const id of idsIn(things)) renamed.set(id, freshId(stemOf(id)));
    let after = scene.things?.at(-1)?.id ?? null;
    const made = things.map((thing) => {
        const value = JSON.parse(JSON.stringify(thing), (key, inner) => renamedIn(key, inner, renamed));
        const isTaken = scene.things?.some((other) => other.box?.join() === thing.box?.join());

        return { ...value, ...(value.box ? { box: isTaken ? moved(value.box, 30, 30) : value.box } : {}) };
    });
    for (const value of made) {
        edits.push({ insert: 'things', in: scene.id, after, value });
        after = value.id;
    }
    editor.store.edit(edits, t('edits.labels.pasted', { count: made.length }));

    return made.map((thing) => thing.id);
}

function renamedIn(key, inner, renamed) {
    if (key === 'pairs' && inner && !Array.isArray(inner))
        return Object.fromEntries(Object.entries(inner).map(([left, right]) => [renamed.get(left) ?? left, right]));

    return typeof inner === 'string' && renamed.has(inner) ? renamed.get(inner) : inner;
}

/** The same file is one asset; another game's asset of the same name gets another. */
function broughtAlong(asset, editor, renamed) {
    const held = editor.store.game.assets ?? [];
    const same = held.find((one) => one.file === asset.file);
    if (same) {
        renamed.set(asset.id, same.id);

        return [];
    }
    const id = held.some((one) => one.id === asset.id) ? freshId('picture') : asset.id;
    renamed.set(asset.id, id);

    return [{ insert: 'assets', in: GAME, after: null, value: { ...asset, id } }];
}

/** Ids that a thing gives to itself and to its parts: options, keys, cues. */
function idsIn(part) {
    if (Array.isArray(part)) return part.flatMap(idsIn);
    if (part === null || typeof part !== 'object') return [];

    return [...(typeof part.id === 'string' ? [part.id] : []), ...Object.values(part).flatMap(idsIn)];
}

export { align, copy, fix, group, nudge, order, paste, place, remove, space, ungroup };

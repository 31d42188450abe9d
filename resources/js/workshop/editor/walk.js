import { FIELDS } from './fields-table.js';

const MANY = { conditions: 'condition', matchers: 'matcher' };
const REACTIONS = ['reactions', 'rules'];

const list = (value) => (value === undefined || value === null ? [] : Array.isArray(value) ? value : [value]);

/** What the fields of a part hold, as the engine's kinds say it. */
function fieldsOf(shape, part) {
    if (shape === 'things') return { ...FIELDS.things, ...FIELDS[`things.${part.kind}`] };
    if (shape === 'input') return FIELDS[`input.${part.type ?? 'text'}`] ?? {};
    if (shape === 'effects') return FIELDS[`effects.${Object.keys(part)[0]}`] ?? {};
    if (shape === 'condition' || shape === 'matcher')
        return Object.assign({}, ...Object.keys(part).map((key) => FIELDS[`${shape}.${key}`] ?? {}));

    return FIELDS[shape] ?? {};
}

/**
 * The part with each reaction in it made anew by `change(reaction, {field, part, within})`; the same object where none
 * changed.
 * `part` is the nearest part with an id that holds it, `within` the cues it stands in.
 */
function mapReactions(shape, part, change, within = []) {
    const next = {};
    for (const [field, holds] of Object.entries(fieldsOf(shape, part))) {
        if (typeof part[field] !== 'object' || part[field] === null) continue;
        const one = MANY[holds] ?? holds;
        const inner = within.concat(shape === 'cues' ? [part] : []);
        const made = list(part[field]).map((entry) => {
            if (typeof entry !== 'object' || entry === null) return entry;
            if (REACTIONS.includes(one)) return change(entry, { field, part, within: inner });

            return FIELDS[one] ? mapReactions(one, entry, change, inner) : entry;
        });
        if (made.some((entry, at) => entry !== list(part[field])[at]))
            next[field] = Array.isArray(part[field]) ? made : made[0];
    }

    return Object.keys(next).length > 0 ? { ...part, ...next } : part;
}

/** Every reaction in a part, with where it stands. */
function reactionsIn(shape, part) {
    const found = [];
    mapReactions(shape, part, (reaction, place) => (found.push({ reaction, ...place }), reaction));

    return found;
}

/**
 * The scene that a route leads to from another: an id, or `@back` for a place that depends on the play; null for
 * staying. A moment of a film lies in the scene of its clip, and from a stop one goes on there.
 */
function target(game, scene, go) {
    if (!go || go === '@stay') return null;
    if (go === '@start') return game.start;
    if (go === '@chapter') return firstOf(game, scene.chapter);
    if (go === '@on') return scene.stop ? (homeOfClip(game, scene.stop.clip)?.id ?? null) : null;
    if (game.scenes.some((one) => one.id === go)) return go;

    return homeOfMoment(game, go)?.id ?? go;
}

const clips = (scene) => (scene.things ?? []).filter((thing) => thing.kind === 'clip');

const homeOfClip = (game, id) => game.scenes.find((scene) => clips(scene).some((clip) => clip.id === id)) ?? null;

const homeOfMoment = (game, id) =>
    game.scenes.find((scene) => clips(scene).some((clip) => list(clip.moments).some((moment) => moment.id === id)));

function firstOf(game, id) {
    const start = game.chapters?.find((chapter) => chapter.id === id)?.start;
    if (game.scenes.some((scene) => scene.id === start)) return start;

    return game.scenes.find((scene) => id && scene.chapter === id)?.id ?? null;
}

export { fieldsOf, homeOfClip, list, mapReactions, reactionsIn, target };

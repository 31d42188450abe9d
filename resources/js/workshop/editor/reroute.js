import { mapReactions, target } from './walk.js';

/**
 * Edits that make every way from a scene to another lead elsewhere; an empty `elsewhere` leaves open ends. Ways that
 * are not there give no edits.
 */
function reroute(game, from, to, elsewhere) {
    const scene = game.scenes.find((one) => one.id === from);
    const led = (reaction) => (target(game, scene, reaction.go) === to ? { ...reaction, go: elsewhere } : reaction);
    const { things = [], ...bare } = scene;

    return [['scenes', bare], ...things.map((thing) => ['things', thing])].flatMap(([shape, part]) =>
        changed(part, mapReactions(shape, part, led)),
    );
}

/** The edits that make one part of the other. */
function changed(part, next) {
    return Object.keys(next)
        .filter((field) => next[field] !== part[field])
        .map((field) => ({ set: part.id, field, to: [next[field]].flat() }));
}

/** A choice that leads on: the edit that puts it into a scene. */
function choiceTo(scene, to, words, id) {
    const value = {
        id,
        kind: 'choice',
        look: 'button',
        md: words,
        ...(scene.layout === 'stage' ? { box: [640, 780, 320, 88] } : {}),
        react: [{ go: to }],
    };

    return { insert: 'things', in: scene.id, after: scene.things?.at(-1)?.id ?? null, value };
}

export { choiceTo, reroute };

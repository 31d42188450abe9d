import { list } from './ways.js';

/** The fields in which reactions stand, of a scene and of a thing. */
const OF_SCENE = ['arrive', 'next', 'refused'];
const OF_THING = ['react', 'rules', 'otherwise', 'opened'];

/**
 * Edits that make every way from a scene to another lead elsewhere; an empty `elsewhere` leaves open ends. Ways that are not
 * there give no edits.
 */
function reroute(game, from, to, elsewhere) {
    const scene = game.scenes.find((one) => one.id === from);
    const leads = (go) => go === to || (go === '@start' && to === game.start);
    const of = (part, fields) => fields.flatMap((field) => {
        const reactions = list(part[field]);
        if (!reactions.some((reaction) => leads(reaction.go))) return [];

        return [{ set: part.id, field, to: reactions.map((reaction) => (leads(reaction.go) ? { ...reaction, go: elsewhere } : reaction)) }];
    });

    return [...of(scene, OF_SCENE), ...(scene.things ?? []).flatMap((thing) => of(thing, OF_THING))];
}

/** A choice that leads on: the edit that puts it into a scene. */
function choiceTo(scene, to, words, id) {
    const value = { id, kind: 'choice', look: 'button', md: words, ...(scene.layout === 'stage' ? { box: [640, 780, 320, 88] } : {}), react: [{ go: to }] };

    return { insert: 'things', in: scene.id, after: scene.things?.at(-1)?.id ?? null, value };
}

export { choiceTo, reroute };

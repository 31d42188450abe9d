import { renamings } from './naming.js';
import { list, mapReactions } from './walk.js';

/** Edits that call a chapter otherwise. Where another one is called so, its scenes go there and it goes away. */
function renamed(game, id, title) {
    const known = game.chapters.find((one) => one.id !== id && one.title.toLowerCase() === title.toLowerCase());
    if (title === '') return gone(game, id);

    return known
        ? gone(game, id, known.id)
        : renamings(
              game,
              game.chapters.find((one) => one.id === id),
              'title',
              title,
          );
}

/** Edits that take a chapter away: its scenes stay, in another one or in none, and nothing begins it anew any more. */
function gone(game, id, to) {
    return [
        ...scenesOf(game, id).map((scene) => ({ set: scene.id, field: 'chapter', ...(to ? { to } : {}) })),
        ...game.scenes.flatMap((scene) => without(scene, id, to)),
        { remove: id },
    ];
}

const scenesOf = (game, id) => game.scenes.filter((scene) => scene.chapter === id);

/** What forgets the chapter forgets the other one, or nothing. */
function without(scene, id, to) {
    const forgets = (effect) => effect.forget === id;
    const change = (reaction) =>
        list(reaction.do).some(forgets)
            ? {
                  ...reaction,
                  do: to
                      ? list(reaction.do).map((effect) => (forgets(effect) ? { forget: to } : effect))
                      : list(reaction.do).filter((effect) => !forgets(effect)),
              }
            : reaction;
    const { things = [], ...bare } = scene;

    return [['scenes', bare], ...things.map((thing) => ['things', thing])].flatMap(([shape, part]) => {
        const next = mapReactions(shape, part, change);

        return Object.keys(next)
            .filter((field) => next[field] !== part[field])
            .map((field) => ({ set: part.id, field, to: next[field] }));
    });
}

export { gone, renamed, scenesOf };

import { list } from './walk.js';

/** A name may stand whole, between such signs, or with a number behind it. */
const BEFORE = '(?<=^|[,:;·–—(]\\s*)';
const BEHIND = '(?=\\s*(?:\\d+\\s*)?(?:$|[,:;·–—)]))';

/**
 * Edits that call a scene, a thing or a chapter otherwise, and with it what was called after it: clues and other
 * tokens, doors, the chapter of the same name, scenes that are counted on ("Hall 2"). What students read stays as it is
 * written.
 *
 * @param {any} game
 * @param {{id: string, title?: string, label?: string}} part
 * @param {'title'|'label'} field
 * @param {string} to
 */
function renamings(game, part, field, to) {
    const own = { set: part.id, field, to };
    const from = part[field]?.trim() ?? '';
    if (from === '' || to.trim() === '' || from === to) return [own];
    const pattern = new RegExp(`\\{=[^{}]*\\}|${BEFORE}${escaped(from)}${BEHIND}`, 'gu');
    const after = (name) => name?.replace(pattern, (found) => (found.startsWith('{=') ? found : to.trim()));
    const follow = (one, name) => {
        const next = after(one[name]);

        return one.id === part.id || next === one[name] ? [] : [{ set: one.id, field: name, to: next }];
    };

    return [
        own,
        ...list(game.tokens).flatMap((token) => follow(token, 'name')),
        ...list(game.chapters).flatMap((chapter) => follow(chapter, 'title')),
        ...game.scenes.flatMap((scene) => [
            ...follow(scene, 'title'),
            ...list(scene.things).flatMap((thing) => follow(thing, 'label')),
        ]),
    ];
}

const escaped = (text) => text.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&');

export { renamings };

/**
 * Edit commands applied to a document, as the server applies them, so that a gesture is answered in its own frame.
 * Documents are never changed: each command gives a new one that shares what it left alone.
 */
const LISTS = ['chapters', 'tokens', 'tallies', 'assets', 'walkthroughs', 'scenes'];

const GAME = '@game';

function apply(game, command) {
    const [kind] = Object.keys(command);

    return COMMANDS[kind](game, command);
}

const COMMANDS = {
    set: (game, { set, field, to, before }) => change(game, pathTo(game, set), (part) => withField(part, field, to, before)),
    insert: (game, { insert, in: holder, after, value }) => change(game, pathTo(game, holder), (part) => ({ ...part, [insert]: inserted(part[insert] ?? [], after, value) })),
    remove: (game, { remove }) => {
        const path = pathTo(game, remove);

        return change(game, path.slice(0, -1), (entries) => entries.filter((entry) => entry.id !== remove));
    },
    move: (game, { move, in: holder, after }) => {
        const path = pathTo(game, move);
        const value = partAt(game, path);

        return apply(apply(game, { remove: move }), { insert: path.at(-2), in: holder, after, value });
    },
    drop: (game, { drop, in: holder }) => change(game, pathTo(game, holder), (part) => (part[drop]?.length === 0 ? withField(part, drop, undefined) : part)),
    together: (game, { together }) => together.reduce(apply, game),
};

function pathTo(game, id) {
    if (id === GAME) return [];
    for (const list of LISTS) {
        const place = (game[list] ?? []).findIndex((part) => part.id === id);
        if (place >= 0) return [list, place];
    }
    for (const [place, scene] of game.scenes.entries()) {
        const at = (scene.things ?? []).findIndex((thing) => thing.id === id);
        if (at >= 0) return ['scenes', place, 'things', at];
    }

    return null;
}

function partAt(game, path) {
    return path.reduce((part, key) => part[key], game);
}

function part(game, id) {
    const path = pathTo(game, id);

    return path && partAt(game, path);
}

function change(whole, path, alter) {
    if (path === null) return whole;
    if (path.length === 0) return alter(whole);
    const [key, ...rest] = path;
    const copy = Array.isArray(whole) ? [...whole] : { ...whole };
    copy[key] = change(whole[key], rest, alter);

    return copy;
}

function withField(part, field, to, before) {
    const copy = { ...part };
    if (to === undefined) {
        delete copy[field];

        return copy;
    }
    if (before === undefined || field in copy || !(before in copy)) return { ...copy, [field]: to };

    return Object.fromEntries(Object.entries(copy).flatMap((entry) => (entry[0] === before ? [[field, to], entry] : [entry])));
}

function inserted(entries, after, value) {
    const copy = [...entries];
    const place = after === null || after === undefined ? 0 : copy.findIndex((entry) => entry.id === after) + 1 || copy.length;
    copy.splice(place, 0, value);

    return copy;
}

/** An id nobody has: a word for people who read the document, and letters drawn at random, as `Ids::drawn` does. */
function freshId(stem) {
    const letters = Array.from(crypto.getRandomValues(new Uint8Array(8)), (byte) => 'bcdfghjkmnpqrstvwxz23456789'[byte % 27]).join('');

    return `${stem}-${letters}`;
}

/** The id without drawn letters or a number behind it. */
function stemOf(id) {
    return id.replace(/-([a-z0-9]{6}|[bcdfghjkmnpqrstvwxz2-9]{8})$/, '').replace(/-?\d+$/, '');
}

export { GAME, apply, freshId, part, stemOf };

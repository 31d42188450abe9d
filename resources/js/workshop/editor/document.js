import { hasAny, idsIn } from './ids.js';

/**
 * Edit commands applied to a document, as the server applies them, so that a gesture is answered in its own frame.
 * Documents are never changed: each command gives a new one that shares what it left alone.
 */
const LISTS = ['chapters', 'tokens', 'tallies', 'assets', 'walkthroughs', 'scenes'];

/** Ids never change, and parts come and go by commands of their own. */
const FIXED = ['id', 'things', 'scenes', 'fravel'];

const GAME = '@game';

/**
 * The document after a command, or the same one and why the command is refused. What is refused here is refused by the
 * server too; the server also refuses what breaks a shape. Never throws.
 *
 * @returns {{game: object, refusal: string|null}}
 */
function attempt(game, command) {
    const kind = Object.keys(command ?? {})[0];
    try {
        return { game: COMMANDS[kind](game, command), refusal: null };
    } catch (refusal) {
        return { game, refusal: refusal instanceof Refusal ? refusal.message : 'command.unknown' };
    }
}

/** Leaves a command from within; it never gets out of here. */
class Refusal extends Error {}

/** The document after a command that surely fits. */
const apply = (game, command) => attempt(game, command).game;

const COMMANDS = {
    set(game, { set, field, to, before }) {
        if (FIXED.includes(field)) throw new Refusal('field.fixed');

        return change(game, found(game, set), (part) => withField(part, field, to, before));
    },
    insert(game, { insert, in: holder, after, value }) {
        const path = found(game, holder);
        const isScene = path.length === 2 && path[0] === 'scenes';
        const isListed = insert === 'things' ? isScene : LISTS.includes(insert) && holder === GAME;
        if (typeof value?.id !== 'string' || !isListed) throw new Refusal('part.malformed');
        if (!areFresh(game, value)) throw new Refusal('id.taken');

        return change(game, path, (part) => ({ ...part, [insert]: inserted(part[insert] ?? [], after, value) }));
    },
    remove(game, { remove }) {
        return change(game, listOf(game, remove), (entries) => entries.filter((entry) => entry.id !== remove));
    },
    move(game, { move, in: holder, after }) {
        const list = listOf(game, move);
        const value = part(game, move);

        return COMMANDS.insert(COMMANDS.remove(game, { remove: move }), {
            insert: list.at(-1),
            in: holder,
            after,
            value,
        });
    },
    drop(game, { drop, in: holder }) {
        return change(game, pathTo(game, holder), (part) =>
            part[drop]?.length === 0 ? withField(part, drop, undefined) : part,
        );
    },
    together(game, { together }) {
        return together.reduce((made, command) => COMMANDS[Object.keys(command)[0]](made, command), game);
    },
};

/** Commands whose edits only the server works out: what leads to a scene, ids for copies, what goes by other ids. */
function isTheServers(command) {
    return (
        ['deleteScene', 'duplicate', 'alike'].some((name) => name in command) ||
        Boolean(command.together?.some(isTheServers))
    );
}

function found(game, id) {
    const path = pathTo(game, id);
    if (path === null) throw new Refusal('part.gone');

    return path;
}

/** The path to the list that a part stands in. */
function listOf(game, id) {
    const path = found(game, id);
    if (path.length === 0) throw new Refusal('part.gone');

    return path.slice(0, -1);
}

/** Whether no part that is put in has the name of another one. */
function areFresh(game, value) {
    const ids = idsIn(value);

    return new Set(ids).size === ids.length && !hasAny(game, ids);
}

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
    if (before === undefined || Object.hasOwn(copy, field) || !Object.hasOwn(copy, before))
        return { ...copy, [field]: to };

    return Object.fromEntries(
        Object.entries(copy).flatMap((entry) => (entry[0] === before ? [[field, to], entry] : [entry])),
    );
}

function inserted(entries, after, value) {
    const copy = [...entries];
    const place =
        after === null || after === undefined ? 0 : copy.findIndex((entry) => entry.id === after) + 1 || copy.length;
    copy.splice(place, 0, value);

    return copy;
}

/** An id nobody has: a word for people who read the document, and letters drawn at random, as `Ids::drawn` does. */
function freshId(stem) {
    const letters = Array.from(
        crypto.getRandomValues(new Uint8Array(8)),
        (byte) => 'bcdfghjkmnpqrstvwxz23456789'[byte % 27],
    ).join('');

    return `${stem}-${letters}`;
}

/** The id without drawn letters or a number behind it. */
function stemOf(id) {
    return id.replace(/-([a-z0-9]{6}|[bcdfghjkmnpqrstvwxz2-9]{8})$/, '').replace(/-?\d+$/, '');
}

export { GAME, apply, attempt, freshId, isTheServers, part, stemOf };

/** The ids that a document gives to its parts, as the server counts them (`Fravel\\Document\\Ids`). */

/** Lists whose entries carry ids, wherever they stand. */
const HOLDERS = [
    ...['chapters', 'tokens', 'tallies', 'assets', 'walkthroughs', 'scenes', 'things', 'boxes', 'cues', 'moments'],
    ...['rounds', 'input', 'options', 'items', 'keys', 'left', 'right'],
];

/** @returns {string[]} every id in a part, its own first, one that is given twice twice */
function idsIn(part) {
    const ids = [];
    collect(part, ids);

    return ids;
}

function collect(part, ids) {
    if (part === null || typeof part !== 'object') return;
    if (typeof part.id === 'string') ids.push(part.id);
    for (const key of Object.keys(part)) {
        const held = part[key];
        if (held === null || typeof held !== 'object' || !HOLDERS.includes(key)) continue;
        if (Array.isArray(held)) for (const entry of held) collect(entry, ids);
        else collect(held, ids);
    }
}

/** Entry of the game → its ids: an edit leaves nearly all entries as they are, so they are gone through once. */
const known = new WeakMap();

function idsOf(entry) {
    if (!known.has(entry)) known.set(entry, new Set(idsIn(entry)));

    return known.get(entry);
}

/** Whether something in the game has one of the ids. */
function hasAny(game, ids) {
    return HOLDERS.some((list) =>
        (Array.isArray(game[list]) ? game[list] : []).some((entry) => {
            const there = entry !== null && typeof entry === 'object' ? idsOf(entry) : null;

            return there !== null && ids.some((id) => there.has(id));
        }),
    );
}

export { HOLDERS, hasAny, idsIn };

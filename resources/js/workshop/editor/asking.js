/** What asks something in a scene: its locks and find-it boards. */
const asking = (scene) => (scene?.things ?? []).filter(({ kind }) => kind === 'lock' || kind === 'find');

/** The condition that all of them are done; null where nothing is asked. */
function onceDone(asks) {
    const locks = asks.filter(({ kind }) => kind === 'lock').map(({ id }) => id);
    const open = locks.length > 1 ? [{ openOf: locks, atLeast: locks.length }] : locks.map((id) => ({ open: id }));
    const all = [...open, ...asks.filter(({ kind }) => kind === 'find').map(({ id }) => ({ found: id }))];

    return all.length > 1 ? { all } : (all[0] ?? null);
}

export { asking, onceDone };

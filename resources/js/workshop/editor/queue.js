/**
 * What was done and is not kept yet, in order; it outlives a reload of the page. Each entry has a key by which it
 * counts once, and the revision that was seen when it was made: the server then knows what it was made without knowing
 * of.
 */
/** As many of them are told to the server. */
const MOST_OWN = 1000;

function openQueue(name, storage) {
    let { entries, own } = kept(name, storage);

    function push(entry) {
        entries.push(entry);
        keep();
    }

    /** The first one has its answer. */
    function settle() {
        entries.shift();
        if (entries.length === 0) own = [];
        keep();
    }

    /** A revision that was made from here: those that wait were made knowing of it. */
    function owns(revision) {
        if (entries.length === 0) return;
        own.push(revision);
        keep();
    }

    function keep() {
        try {
            if (entries.length > 0) storage?.setItem(name, JSON.stringify({ entries, own }));
            else storage?.removeItem(name);
        } catch {
            // A browser without room keeps it as long as the page lives; leaving the page asks first.
        }
    }

    return {
        push,
        settle,
        owns,
        first: () => entries[0],
        all: () => entries,
        own: () => own.slice(-MOST_OWN),
    };
}

function kept(name, storage) {
    try {
        const { entries, own } = JSON.parse(storage.getItem(name));

        return { entries, own };
    } catch {
        return { entries: [], own: [] };
    }
}

export { openQueue };

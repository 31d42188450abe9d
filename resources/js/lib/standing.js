import { redrawOne } from './redraw.js';

/**
 * Draws parts into a holder, in order, and leaves every part alone whose stamp says the same as when it was drawn:
 * where two hundred or a thousand stand, a press then costs what it changes. Parts are `{key, stamp: […], make}`;
 * stamps are compared entry by entry, so an entry may be an object that is never changed.
 */
function standingIn(holder) {
    const drawn = new Map();

    function draw(parts) {
        const keys = new Set();
        let next = holder.firstChild;
        for (const part of parts) {
            const node = nodeOf(part);
            keys.add(part.key);
            if (node === next) next = next.nextSibling;
            else holder.insertBefore(node, next);
        }
        while (next) {
            const rest = next.nextSibling;
            next.remove();
            next = rest;
        }
        for (const key of drawn.keys()) if (!keys.has(key)) drawn.delete(key);
    }

    function nodeOf({ key, stamp, make }) {
        const had = drawn.get(key);
        if (had && stamp.length === had.stamp.length && stamp.every((entry, place) => entry === had.stamp[place]))
            return had.node;
        const fresh = make();
        const node = had?.node.isConnected ? redrawOne(had.node, fresh) : fresh;
        drawn.set(key, { stamp, node });

        return node;
    }

    /** What was changed by hand is drawn anew, whatever its stamp says. */
    function touched(key) {
        if (drawn.has(key)) drawn.get(key).stamp = [];
    }

    return { draw, touched, node: (key) => drawn.get(key)?.node };
}

export { standingIn };

import { redrawOne } from '../../lib/redraw.js';
import { drawThing } from './draw.js';

/**
 * What stands on the stage. Documents share what an edit left alone, so a thing that is the same object as before is not
 * drawn anew: with two hundred of them a press still answers in its own frame.
 */
function placedThings(holder, desk) {
    const drawn = new Map();

    function draw(things, isPicked) {
        const { assets, scenes } = desk.store.game;
        things.forEach((thing, place) => {
            const node = nodeOf(thing, { thing, isPicked: isPicked(thing.id), assets, scenes: thing.look === 'clear' ? scenes : null });
            if (holder.children[place] !== node) holder.insertBefore(node, holder.children[place] ?? null);
        });
        while (holder.children.length > things.length) holder.lastElementChild.remove();
        for (const id of drawn.keys()) if (!things.some((thing) => thing.id === id)) drawn.delete(id);
    }

    function nodeOf(thing, from) {
        const had = drawn.get(thing.id);
        if (had && Object.keys(from).every((key) => had.from[key] === from[key])) return had.node;
        const fresh = drawThing(thing, desk, from.isPicked);
        const node = had?.node.isConnected ? redrawOne(had.node, fresh) : fresh;
        drawn.set(thing.id, { from, node });

        return node;
    }

    /** What was moved by hand is drawn anew, whatever the document says. */
    function touched(things) {
        things.forEach(({ id }) => drawn.has(id) && (drawn.get(id).from = {}));
    }

    return { draw, touched };
}

export { placedThings };

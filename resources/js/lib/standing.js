import { render } from 'lit-html';
import { guard } from 'lit-html/directives/guard.js';
import { repeat } from 'lit-html/directives/repeat.js';

/**
 * Draws parts into a holder, in order, and asks no part anew whose stamp says the same as when it was drawn: where two
 * hundred or a thousand stand, a press then costs what it changes. Parts are `{key, stamp: […], make}`; stamps are
 * compared entry by entry, so an entry may be an object that is never changed.
 */
function standingIn(holder) {
    let nodes = null;

    function draw(parts) {
        const keyed = repeat(
            parts,
            ({ key }) => key,
            ({ stamp, make }) => guard(stamp, make),
        );
        render(keyed, holder);
        nodes = null;
    }

    /** The element of a part that says its key as `data-key`. */
    function node(key) {
        nodes ??= new Map([...holder.children].map((one) => [one.dataset.key, one]));

        return nodes.get(key);
    }

    return { draw, node };
}

export { standingIn };

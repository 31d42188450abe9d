import morphdom from 'morphdom';
import { adopt } from './dom.js';

/**
 * Brings what is drawn in a holder to what is wanted, and leaves every element that can stay where it is: a field keeps
 * its caret, an open list stays open, and what is being pressed is still there when it is released. Elements are known
 * by
 * `data-key`; what a field holds while it is written in is left alone.
 */
function redraw(holder, children) {
    waiting.set(holder, children);
    if (isDrawing) return;
    isDrawing = true;
    try {
        while (waiting.size > 0) {
            const [[next, parts]] = waiting;
            waiting.delete(next);
            bring(next, parts);
        }
    } finally {
        isDrawing = false;
    }
}

/**
 * A field that goes is left, and what is kept then may ask for drawing again: that waits until this drawing is done.
 */
const waiting = new Map();
let isDrawing = false;

function bring(holder, children) {
    const wanted = holder.cloneNode(false);
    wanted.append(...children.flat(3).filter(Boolean));
    morphdom(holder, wanted, { ...OPTIONS, childrenOnly: true });
}

/** The same for one element; gives the element that stands now. */
function redrawOne(element, wanted) {
    return morphdom(element, wanted, OPTIONS);
}

const OPTIONS = {
    getNodeKey: (node) => node.dataset?.key ?? null,
    onBeforeElUpdated(old, fresh) {
        if (old.hasAttribute('data-own')) return false;
        if (old === document.activeElement && 'selectionStart' in old && old.value !== old.kept)
            fresh.value = old.value;
        if (old.tagName === 'DETAILS') fresh.open = old.open;
        adopt(old, fresh);

        return true;
    },
};

export { redraw, redrawOne };

import { dragOn } from '../../../lib/drag.js';
import { el, icon } from '../../../lib/tree.js';

/**
 * A grip by which a line of a list is put elsewhere: dragged, or moved by the arrow keys. Lines are the elements with
 * `data-line`; `take` gets the place it is put at.
 *
 * @param {{key: string, label: string, place: number, take: (to: number) => void}} options
 */
function lineGrip({ key, label, place, take }) {
    return el(
        'button',
        {
            class: 'line-grip',
            'data-key': key,
            'aria-label': label,
            title: label,
            ref: (grip) => grip && dressed(grip, place, take),
            onkeydown(event) {
                const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
                if (!by) return;
                event.preventDefault();
                take(place + by);
            },
        },
        icon('grip-vertical'),
    );
}

/** What each grip stands for now; a grip is drawn again and again and stays the same element. */
const grips = new WeakMap();

function dressed(grip, place, take) {
    const isNew = !grips.has(grip);
    grips.set(grip, { place, take });
    if (isNew) dragOn(grip, () => carry(grip));
}

function carry(grip) {
    const lines = [...grip.closest('[data-lines]').querySelectorAll('[data-line]')];
    const own = grip.closest('[data-line]');
    const goal = ({ clientY }) => lines.findLast((line) => line.getBoundingClientRect().top < clientY) ?? lines[0];
    const mark = (over) => lines.forEach((line) => line.classList.toggle('is-goal', line === over && line !== own));

    return {
        move: (press) => mark(goal(press)),
        end(press) {
            const to = Number(goal(press).dataset.line);
            mark(null);
            grips.get(grip).take(to);
        },
        cancel: () => mark(null),
    };
}

/** A list with one of its entries at another place; the same list where there is no such place. */
function moved(list, from, to) {
    if (to < 0 || to >= list.length || from === to) return list;
    const rest = list.filter((entry, place) => place !== from);

    return [...rest.slice(0, to), list[from], ...rest.slice(to)];
}

export { lineGrip, moved };

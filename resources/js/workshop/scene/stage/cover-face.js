import { classes } from '../../../lib/dom.js';
import { PALETTE } from '../../../lib/palette.js';
import { el, icon, svg } from '../../../lib/tree.js';

const WAYS = { left: [-1, 0], right: [1, 0], up: [0, -1], down: [0, 1] };

/**
 * A cover as it stands shut, with a sign of how it opens: where a pulled one goes to, which half a slid one covers.
 *
 * @param {any} thing
 * @param {number} width
 * @param {number} height
 * @param {{address: (id: string) => string | null, words: (md: string) => string}} shows
 */
function coverFace(thing, width, height, { address, words }) {
    const front = thing.front ?? {};
    const way = WAYS[thing.toward ?? 'up'];
    const isSlid = thing.opens === 'slide';
    const plate = (box, fill, kind) => svg('rect', { ...box, rx: 5, class: kind, fill });
    const whole = { x: 0, y: 0, width, height };
    const near = isSlid ? half(whole, way, 1) : whole;
    const href = address(front.asset);

    return [
        thing.opens === 'pull'
            ? plate({ ...whole, x: way[0] * width, y: way[1] * height }, 'none', 'placed-clear')
            : null,
        plate(near, front.colour ?? (isSlid ? PALETTE.paper : PALETTE.deep), 'placed-cover'),
        href ? svg('image', { href, ...near }) : null,
        front.md
            ? room(
                  near,
                  el(
                      'div',
                      {
                          class: classes(
                              'placed-cover-words',
                              `placed-cover-${front.size ?? 'body'}`,
                              isSlid && 'placed-cover-dark',
                          ),
                      },
                      words(front.md),
                  ),
              )
            : null,
        isSlid ? plate(half(whole, way, -1), PALETTE.deep, 'placed-cover') : null,
        ['pull', 'slide'].includes(thing.opens)
            ? room(
                  isSlid ? half(whole, way, -1) : whole,
                  el('div', { class: 'placed-cover-way' }, icon(`chevrons-${thing.toward ?? 'up'}`)),
              )
            : null,
    ];
}

/** The half of a box toward a way, or away from it. */
function half({ x, y, width, height }, [across, down], side) {
    const isLater = (across + down) * side > 0;
    if (across === 0) return { x, y: y + (isLater ? height / 2 : 0), width, height: height / 2 };

    return { x: x + (isLater ? width / 2 : 0), y, width: width / 2, height };
}

const room = (box, inner) => svg('foreignObject', box, inner);

export { coverFace };

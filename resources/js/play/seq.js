/**
 * The newest event that a device knows after a reply to its own action. A reply brings only what its own action
 * changed: where another device was first, that one is not known yet, and is asked for.
 *
 * @param {number} known
 * @param {number | null | undefined} replied  number of the event that the action made; none where it made none
 */
const knownAfter = (known, replied) => (replied === known + 1 ? replied : known);

export { knownAfter };

/**
 * How a film may run: the server says where it may be entered, which stops it has and which of them are done. What a
 * device does with that is only courtesy, for what lies behind a stop is not sent before the stop is done.
 *
 * @typedef {{id: string, at: number, lasts: number | null, isDone: boolean, isSeen: boolean}} Stop
 * @typedef {{entries: number[], stops: Stop[], cues: {id: string, at: number, passes: boolean}[]}} Course
 */

/** Seconds that two times may differ and be the same. */
const SAME = 0.06;

const waits = (stop) => stop.lasts === null && !stop.isDone;

/**
 * From each entry the film runs to the first stop that waits for something.
 *
 * @param {Course} course
 * @returns {[number, number][]} from and to, in seconds
 */
function rangesOf({ entries, stops }) {
    return entries.map((from) => [
        from,
        Math.min(Infinity, ...stops.filter((stop) => waits(stop) && stop.at >= from).map(({ at }) => at)),
    ]);
}

/**
 * Where the film gets to that is at one time and shall be at another: there, or at the stop before which it must rest.
 *
 * @param {Course} course
 */
function held(course, at, to) {
    const ranges = rangesOf(course);
    if (ranges.some(([from, end]) => to >= from - SAME && to <= end + SAME)) return to;
    const ends = ranges.filter(([from, end]) => at >= from - SAME && at <= end + SAME).map(([, end]) => end);

    return Math.min(to, Math.max(0, ...ends));
}

/**
 * Where the film must rest that goes on while a stop is open which goes by itself: an answer that comes late lets
 * nobody past the next stop that waits.
 *
 * @param {Course} course
 * @param {number} from seconds
 */
const restAfter = ({ stops }, from) =>
    Math.min(Infinity, ...stops.filter((stop) => waits(stop) && stop.at > from).map(({ at }) => at));

/**
 * What opens while the film runs from one time to another: the first stop that waits, or goes by and was not seen yet;
 * of the same time the one that stands first.
 *
 * @param {Course} course
 * @returns {{id: string, at: number, isPassing: boolean} | null}
 */
function crossed({ stops, cues }, from, to) {
    const opening = [
        ...stops
            .filter((stop) => (stop.lasts === null ? !stop.isDone : !stop.isSeen))
            .map(({ id, at, lasts }) => ({ id, at, isPassing: lasts !== null })),
        ...cues.map(({ id, at, passes }) => ({ id, at, isPassing: passes })),
    ];

    return opening.filter(({ at }) => at > from - SAME && at <= to).sort((a, b) => a.at - b.at)[0] ?? null;
}

/** Milliseconds that so many letters are left to be read before the film goes on. */
const readingTime = (letters) => Math.min(7000, 1200 + 45 * letters);

/** Minutes and seconds. */
const clock = (seconds) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

export { clock, crossed, held, rangesOf, readingTime, restAfter };

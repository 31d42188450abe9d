import { clock } from '../lib/time.js';

/**
 * A row of the board, set right from a line (app/View/RunRow) without asking for it.
 *
 * @typedef {{play: string, seq: number, scene: string, where: string, open: number, tries: number, worth: number,
 *     isStuck: boolean}} Line
 */

/**
 * @param {HTMLElement} standing
 * @param {Line} line
 * @returns {'set' | 'stuck' | 'whole'} whether its row says it now; whether the panel of who is stuck says something
 *     else of it, too; or whether all is to be asked for
 */
function setRow(standing, line) {
    const row = rowOf(standing, line.play);
    if (!row) return 'whole';
    if (line.seq <= Number(row.dataset.seq)) return 'set';
    const wasStuck = row.dataset.stuck === '1';
    Object.assign(row.dataset, { seq: line.seq, worth: line.worth, stuck: line.isStuck ? '1' : '0' });
    say(row, 'where', line.where);
    say(row, 'open', line.open);
    say(row, 'tries', line.tries);
    stand(row, line.worth);
    fly(standing, line);
    if (line.isStuck !== wasStuck) return 'whole';

    return line.isStuck ? 'stuck' : 'set';
}

const rowOf = (standing, play) => standing.querySelector(`tr[data-play="${CSS.escape(play)}"]`);

const say = (row, part, words) => (row.querySelector(`[data-part=${part}]`).textContent = words);

/** Who needs help most stands first; a row that somebody is at stays where it is. */
function stand(row, worth) {
    if (row.contains(document.activeElement)) return;
    const others = [...row.parentElement.children].filter((other) => other !== row);
    const next = others.find((other) => Number(/** @type {HTMLElement} */ (other).dataset.worth) < worth) ?? null;
    if (row.nextElementSibling !== next) row.parentElement.insertBefore(row, next);
}

/** The map takes its pennants from a list of who plays. */
function fly(standing, { play, scene, isStuck }) {
    const holder = standing.querySelector('[data-plays]');
    const plays = JSON.parse(holder.dataset.plays).map((one) => (one.id === play ? { ...one, scene, isStuck } : one));
    holder.dataset.plays = JSON.stringify(plays);
}

/** The time of those who play goes on between two askings. */
function tick(standing, since) {
    const gone = Math.floor((Date.now() - since) / 1000);
    for (const cell of standing.querySelectorAll('[data-runs]'))
        cell.textContent = clock(Number(cell.dataset.runs) + gone);
}

export { setRow, tick };

import { el, svg } from '../lib/dom.js';
import { roomOf } from '../workshop/chart/boxes.js';
import { drawnMap } from '../workshop/chart/draw.js';
import { layout } from '../workshop/chart/layout.js';
import { plan } from '../workshop/chart/plan.js';
import { openSettlement } from '../workshop/chart/settle.js';

/** Width of a letter, in units of the map. */
const LETTER = 8.2;

/** Room on both sides of a station at least. */
const APART = 110;

/**
 * Draws the map of a run's game into a holder, with room above it.
 *
 * @param {HTMLElement} holder names the address of the game
 * @param {number} top room above the map, in its own units
 * @returns {Promise<{layer: SVGGElement, stations: Map<string, any>, homeOf: (scene: string) => string}>} what is drawn
 *     over it goes into `layer`; a stop of a film stands where its film does
 */
async function drawnChart(holder, top) {
    const game = await fetch(holder.dataset.address, { credentials: 'same-origin' }).then((reply) => reply.json());
    const drawing = plan(game);
    for (const station of drawing.stations) {
        station.marks = [];
        station.lines = [...station.titleLines, ...(station.note ? [station.note] : [])];
    }
    const rooms = new Map(drawing.stations.map(({ id, lines }) => [id, widened(roomOf(lines, widthOf))]));
    const laid = await layout(drawing, rooms);
    const placed = openSettlement()(laid, drawing, new Map(), rooms);
    const sea = svg('g', { class: 'sea' });
    const layer = svg('g', {});
    const viewBox = `-20 ${-top} ${placed.width + 40} ${placed.height + top + 20}`;
    holder.replaceChildren(
        el('div', { inert: true }, svg('svg', { class: 'chart', viewBox, 'aria-hidden': 'true' }, sea, layer)),
    );
    drawnMap(sea, { scene: null, chosen: null, words: { map: {} }, walkTo() {} })(drawing, placed);

    const homes = new Map(
        drawing.stations.flatMap(({ id, film }) =>
            (film ?? []).map((stop) => /** @type {[string, string]} */ ([stop.id, id])),
        ),
    );

    return { layer, stations: placed.stations, homeOf: (scene) => homes.get(scene) ?? scene };
}

const widened = ({ across, down }) => ({ across: Math.max(across, APART), down });

const widthOf = (words) => words.length * LETTER;

/**
 * Where a station's sign is.
 *
 * @returns {[number, number]}
 */
const foot = ({ x, y, width }) => [x + width / 2, y + 3];

export { drawnChart, foot, LETTER };

import { el, svg } from '../lib/dom.js';
import { roomOf } from '../workshop/chart/boxes.js';
import { drawnMap } from '../workshop/chart/draw.js';
import { layout } from '../workshop/chart/layout.js';
import { plan } from '../workshop/chart/plan.js';
import { openSettlement } from '../workshop/chart/settle.js';

/** Pennants at one station; further ones are counted. */
const MOST = 4;

/** Width of a letter and height of a pennant, in units of the map; how high the first one flies. */
const LETTER = 8.2;
const HIGH = 21;
const MAST = 12;

/** Of a name so much is written. */
const LONGEST = 14;

/**
 * The map of the game with a pennant for each play that is under way, where it is. `show` draws them anew, from the
 * rows of the standing.
 *
 * @param {HTMLElement} holder
 */
async function openRunMap(holder) {
    const game = await fetch(holder.dataset.address, { credentials: 'same-origin' }).then((reply) => reply.json());
    const drawing = plan(game);
    for (const station of drawing.stations) {
        station.marks = [];
        station.lines = [...station.titleLines, ...(station.note ? [station.note] : [])];
    }
    // Above each station there is room for pennants, as much as below it for its words.
    const rooms = new Map(drawing.stations.map(({ id, lines }) => [id, widened(roomOf(lines, widthOf))]));
    const laid = await layout(drawing, rooms);
    const placed = openSettlement()(laid, drawing, new Map(), rooms);
    const sea = svg('g', { class: 'sea' });
    const flags = svg('g', { class: 'pennants' });
    const top = HIGH * MOST;
    const chart = svg(
        'svg',
        {
            class: 'chart',
            viewBox: `-20 ${-top} ${placed.width + 40} ${placed.height + top + 20}`,
            'aria-hidden': 'true',
        },
        sea,
        flags,
    );
    holder.replaceChildren(el('div', { inert: true }, chart));
    drawnMap(sea, { scene: null, chosen: null, words: { map: {} }, walkTo() {} })(drawing, placed);

    return (plays) => flags.replaceChildren(...flying(plays, placed.stations));
}

const widened = ({ across, down }) => ({ across: Math.max(across, 110), down });

function flying(plays, stations) {
    return [...stations].flatMap(([scene, place]) => {
        const here = plays.filter((play) => play.scene === scene);
        if (here.length === 0) return [];
        const shown = here.slice(0, here.length > MOST ? MOST - 1 : MOST);
        const names = shown.map(({ name, isStuck }) => ({ words: shortened(name), kind: isStuck ? 'stuck' : 'plays' }));
        if (here.length > shown.length) names.push({ words: `+ ${here.length - shown.length}`, kind: 'more' });

        return [mast(place, names.length), ...names.map((name, row) => pennant(place, name, row))];
    });
}

const foot = ({ x, y, width }) => [x + width / 2, y + 3];

function mast(place, count) {
    const [x, y] = foot(place);

    return svg('path', { d: `M${x} ${y}V${y - MAST - HIGH * count}`, class: 'mast' });
}

function pennant(place, { words, kind }, row) {
    const [x, foot0] = foot(place);
    const y = foot0 - MAST - HIGH * (row + 1);
    const width = words.length * LETTER + 22;

    return svg(
        'g',
        { class: `pennant pennant-${kind}`, transform: `translate(${x} ${y})` },
        svg('path', { d: `M0 0H${width}L${width - 8} ${HIGH / 2 - 1}L${width} ${HIGH - 2}H0z` }),
        svg('text', { x: 7, y: HIGH / 2 + 4 }, words),
    );
}

const shortened = (name) => (name.length > LONGEST ? `${name.slice(0, LONGEST - 1)}…` : name);

const widthOf = (words) => words.length * LETTER;

export { openRunMap };

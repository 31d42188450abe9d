import { svg } from '../lib/dom.js';
import { drawnChart, foot, LETTER } from './chart.js';

/** Pennants at one station; further ones are counted. */
const MOST = 4;

/** What stands nearer than this beside a mast may be in its way; and the words under a station, in units of the map. */
const NEAR = 95;
const WORDS = 34;

/** Height of a pennant, in units of the map; how high the first one flies. */
const HIGH = 21;
const MAST = 12;

/** Of a name so much is written; less where it is written greater. */
const LONGEST = 14;

/** A name is written so high on the screen, in pixels, if the map need not be written over for it. */
const READ = 11.5;
const WRITTEN = 12;
const GREATEST = 1.8;

/**
 * The map of the game with a pennant for each play that is under way, where it is. `show` draws them anew, from the
 * rows of the standing.
 *
 * @param {HTMLElement} holder
 */
async function openRunMap(holder) {
    // Above each station there is room for pennants, as much as below it for its words.
    const { layer, stations, homeOf } = await drawnChart(holder, HIGH * MOST);
    layer.setAttribute('class', 'pennants');

    return (plays) => {
        const standing = plays.map((play) => ({ ...play, scene: homeOf(play.scene) }));
        layer.replaceChildren(...flying(standing, stations, scaleFor(layer.ownerSVGElement)));
    };
}

/** How much greater pennants are than the map they fly over, so that they can be read. */
function scaleFor(drawing) {
    const shrunk = drawing.getBoundingClientRect().width / drawing.viewBox.baseVal.width;

    return shrunk > 0 ? Math.max(1, Math.min(GREATEST, READ / WRITTEN / shrunk)) : 1;
}

function flying(plays, stations, scale) {
    return [...stations].flatMap(([scene, place]) => {
        const here = plays.filter((play) => play.scene === scene);
        if (here.length === 0) return [];
        const most = mostAt(place, stations, scale);
        const shown = here.slice(0, here.length > most ? most - 1 : most);
        const names = shown.map(({ name, isStuck }) => ({
            words: shortened(name, LONGEST / scale),
            kind: isStuck ? 'stuck' : 'plays',
        }));
        const others = here.slice(shown.length);
        if (others.length > 0) {
            const kind = others.some(({ isStuck }) => isStuck) ? 'stuck' : 'more';
            names.push({ words: `${shown.length > 0 ? '+ ' : ''}${others.length}`, kind });
        }

        return [mast(place, names.length, scale), ...names.map((name, row) => pennant(place, name, row, scale))];
    });
}

/** As many as reach no station above, with its words. */
function mostAt(place, stations, scale) {
    const [x, y] = foot(place);
    const above = [...stations.values()].filter((other) => {
        const [across] = foot(other);

        return other.y + other.height < place.y && Math.abs(across - x) < NEAR;
    });
    const free = y - MAST - Math.max(-HIGH * MOST, ...above.map((other) => other.y + other.height + WORDS));

    return Math.max(1, Math.min(MOST, Math.floor(free / HIGH / scale)));
}

function mast(place, count, scale) {
    const [x, y] = foot(place);

    return svg('path', { d: `M${x} ${y}V${y - MAST - HIGH * scale * count}`, class: 'mast' });
}

function pennant(place, { words, kind }, row, scale) {
    const [x, foot0] = foot(place);
    const y = foot0 - MAST - HIGH * scale * (row + 1);
    const width = words.length * LETTER + 22;

    return svg(
        'g',
        { class: `pennant pennant-${kind}`, transform: `translate(${x} ${y}) scale(${scale})` },
        svg('path', { d: `M0 0H${width}L${width - 8} ${HIGH / 2 - 1}L${width} ${HIGH - 2}H0z` }),
        svg('text', { x: 7, y: HIGH / 2 + 4 }, words),
    );
}

const shortened = (name, most) => (name.length > most ? `${name.slice(0, Math.floor(most) - 1)}…` : name);

export { openRunMap };

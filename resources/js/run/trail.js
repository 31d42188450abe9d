import { svg } from '../lib/dom.js';
import { drawnChart, foot } from './chart.js';

/** How far a way bends aside, and how much further when it was gone before, in units of the map. */
const BEND = 16;
const FURTHER = 9;

/** The map with the way of one play drawn over it; the table below says the same. */
async function begin() {
    const holder = document.getElementById('trail-map');
    if (!holder) return;
    const chart = await drawnChart(holder, 30).catch(() => null);
    if (!chart) return holder.remove();
    const { layer, stations, homeOf } = chart;
    layer.setAttribute('class', 'trail');
    // A stop of a film stands where its film does.
    const visits = JSON.parse(holder.dataset.trail)
        .map(homeOf)
        .filter((scene, at, all) => stations.has(scene) && scene !== all[at - 1]);
    layer.append(...ways(visits, stations), ...numbers(visits, stations));
}

function ways(visits, stations) {
    const gone = new Map();

    return visits.slice(1).map((scene, at) => {
        const key = [visits[at], scene].sort().join(' ');
        gone.set(key, (gone.get(key) ?? 0) + 1);

        return svg('path', { d: bent(foot(stations.get(visits[at])), foot(stations.get(scene)), gone.get(key)) });
    });
}

/** A way from one sign to the next, to its right, so that there and back are two. */
function bent([fromX, fromY], [toX, toY], time) {
    const long = Math.hypot(toX - fromX, toY - fromY) || 1;
    const aside = (BEND + FURTHER * (time - 1)) / long;
    const [x, y] = [(fromX + toX) / 2 - (toY - fromY) * aside, (fromY + toY) / 2 + (toX - fromX) * aside];

    return `M${fromX} ${fromY}Q${x} ${y} ${toX} ${toY}`;
}

/** At each station, as which it was visited. */
function numbers(visits, stations) {
    return [...new Set(visits)].map((scene) => {
        const [x, y] = foot(stations.get(scene));
        const words = visits.flatMap((visited, at) => (visited === scene ? [at + 1] : [])).join(', ');

        return svg('text', { x, y: y - 16, 'text-anchor': 'middle' }, words);
    });
}

export { begin };

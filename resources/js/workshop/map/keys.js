import { t } from '../../lib/catalogue.js';

const HEADINGS = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** How far Alt and an arrow key place a station, in units of the map. */
const STEP = 20;

/** Arrow keys go along the tracks, with Alt they place the station; Space picks it, Escape lets go of all. */
function onMapKey(event, drawing, placed, editor) {
    if (event.key === 'Escape') {
        editor.chosen = { track: null, picked: new Set() };
        editor.draw();
    }
    const heading = HEADINGS[event.key];
    const here = event.target.closest('.station-place')?.dataset.scene;
    if (!here || !placed || (event.key !== ' ' && !heading)) return;
    event.preventDefault();
    if (event.key === ' ') editor.togglePicked(here);
    else if (event.altKey) putAside(here, heading, placed, editor);
    else follow(event.currentTarget, here, heading, placed, drawing);
}

function putAside(here, [right, down], placed, editor) {
    const { x, y } = placed.stations.get(here);
    editor.store.edit(
        { set: here, field: 'at', to: [Math.round(x + STEP * right), Math.round(y + STEP * down)] },
        t('edits.labels.placedAStation'),
    );
}

/** To the station a track leads to or comes from that lies most in that direction. */
function follow(chart, here, [right, down], placed, drawing) {
    const at = placed.stations.get(here);
    const near = new Set(drawing.tracks.flatMap(({ from, to }) => (from === here ? [to] : to === here ? [from] : [])));
    const lies = (id) => {
        const [dx, dy] = [placed.stations.get(id).x - at.x, placed.stations.get(id).y - at.y];

        return (dx * right + dy * down) / (Math.hypot(dx, dy) || 1);
    };
    const [best] = [...near].filter((id) => id !== here && lies(id) > 0.1).sort((a, b) => lies(b) - lies(a));
    if (best) chart.querySelector(`[data-scene="${CSS.escape(best)}"]`)?.focus();
}

export { onMapKey };

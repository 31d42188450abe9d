import { svg } from '../../lib/dom.js';
import { redraw } from '../../lib/redraw.js';
import { LINE_HEIGHT } from './layout.js';
import { path, restOn } from './track.js';

/** Draws the plan where the layout put it. */
function drawMap(sea, drawing, placed, desk) {
    const lineOf = new Map(drawing.stations.map((station) => [station.id, station.line]));
    const tracks = drawing.tracks.filter((track) => placed.tracks.get(track.id)?.length > 1);
    redraw(sea, [
        ...tracks.map((track) => trackLine(track, placed.tracks.get(track.id), lineOf.get(track.from))),
        ...tracks.flatMap((track) => signs(track, placed.tracks.get(track.id))),
        ...drawing.stations.filter((station) => placed.stations.has(station.id)).map((station) => stationPlace(station, placed.stations.get(station.id), desk)),
    ]);
}

function trackLine(track, points, line) {
    return svg('path', { d: path(points), class: `track line-${line}`, 'data-track': track.id }, svg('title', {}, track.why.join(' · ')));
}

/** An arrow for each direction, and a bar across the track where a lock is. */
function signs(track, points) {
    const arrow = restOn(points, track.gate ? 0.28 : 0.55);
    const gate = restOn(points, 0.62);
    const arrows = track.both ? ['M3 -4L8 0L3 4M-3 -4L-8 0L-3 4'] : ['M-4 -4L1 0L-4 4'];

    return [
        ...arrows.map((d) => svg('path', { d, class: 'track-arrow', transform: `translate(${arrow.x} ${arrow.y}) rotate(${arrow.turn})` })),
        track.gate ? svg('path', { d: 'M0 -11V11', class: 'gate', transform: `translate(${gate.x} ${gate.y}) rotate(${gate.turn})` }) : null,
    ].filter(Boolean);
}

function stationPlace(station, { x, y, width, height }, desk) {
    const classes = ['station-place', station.reached ? '' : 'unreached', desk.scene === station.id ? 'here' : ''].join(' ');
    const words = [...station.titleLines, station.note, ...station.marks.map(({ sign, words }) => `${sign} ${words}`), station.reached ? '' : 'no way leads here'].filter(Boolean).join(' ');
    const open = () => desk.walkTo(station.id);

    return svg('g', {
        class: classes, 'data-scene': station.id, 'data-key': station.id, tabindex: '0', role: 'button', 'aria-label': words,
        onclick: open, onkeydown: (event) => (event.key === 'Enter' || event.key === ' ') && open(),
        transform: `translate(${x} ${y})`,
    },
    desk.scene === station.id ? svg('rect', { x: -6, y: -6, width: width + 12, height: height + 12, rx: (width + 12) / 2, class: 'station-ring' }) : null,
    station.ending
        ? [svg('path', { d: `M0 ${height / 2}H${width / 2}`, class: `track line-${station.line}` }), svg('rect', { x: width / 2 - 5, y: -5, width: 10, height: height + 10, class: 'terminus' })]
        : svg('rect', { x: 1, y: 1, width: width - 2, height: height - 2, rx: (width - 2) / 2, class: `station line-${station.line}${height > width ? ' change' : ''}` }),
    svg('rect', { x: width / 2 - 22, y: height / 2 - 22, width: 44, height: 44, class: 'station-grip' }),
    label(station, width, height));
}

function label(station, width, height) {
    const middle = width / 2;
    const line = (words, place, kind) => svg('text', { x: middle, y: height + 16 + place * LINE_HEIGHT, class: kind }, words);
    const title = station.titleLines.map((words, place) => line(words, place, 'station-title'));
    const note = station.note ? [line(station.note, title.length, 'station-note')] : [];
    const marks = station.marks.map(({ sign, words }, place) => line(`${sign} ${words}`, title.length + note.length + place, sign === '+' ? 'station-mark gives' : 'station-mark'));

    // A space between them, so that they are read as words of their own.
    return [...title, ...note, ...marks].flatMap((words) => [words, ' ']);
}

export { drawMap };

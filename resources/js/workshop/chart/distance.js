import { el } from '../../lib/dom.js';
import { PALETTE } from '../../lib/palette.js';
import { LINE_HEIGHT } from './boxes.js';
import { path } from './track.js';

const NOWHERE = [];

/** Outlines by the points of a track: most stay as they are from one layout to the next. */
const outlines = new WeakMap();

function outlineOf(points) {
    if (!outlines.has(points)) outlines.set(points, new Path2D(path(points)));

    return outlines.get(points);
}

function terminus(outline, x, y, height) {
    outline.moveTo(x, y - 5);
    outline.lineTo(x, y + height + 5);
}

function circle(outline, x, y) {
    outline.moveTo(x + 9, y);
    outline.arc(x, y, 9, 0, 2 * Math.PI);
}

const LINES = ['signal', 'deep', 'moss', 'dusk', 'brass'].map((name) => PALETTE[name]);

/** Fewer stations than this are drawn the same from near and far. */
const MANY = 150;

/**
 * A large map seen from afar or while it is moved: painted in one go on a canvas, which costs the same however many
 * stations there are. The drawing beneath stays where it is, unseen, and takes what is pressed.
 */
function distantView(sea) {
    const canvas = el('canvas', { class: 'map-distance', 'aria-hidden': 'true', hidden: true });
    const brush = canvas.getContext('2d');
    let [strokes, labels, noted] = [[], [], null];

    /** Takes up what is to be painted; the strokes are made when they are first asked for. */
    function note(drawing, placed) {
        noted = drawing.stations.length < MANY ? null : { drawing, placed };
        if (!noted) [strokes, labels] = [[], []];
    }

    function makeStrokes({ drawing, placed }) {
        [strokes, labels, noted] = [[], [], null];
        const lineOf = new Map(drawing.stations.map((station) => [station.id, station.line]));
        const stroke = (kind, line) =>
            strokes.find((one) => one.kind === kind && one.line === line) ??
            strokes[strokes.push({ kind, line, path: new Path2D() }) - 1];
        for (const track of drawing.tracks)
            stroke('track', lineOf.get(track.from)).path.addPath(outlineOf(placed.tracks.get(track.id) ?? NOWHERE));
        for (const station of drawing.stations) {
            const { x, y, width, height } = placed.stations.get(station.id);
            const middle = x + width / 2;
            labels.push({
                x: middle,
                y: y + height + 16,
                words: [
                    ...station.titleLines,
                    station.note,
                    ...station.marks.map(({ sign, words }) => `${sign} ${words}`),
                ].filter(Boolean),
            });
            if (station.ending) terminus(stroke('terminus', 0).path, middle, y, height);
            else circle(stroke(station.reached ? 'station' : 'hollow', station.line).path, middle, y + height / 2);
        }
    }

    /** Paints the map as it is seen under a transform, or leaves it to the drawing when it is near and rests. */
    function show({ k, x, y }, { isFar, isMoving }, width, height) {
        const isDistant =
            (isMoving || (isFar && !sea.contains(document.activeElement))) && (noted !== null || strokes.length > 0);
        canvas.hidden = !isDistant;
        sea.classList.toggle('distant', isDistant);
        if (!isDistant) return false;
        if (noted) makeStrokes(noted);
        [canvas.width, canvas.height] = [width, height];
        brush.setTransform(k, 0, 0, k, x, y);
        for (const stroke of strokes) {
            brush.lineWidth = { track: 6, terminus: 10, station: 5, hollow: 5 }[stroke.kind];
            brush.strokeStyle = stroke.kind === 'terminus' ? PALETTE.ink : LINES[stroke.line];
            brush.setLineDash(stroke.kind === 'hollow' ? [4, 4] : []);
            brush.stroke(stroke.path);
            if (stroke.kind !== 'station' && stroke.kind !== 'hollow') continue;
            brush.fillStyle = PALETTE.card;
            brush.fill(stroke.path);
        }
        if (!isFar) write((0 - x) / k, (0 - y) / k, (width - x) / k, (height - y) / k, PALETTE.ink);

        return true;
    }

    function write(left, top, right, bottom, colour) {
        brush.fillStyle = colour;
        brush.textAlign = 'center';
        brush.font = '650 14px "Atkinson Hyperlegible Next Variable", sans-serif';
        for (const label of labels) {
            if (label.x < left || label.x > right || label.y < top || label.y > bottom) continue;
            label.words.forEach((words, place) => brush.fillText(words, label.x, label.y + place * LINE_HEIGHT));
        }
    }

    return { canvas, note, show };
}

export { distantView };

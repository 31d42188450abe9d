import { el } from '../../lib/dom.js';
import { LINE_HEIGHT } from './layout.js';
import { path } from './track.js';

/** Fewer stations than this are drawn the same from near and far. */
const MANY = 150;

/**
 * A large map seen from afar or while it is moved: painted in one go on a canvas, which costs the same however many
 * stations there are. The drawing beneath stays where it is, unseen, and takes what is pressed.
 */
function distantView(sea) {
    const canvas = el('canvas', { class: 'map-distance', 'aria-hidden': 'true', hidden: true });
    const brush = canvas.getContext('2d');
    let [strokes, labels] = [[], []];

    function note(drawing, placed) {
        [strokes, labels] = [[], []];
        if (drawing.stations.length < MANY) return;
        const lineOf = new Map(drawing.stations.map((station) => [station.id, station.line]));
        const add = (kind, line, d) => {
            const key = `${kind} line-${line}`;
            const found = strokes.find((one) => one.key === key) ?? strokes[strokes.push({ key, kind, line, path: new Path2D() }) - 1];
            found.path.addPath(new Path2D(d));
        };
        for (const track of drawing.tracks) add('track', lineOf.get(track.from), path(placed.tracks.get(track.id) ?? []));
        for (const station of drawing.stations) {
            const { x, y, width, height } = placed.stations.get(station.id);
            const middle = x + width / 2;
            labels.push({ x: middle, y: y + height + 16, words: [...station.titleLines, station.note, ...station.marks.map(({ sign, words }) => `${sign} ${words}`)].filter(Boolean) });
            if (station.ending) add('terminus', 0, `M${middle} ${y - 5}V${y + height + 5}`);
            else add(station.reached ? 'station' : 'hollow', station.line, `M${middle - 9} ${y + height / 2}a9 9 0 1 0 18 0a9 9 0 1 0 -18 0`);
        }
    }

    /** Paints the map as it is seen under a transform, or leaves it to the drawing when it is near and rests. */
    function show({ k, x, y }, { isFar, isMoving }, width, height) {
        const isDistant = (isMoving || (isFar && !sea.contains(document.activeElement))) && strokes.length > 0;
        canvas.hidden = !isDistant;
        sea.classList.toggle('distant', isDistant);
        if (!isDistant) return false;
        [canvas.width, canvas.height] = [width, height];
        brush.setTransform(k, 0, 0, k, x, y);
        const colour = colours();
        for (const stroke of strokes) {
            brush.lineWidth = { track: 6, terminus: 10, station: 5, hollow: 5 }[stroke.kind];
            brush.strokeStyle = stroke.kind === 'terminus' ? colour.ink : colour.lines[stroke.line];
            brush.setLineDash(stroke.kind === 'hollow' ? [4, 4] : []);
            brush.stroke(stroke.path);
            if (stroke.kind !== 'station' && stroke.kind !== 'hollow') continue;
            brush.fillStyle = colour.card;
            brush.fill(stroke.path);
        }
        if (!isFar) write((0 - x) / k, (0 - y) / k, (width - x) / k, (height - y) / k, colour.ink);

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

let known = null;

function colours() {
    const of = (name) => getComputedStyle(document.documentElement).getPropertyValue(`--color-${name}`).trim();
    known ??= { ink: of('ink'), card: of('card'), lines: [...['signal', 'deep', 'moss', 'dusk'].map(of), '#a8751a'] };

    return known;
}

export { distantView };

import { t } from '../../lib/catalogue.js';
import { svg } from '../../lib/dom.js';
import { dragOn } from '../../lib/drag.js';
import * as verbs from '../editor/scenes.js';

/** How far a press may wander and still be a tap, in pixels. */
const TAP = 6;

/**
 * What is dragged on the map: from a station to open water or another station (a way), the end of a track (leads
 * elsewhere), a name (its station is placed by hand), and with Shift over the water a frame that picks scenes.
 */
function dragOnMap(chart, sea, editor, placedNow) {
    dragOn(chart, (press) => begin(press, sea, editor, placedNow()), TAP);
}

function begin(event, sea, editor, placed) {
    const station = event.target.closest('.station-place');
    const track = event.target.closest('[data-track]');
    if (station && event.target.closest('.station-title')) return placing(station, sea, editor, placed, event);
    if (station && !event.shiftKey && !event.ctrlKey)
        return drawing(event, sea, editor, station.dataset.scene, (to) =>
            verbs.lead(editor, station.dataset.scene, to),
        );
    if (track) return relinking(event, sea, editor, track.dataset.track);

    return event.shiftKey && !station ? framing(event, sea, editor, placed) : null;
}

/** A line from a station to where the pointer is let go. */
function drawing(event, sea, editor, from, done) {
    const line = svg('path', { class: 'track-drawn' });
    const start = [event.clientX, event.clientY];

    return {
        move(moved) {
            const [a, b] = [toSea(sea, ...start), toSea(sea, moved.clientX, moved.clientY)];
            line.setAttribute('d', `M${a.x} ${a.y}L${b.x} ${b.y}`);
            if (!line.isConnected) sea.append(line);
        },
        end(ended) {
            line.remove();
            const under = document.elementFromPoint(ended.clientX, ended.clientY);
            const onto = under?.closest('.station-place')?.dataset.scene ?? null;
            if (onto !== from && under?.closest('.chart')) done(onto);
        },
        cancel: () => line.remove(),
    };
}

function relinking(event, sea, editor, id) {
    const [from, to] = id.split('>');
    const gesture = drawing(
        event,
        sea,
        editor,
        from,
        (onto) => onto && onto !== to && verbs.relink(editor, { from, to }, onto),
    );

    return {
        ...gesture,
        tap: () => {
            editor.chosen = { track: id, picked: new Set() };
            editor.draw();
        },
    };
}

function placing(station, sea, editor, placed, event) {
    const id = station.dataset.scene;
    const { x, y } = placed.stations.get(id);
    const start = toSea(sea, event.clientX, event.clientY);
    const at = (moved) => {
        const here = toSea(sea, moved.clientX, moved.clientY);

        return [Math.round(x + here.x - start.x), Math.round(y + here.y - start.y)];
    };

    return {
        move: (moved) => station.setAttribute('transform', `translate(${at(moved).join(' ')})`),
        end: (ended) => editor.store.edit({ set: id, field: 'at', to: at(ended) }, t('edits.labels.placedAStation')),
        cancel: () => station.setAttribute('transform', `translate(${x} ${y})`),
    };
}

function framing(event, sea, editor, placed) {
    const frame = svg('rect', { class: 'lasso' });
    const start = toSea(sea, event.clientX, event.clientY);
    const box = (moved) => {
        const end = toSea(sea, moved.clientX, moved.clientY);

        return {
            x: Math.min(start.x, end.x),
            y: Math.min(start.y, end.y),
            width: Math.abs(end.x - start.x),
            height: Math.abs(end.y - start.y),
        };
    };

    return {
        move(moved) {
            for (const [name, value] of Object.entries(box(moved))) frame.setAttribute(name, value);
            if (!frame.isConnected) sea.append(frame);
        },
        end(ended) {
            frame.remove();
            const { x, y, width, height } = box(ended);
            const within = [...placed.stations].filter(
                ([, one]) => one.x + one.width > x && one.x < x + width && one.y + one.height > y && one.y < y + height,
            );
            editor.chosen = { track: null, picked: new Set([...editor.chosen.picked, ...within.map(([id]) => id)]) };
            sea.ownerSVGElement.focus({ preventScroll: true });
            editor.draw();
        },
        cancel: () => frame.remove(),
    };
}

function toSea(sea, x, y) {
    return new DOMPoint(x, y).matrixTransform(sea.getScreenCTM().inverse());
}

export { dragOnMap };

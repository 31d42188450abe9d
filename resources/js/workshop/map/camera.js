import { select } from 'd3-selection';
import { zoom, zoomIdentity, zoomTransform } from 'd3-zoom';
import { cullingOf } from './culling.js';
import { distantView } from '../chart/distance.js';

/** Below this scale words are not drawn: they could not be read, and they are most of the work. */
const READABLE = 0.34;

/** At this scale the words are easily read. */
const LEGIBLE = 0.85;

/** A map that can be seen whole at this scale is. */
const ENOUGH = 0.62;

/** A map of more stations than this opens whole, however small. */
const MANY = 150;

/** Room around the map for what lies over it, in pixels: the head, the legend, the tools. */
const RIM = { above: 88, below: 96, left: 20, right: 56 };

/** Where one looks from: panning and zooming, and what of the map is painted or drawn for it. */
function openCamera(chart, sea) {
    const distance = distantView(sea);
    const culling = cullingOf();
    const pan = zoom()
        .scaleExtent([0.04, 3])
        .filter(
            (event) =>
                event.type === 'wheel' || (!event.shiftKey && !event.target.closest('.station-place, [data-track]')),
        )
        .on('zoom', ({ transform, sourceEvent }) => {
            if (sourceEvent) isWhole = false;
            look(transform, true);
        })
        .on('end', ({ transform }) => rest(transform));
    const view = select(chart).call(pan).on('dblclick.zoom', null);
    let room = { width: 0, height: 0 };
    let placed = null;
    let isWhole = false;
    // Who turns a tablet still sees all of what was seen whole.
    new ResizeObserver(() => (isWhole ? fit() : measure())).observe(chart);

    function measure() {
        const { width, height } = chart.getBoundingClientRect();
        if (width > 0) room = { width, height };
    }

    /** A large map is painted while it moves; the drawing follows when it rests. */
    function look(transform, isMoving) {
        const isFar = transform.k < READABLE;
        if (distance.show(transform, { isFar, isMoving }, room.width, room.height)) return;
        sea.classList.toggle('far', isFar);
        place(transform);
    }

    function rest(transform) {
        look(transform, false);
        place(transform);
    }

    function place(transform) {
        sea.setAttribute('transform', transform);
        culling.show(transform, room.width, room.height);
    }

    /** Takes up a layout that is about to be drawn. */
    function take(drawing, layout) {
        placed = layout;
        distance.note(drawing, layout);
    }

    /** The layout has been drawn. */
    function drawn(nodeOf) {
        culling.note(placed, nodeOf);
        rest(zoomTransform(chart));
    }

    /**
     * A map opens at a size that can be read, on the scene that is worked on; a small or a very large one is seen
     * whole.
     */
    function begin(scene) {
        if (!fit()) return false;
        const at = placed.stations.get(scene);
        if (zoomTransform(chart).k >= ENOUGH || placed.stations.size > MANY || !at) return true;
        isWhole = false;
        pan.transform(
            view,
            zoomIdentity
                .translate(
                    Math.min(60, room.width / 2 - at.x * LEGIBLE),
                    Math.min(RIM.above, room.height / 2 - at.y * LEGIBLE),
                )
                .scale(LEGIBLE),
        );

        return true;
    }

    /** Shows all of it; false while there is nothing to show or no room to show it in. */
    function fit() {
        measure();
        const { width, height } = room;
        if (!placed || width === 0) return false;
        const [across, down] = [width - RIM.left - RIM.right, height - RIM.above - RIM.below];
        const scale = Math.min(1.4, across / placed.width, down / placed.height);
        const [left, top] = [(across - placed.width * scale) / 2, (down - placed.height * scale) / 2];
        pan.transform(view, zoomIdentity.translate(RIM.left + left, RIM.above + top).scale(scale));
        isWhole = true;

        return true;
    }

    return {
        canvas: distance.canvas,
        take,
        drawn,
        begin,
        fit,
        nearer(by) {
            isWhole = false;
            pan.scaleBy(view, by);
        },
        goTo({ x, y }) {
            isWhole = false;
            pan.translateTo(view, x, y);
        },
    };
}

export { openCamera };

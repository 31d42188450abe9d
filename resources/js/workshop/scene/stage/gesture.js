import { t } from '../../../lib/catalogue.js';
import { svg } from '../../../lib/dom.js';
import { dragOn } from '../../../lib/drag.js';
import { around, between, middle, moved, overlap, resized, rounded, snap, within } from './geometry.js';

/** How near to a line a thing is drawn onto it, and how far a press must go to be a drag; in pixels. */
const REACH = 7;
const SLACK = 4;

/**
 * Pressing and dragging on the stage. A gesture moves what is drawn in its own frame; the document gets one edit when
 * the pointer is let go.
 */
function listenTo(stage, editor, view) {
    dragOn(
        stage,
        (press, event) => {
            const gesture = begin(press, view.point(press), editor, view);
            if (!gesture) return null;
            event.preventDefault();
            stage.focus({ preventScroll: true });
            const end = (isKept) => {
                view.guides([]);
                gesture.end(isKept);
            };

            return {
                move: (moved) => gesture.move(view.point(moved), moved),
                end: () => end(true),
                tap: () => end(false),
                cancel: () => end(false),
            };
        },
        SLACK,
    );
}

function begin(event, start, editor, view) {
    const grip = event.target.closest?.('[data-grip]')?.dataset.grip;
    if (view.tool) return drawing(start, event, view);
    if (grip === 'turn') return turning(editor, view);
    if (grip) return resizing(grip, editor, view);
    const pressed = event.altKey ? beneath(event, view) : event.target.closest?.('[data-thing]')?.dataset.thing;
    if (!pressed) return lasso(start, event, editor, view);
    view.press(pressed, event.shiftKey || event.ctrlKey || event.metaKey);

    return moving(start, view);
}

/** The thing under the one that is picked, where several lie over each other. */
function beneath(event, view) {
    const stack = document
        .elementsFromPoint(event.clientX, event.clientY)
        .map((element) => element.closest('[data-thing]')?.dataset.thing)
        .filter(Boolean);
    const unique = [...new Set(stack)];

    return unique[(unique.findIndex((id) => view.isPicked(id)) + 1) % unique.length];
}

function moving(start, view) {
    const things = view.movable();
    const from = things.map((thing) => thing.box);
    const others = view.others();
    if (things.length === 0) return { move() {}, end() {} };
    let to = from;

    return {
        move([x, y], event) {
            const [dx, dy] = [x - start[0], y - start[1]];
            const shifted = around(from.map((box) => moved(box, dx, dy)));
            const held = event.ctrlKey ? { dx: 0, dy: 0, lines: [] } : snap(shifted, others, REACH / view.scale());
            to = from.map((box) => moved(box, dx + held.dx, dy + held.dy));
            view.show(things, to);
            view.guides(held.lines);
        },
        end: (isDone) => view.place(things, isDone ? to : from, 'moved'),
    };
}

function resizing(grip, editor, view) {
    const things = view.movable();
    const from = things.map((thing) => thing.box);
    const frame = around(from);
    let to = from;

    return {
        move(point, event) {
            const keep =
                event.shiftKey !== things.every((thing) => thing.kind === 'picture' || thing.look === 'picture');
            const next = resized(frame, grip, point, keep);
            to = from.map((box) => within(box, frame, next));
            view.show(things, to);
        },
        end: (isDone) => view.place(things, isDone ? to : from, 'resized'),
    };
}

function turning(editor, view) {
    const [thing] = view.movable();
    let turn = thing.turn ?? 0;

    return {
        move([x, y], event) {
            const [cx, cy] = middle(thing.box);
            const angle = (Math.atan2(y - cy, x - cx) * 180) / Math.PI + 90;
            turn = event.shiftKey ? Math.round(angle) : Math.round(angle / 5) * 5;
            view.show([{ ...thing, turn }], [thing.box]);
        },
        end: (isDone) =>
            isDone &&
            editor.store.edit(
                { set: thing.id, field: 'turn', to: ((turn % 360) + 360) % 360 },
                t('edits.labels.turned', { count: 1 }),
            ),
    };
}

/** Everything that the drawn frame touches is picked. */
function lasso(start, event, editor, view) {
    const keeps = event.shiftKey;
    if (!keeps) view.pick([]);
    const frame = svg('rect', { class: 'lasso' });
    view.overlay.append(frame);
    let box = null;

    return {
        move(point) {
            box = between(start, point);
            ['x', 'y', 'width', 'height'].forEach((name, place) => frame.setAttribute(name, box[place]));
        },
        end(isDone) {
            frame.remove();
            if (isDone && box)
                view.pick(
                    view
                        .things()
                        .filter((thing) => overlap(thing.box, box) && !thing.fixed)
                        .map((thing) => thing.id),
                    keeps,
                );
        },
    };
}

/** A clear area drawn over the backdrop, or several; a press that draws nothing ends it. */
function drawing(start, event, view) {
    const { kind } = view.tool;
    if (kind === 'polygon') {
        view.corner(start);

        return null;
    }
    const shape = svg(kind === 'ellipse' ? 'ellipse' : 'rect', { class: 'placed-clear' });
    view.overlay.append(shape);
    let box = null;

    return {
        move(point) {
            box = rounded(between(start, point));
            const [x, y, width, height] = box;
            const fields =
                kind === 'ellipse'
                    ? { cx: x + width / 2, cy: y + height / 2, rx: width / 2, ry: height / 2 }
                    : { x, y, width, height };
            for (const [name, value] of Object.entries(fields)) shape.setAttribute(name, value);
        },
        end(isDone) {
            shape.remove();
            if (isDone && box && box[2] > 12 && box[3] > 12) return view.drawn({ box, shape: kind });
            view.use(null);
            view.pick([event.target.closest?.('[data-thing]')?.dataset.thing].filter(Boolean));
        },
    };
}

export { listenTo };

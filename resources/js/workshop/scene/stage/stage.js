import { t } from '../../../lib/catalogue.js';
import * as dom from '../../../lib/dom.js';
import { redraw, svg } from '../../../lib/tree.js';
import { standingIn } from '../../../lib/standing.js';
import { PALETTE } from '../../../lib/palette.js';
import { freshId } from '../../editor/document.js';
import { address, drawThing } from './draw.js';
import { around, middle } from './geometry.js';
import { listenTo } from './gesture.js';
import { onStageKey } from './keys.js';
import { place } from './verbs.js';

const GRIPS = { nw: [0, 0], n: [0.5, 0], ne: [1, 0], e: [1, 0.5], se: [1, 1], s: [0.5, 1], sw: [0, 1], w: [0, 0.5] };

/** With more clear areas than this, only that under the pointer says what it is. */
const DENSE = 6;

/** The stage of a scene: what stands on it, what is picked, and all that can be done to it by hand. */
function openStage(editor) {
    const back = dom.svg('g', { class: 'stage-back' });
    const placed = dom.svg('g', { class: 'stage-placed' });
    const overlay = dom.svg('g', { class: 'stage-overlay' });
    const standing = standingIn(placed);
    const stage = dom.svg(
        'svg',
        { class: 'stage building', viewBox: '0 0 1600 900', tabindex: 0, role: 'group', 'aria-label': t('stage.help') },
        back,
        placed,
        dom.svg('g', { class: 'stage-guides' }),
        overlay,
    );
    const status = dom.el('p', { class: 'stage-status', role: 'status' });
    const picked = new Set();
    const view = {
        overlay,
        tool: null,
        scene: null,
        scale: () => stage.clientWidth / 1600 || 1,
        node: (id) => placed.querySelector(`[data-thing="${CSS.escape(id)}"]`),
        things: () => (view.scene?.things ?? []).filter(({ box, kind }) => box && kind !== 'clip'),
        picked: () => view.things().filter((thing) => picked.has(thing.id)),
        isPicked: (id) => picked.has(id),
        movable: () => view.picked().filter((thing) => !thing.fixed),
        others: () =>
            view
                .things()
                .filter((thing) => !picked.has(thing.id))
                .map((thing) => thing.box),
        point,
        press,
        pick,
        show,
        guides,
        place: (things, boxes, label) => place(editor, things, boxes, label),
        draw,
        use,
        drawn,
        corner,
    };
    listenTo(stage, editor, view);
    stage.addEventListener('keydown', (event) => onStageKey(event, editor, view));
    stage.addEventListener('dblclick', () =>
        document.querySelector('.card textarea, .card input:not([type=checkbox])')?.focus(),
    );
    stage.addEventListener('focusin', ({ target }) => {
        const id = target.dataset?.thing;
        if (id && target.matches(':focus-visible') && !picked.has(id)) pick([id]);
    });

    function point(event) {
        const box = stage.getBoundingClientRect();

        return [((event.clientX - box.left) / box.width) * 1600, ((event.clientY - box.top) / box.height) * 900];
    }

    /** Pressing a thing picks it, or its whole group; what is picked already stays so, to be moved together. */
    function press(id, adds) {
        const thing = view.things().find((one) => one.id === id);
        const whole = thing?.group
            ? view
                  .things()
                  .filter((one) => one.group === thing.group)
                  .map((one) => one.id)
            : [id];
        if (adds) {
            whole.forEach((one) => (picked.has(one) && adds ? picked.delete(one) : picked.add(one)));
            pick([...picked]);
        } else if (!picked.has(id)) pick(whole);
    }

    function pick(ids, adds = false) {
        if (!adds) picked.clear();
        ids.forEach((id) => picked.add(id));
        editor.thing = picked.size === 1 ? [...picked][0] : null;
        editor.draw();
    }

    /** Moves what is drawn, before the document knows. */
    function show(things, boxes) {
        const shown = new Map(things.map((thing, at) => [thing.id, { ...thing, box: boxes[at] }]));
        standing.draw(view.things().map((thing) => partOf(shown.get(thing.id) ?? thing)));
        frame(boxes, things);
    }

    function guides(lines) {
        stage
            .querySelector('.stage-guides')
            .replaceChildren(
                ...lines.map(({ axis, at }) =>
                    dom.svg(
                        'line',
                        axis === 0 ? { x1: at, x2: at, y1: 0, y2: 900 } : { x1: 0, x2: 1600, y1: at, y2: at },
                    ),
                ),
            );
    }

    function frame(boxes, things) {
        if (boxes.length === 0) return overlay.replaceChildren();
        const box = around(boxes);
        const size = 11 / view.scale();
        const isLoose = things.some((thing) => !thing.fixed);
        const one = things.length === 1 ? things[0] : null;
        const [cx, cy] = middle(box);
        const grips = isLoose
            ? Object.entries(GRIPS).map(([grip, [x, y]]) =>
                  dom.svg('rect', {
                      'data-grip': grip,
                      class: `grip grip-${grip}`,
                      x: box[0] + x * box[2] - size / 2,
                      y: box[1] + y * box[3] - size / 2,
                      width: size,
                      height: size,
                  }),
              )
            : [];
        const turner =
            one && isLoose
                ? [
                      dom.svg('line', { class: 'turner', x1: cx, y1: box[1], x2: cx, y2: box[1] - 2.6 * size }),
                      dom.svg('circle', {
                          'data-grip': 'turn',
                          class: 'grip grip-turn',
                          cx,
                          cy: box[1] - 2.6 * size,
                          r: size * 0.7,
                      }),
                  ]
                : [];
        overlay.replaceChildren(
            dom.svg(
                'g',
                { transform: one?.turn ? `rotate(${one.turn} ${cx} ${cy})` : null },
                dom.svg('rect', { class: 'picked-frame', x: box[0], y: box[1], width: box[2], height: box[3] }),
                turner,
                grips,
            ),
        );
        const [x, y, width, height] = box.map(Math.round);
        const many = things.length > 1 ? t('stage.tools.many', { count: things.length }) : '';
        status.textContent = `${many} ${x}, ${y} · ${width} × ${height}`;
    }

    /** Takes up a tool for drawing an area; the next drag on the stage draws it. */
    function use(tool) {
        view.tool = tool;
        view.corners = [];
        stage.classList.toggle('drawing', tool !== null);
        status.textContent = tool === null ? '' : tool.kind === 'polygon' ? t('stage.corners') : t('stage.parts');
        if (tool) stage.focus();
    }

    function corner(at) {
        view.corners.push(at);
        overlay.replaceChildren(
            dom.svg('polyline', { class: 'placed-clear', points: view.corners.map((one) => one.join()).join(' ') }),
            ...view.corners.map(([x, y]) => dom.svg('circle', { cx: x, cy: y, r: 6, class: 'grip' })),
        );
    }

    function drawn(area) {
        const { make, isKept = false } = view.tool ?? {};
        const corners = view.corners ?? [];
        view.corners = [];
        if (!area && corners.length > 2) {
            const box = around(corners.map(([x, y]) => [x, y, 0, 0]));
            area = {
                box: box.map(Math.round),
                shape: 'polygon',
                points: corners.map(([x, y]) =>
                    [(x - box[0]) / box[2], (y - box[1]) / box[3]].map((part) => Math.round(1000 * part) / 1000),
                ),
            };
        }
        if (!area || !isKept) use(null);
        if (area && make)
            make({
                id: freshId('area'),
                kind: 'choice',
                look: 'clear',
                label: '',
                react: [],
                box: area.box,
                ...(area.shape === 'rect' ? {} : { shape: area.shape }),
                ...(area.points ? { points: area.points } : {}),
            });
        else editor.draw();
    }

    /**
     * Documents share what an edit left alone: a thing that is the same object looks the same. A clear area names where
     * it leads.
     */
    function partOf(thing) {
        const { assets, scenes } = editor.store.game;
        const isPicked = picked.has(thing.id);

        return {
            key: thing.id,
            stamp: [thing, isPicked, assets, thing.look === 'clear' ? scenes : null],
            make: () => drawThing(thing, editor, isPicked),
        };
    }

    function draw(scene) {
        if (view.tool && view.scene?.id !== scene.id) use(null);
        view.scene = scene;
        [...picked].forEach((id) => view.things().some((thing) => thing.id === id) || picked.delete(id));
        if (editor.thing && !picked.has(editor.thing)) {
            picked.clear();
            picked.add(editor.thing);
        } else if (!editor.thing && picked.size === 1) picked.clear();
        const href = address(scene.backdrop?.asset, editor);
        redraw(back, [
            svg('rect', { width: 1600, height: 900, fill: scene.backdrop?.colour ?? PALETTE.sand }),
            href ? svg('image', { href, width: 1600, height: 900, preserveAspectRatio: 'xMidYMid slice' }) : null,
        ]);
        stage.classList.toggle('dense', view.things().filter((thing) => thing.look === 'clear').length > DENSE);
        standing.draw(view.things().map((thing) => partOf(thing)));
        if (!view.corners?.length)
            frame(
                view.picked().map((thing) => thing.box),
                view.picked(),
            );
        if (picked.size === 0 && !view.tool) status.textContent = view.things().length === 0 ? t('stage.bare') : '';
    }

    return {
        node: dom.el(
            'div',
            { class: 'stage-column' },
            dom.el('div', { class: 'stage-holder' }, stage),
            dom.el('div', { class: 'stage-line' }, dom.el('p', { class: 'stage-legend' }, t('stage.dashed')), status),
        ),
        view,
    };
}

export { openStage };

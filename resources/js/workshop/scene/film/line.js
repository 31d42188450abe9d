import { t } from '../../../lib/catalogue.js';
import { el as make } from '../../../lib/dom.js';
import { made, redraw, svg } from '../../../lib/tree.js';
import { dragOn } from '../../../lib/drag.js';
import { freshId } from '../../editor/document.js';
import { clock, round, stopName } from '../../editor/films.js';
import { list } from '../../editor/walk.js';
import { backOf } from './back.js';

/** Units: pixels of the line as it is shown. */
const SIDE = 26;
const TRACK = 46;
const LANE = 74;
const HEIGHT = 128;
const LABEL = 7;

/**
 * The line of a film: stops on the track, passages in the lane under it, and where the film is. A press on the track
 * winds; a stop is dragged to another time; dragging over the lane marks a passage.
 */
function openLine({ head, seek, stopHere, editor, toggle }) {
    const canvas = made(svg('svg', { class: 'film-track', role: 'group', 'aria-label': t('films.line') }));
    const node = make('div', { class: 'film-line-holder' }, canvas);
    const held = { media: null, moving: null, range: null };
    new ResizeObserver(() => draw()).observe(node);
    canvas.addEventListener('keydown', (event) => onKey(event));
    canvas.addEventListener('dblclick', (event) => {
        if (!event.target.closest('[data-stop]')) stopHere();
    });
    dragOn(canvas, begin);

    const length = () => {
        const { media } = held;
        const stops = head.film?.stops.map(({ stop }) => stop.at) ?? [];
        if (media?.getAttribute('src') && Number.isFinite(media.duration)) return media.duration;

        return head.film?.clip.length || Math.max(10, ...stops.map((at) => at + 5));
    };
    const width = () => Math.max(300, node.clientWidth);
    const place = (at) => SIDE + (Math.min(at, length()) / length()) * (width() - 2 * SIDE);
    const timeAt = (press) => {
        const { left } = canvas.getBoundingClientRect();
        const part = (press.clientX - left - SIDE) / (width() - 2 * SIDE);

        return round(Math.max(0, Math.min(1, part)) * length());
    };

    function begin(press) {
        const stop = press.target.closest?.('[data-stop]')?.dataset.stop;
        if (stop) return moveStop(stop);
        if (press.target.closest?.('[data-lane]')) return markPassage(press);
        seek(timeAt(press));

        return { move: (moved) => seek(timeAt(moved)), end: (moved) => seek(timeAt(moved)) };
    }

    function moveStop(id) {
        return {
            move(press) {
                held.moving = { id, at: timeAt(press) };
                draw();
            },
            end(press) {
                held.moving = null;
                putStop(id, timeAt(press));
            },
            tap: () => editor.walkTo(id),
            cancel() {
                held.moving = null;
                draw();
            },
        };
    }

    function putStop(id, at) {
        const { stop } = head.film.stops.find((one) => one.id === id);
        editor.store.edit({ set: id, field: 'stop', to: { ...stop, at: round(at) } }, t('edits.labels.movedStop'));
    }

    function markPassage(first) {
        const from = timeAt(first);
        const range = (press) => [Math.min(from, timeAt(press)), Math.max(from, timeAt(press))];

        return {
            move(press) {
                held.range = range(press);
                draw();
            },
            end(press) {
                held.range = null;
                const [at, until] = range(press);
                if (until - at < 0.3) return draw();
                const { clip } = head.film;
                const moments = list(clip.moments);
                editor.store.edit(
                    {
                        set: clip.id,
                        field: 'moments',
                        to: [
                            ...moments,
                            {
                                id: freshId('moment'),
                                title: t('films.passageNumber', { number: moments.length + 1 }),
                                at,
                                until,
                            },
                        ],
                    },
                    t('edits.labels.newPassage'),
                );
            },
            tap: () => seek(from),
            cancel() {
                held.range = null;
                draw();
            },
        };
    }

    function onKey(event) {
        const stop = event.target.closest('[data-stop]')?.dataset.stop;
        const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        if (by) {
            event.preventDefault();
            const step = event.shiftKey ? by / 10 : by;
            const at = head.film.stops.find((one) => one.id === stop)?.stop.at;

            return stop ? putStop(stop, Math.max(0, at + step)) : seek(head.at + step);
        }
        if (event.key === ' ' && !stop) {
            event.preventDefault();
            toggle();
        }
        if (event.key === 'Enter') stop ? editor.walkTo(stop) : stopHere();
    }

    function draw() {
        const { film } = head;
        if (!film) return;
        canvas.setAttribute('viewBox', `0 0 ${width()} ${HEIGHT}`);
        const labels = labelRows(film.stops.map((stop) => place(timeOfStop(stop))));
        redraw(canvas, [
            svg('rect', {
                class: 'film-lane',
                'data-lane': '',
                x: SIDE,
                y: LANE - 12,
                width: width() - 2 * SIDE,
                height: 24,
            }),
            svg('path', { class: 'film-rail', d: `M${SIDE} ${TRACK}H${width() - SIDE}` }),
            railGrip(),
            svg('rect', { class: 'film-end', x: width() - SIDE - 3, y: TRACK - 20, width: 8, height: 40 }),
            list(film.clip.moments).map((moment) => passage(moment)),
            held.range ? passageBar(held.range[0], held.range[1], 'film-passage drawn') : null,
            film.stops.map((stop) => backArc(stop)),
            film.stops.map((stop, at) => stopWords(stop, labels[at])),
            film.stops.map((stop) => stopMark(stop)),
            svg('path', { class: 'film-head', d: `M${place(head.at)} 10V${LANE + 12}` }),
        ]);
    }

    /** What is focused to wind the film. */
    const railGrip = () =>
        svg('rect', {
            class: 'film-rail-grip',
            'data-key': 'film.line',
            x: SIDE - 8,
            y: TRACK - 24,
            width: width() - 2 * SIDE + 16,
            height: 44,
            tabindex: '0',
            role: 'slider',
            'aria-label': t('films.where'),
            'aria-valuemin': 0,
            'aria-valuemax': Math.round(length()),
            'aria-valuenow': Math.round(head.at),
            'aria-valuetext': clock(head.at, true),
        });

    const timeOfStop = (stop) => (held.moving?.id === stop.id ? held.moving.at : stop.stop.at);

    function stopMark(stop) {
        const at = timeOfStop(stop);
        const says = t('films.stopNamed', { name: stopName(editor.store.game, stop), time: clock(at) });
        const x = place(at);

        return svg(
            'g',
            {
                class: `film-stop-mark film-stop-${lookOf(stop)}${editor.scene === stop.id ? ' here' : ''}`,
                'data-stop': stop.id,
                'data-key': `line.${stop.id}`,
                tabindex: '0',
                role: 'button',
                'aria-label': says,
            },
            svg('title', {}, says),
            svg('rect', { class: 'film-stop-grip', x: x - 13, y: TRACK - 22, width: 26, height: 44 }),
            stop.stop.lasts
                ? null
                : svg('rect', { class: 'film-wait', x: x + 12, y: TRACK - 14, width: 5, height: 28 }),
            svg('circle', { cx: x, cy: TRACK, r: 10 }),
        );
    }

    /** Name and time under a stop, where there is room for them. */
    function stopWords(stop, row) {
        if (row === null && editor.scene !== stop.id) return null;
        const words = cut(stopName(editor.store.game, stop), row?.room ?? 24);
        const x = inside(place(timeOfStop(stop)), words);

        return svg(
            'g',
            { 'data-key': `words.${stop.id}`, class: 'film-stop-words', 'aria-hidden': 'true' },
            svg('text', { x, y: LANE + 26, class: 'film-stop-name' }, words),
            svg('text', { x, y: LANE + 42, class: 'film-stop-time' }, clock(timeOfStop(stop))),
        );
    }

    /** The middle of some words that stay on the line. */
    const inside = (x, words) => {
        const half = (words.length * LABEL) / 2 + 4;

        return Math.max(half, Math.min(width() - half, x));
    };

    /** From a stop back to the passage that a wrong answer leads to. */
    function backArc(stop) {
        const to = backOf(stop, head.film.clip);
        if (!to) return null;
        const [from, end] = [place(timeOfStop(stop)), place(to.at)];

        return svg('path', {
            class: 'film-back',
            d: `M${from} ${TRACK - 10}C${from} 4 ${end} 4 ${end} ${TRACK - 12}`,
        });
    }

    function passage(moment) {
        const { id, at, until, title } = moment;

        return svg(
            'g',
            { 'data-key': `line.${id}`, 'data-lane': '' },
            svg('title', {}, `${title} · ${clock(at)}${until ? `–${clock(until)}` : ''}`),
            until ? passageBar(at, until, 'film-passage') : momentMark(at),
        );
    }

    const passageBar = (from, to, kind) =>
        svg('rect', {
            class: kind,
            x: place(from),
            y: LANE - 5,
            width: Math.max(4, place(to) - place(from)),
            height: 9,
        });

    const momentMark = (at) => svg('path', { class: 'film-moment', d: `M${place(at)} ${LANE - 8}l7 8l-7 8l-7 -8z` });

    return { node, draw, length, measure: (media) => (held.media = media) };
}

/** How a stop is drawn: by what is asked in it. */
function lookOf(scene) {
    const kinds = list(scene.things).map(({ kind }) => kind);
    if (kinds.includes('lock')) return 'lock';

    return kinds.includes('choice') ? 'choice' : 'plain';
}

/** Which stops have room for their names under them, and for how many letters. */
function labelRows(places) {
    return places.map((x, at) => {
        const near = places.filter((other, place) => place !== at).map((other) => Math.abs(other - x));
        const room = Math.min(160, ...near);

        return room < 44 ? null : { room: Math.max(4, Math.floor(room / LABEL) - 1) };
    });
}

const cut = (words, most) => (words.length > most ? `${words.slice(0, Math.max(1, most - 1))}…` : words);

export { openLine };

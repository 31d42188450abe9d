import { filled, wordsAt } from '../../lib/catalogue.js';
import { el, icon, redraw } from '../../lib/tree.js';
import { sceneName } from '../editor/fields.js';
import { isStop } from '../editor/films.js';
import { routesIn } from '../editor/ways.js';
import * as verbs from '../editor/scenes.js';

/** The map as a list, with the same powers: for those who can't use a drawing, and for small screens. */
function drawList(holder, editor, drawing, sought) {
    const words = wordsAt('workshop.map');
    const { game } = editor.store;
    // What leads on from a stop leads on from its film.
    const homes = new Map(drawing.stations.flatMap(({ id, film }) => (film ?? []).map((stop) => [stop.id, id])));
    const out = Map.groupBy(routesIn(game), (way) => homes.get(way.from) ?? way.from);
    const shown = drawing.stations.filter((station) => station.title.toLowerCase().includes(sought));
    redraw(holder, [
        el(
            'ol',
            {},
            shown.map((station) =>
                el(
                    'li',
                    { 'data-key': `list.${station.id}`, class: `bar-${station.line}` },
                    el('input', {
                        type: 'checkbox',
                        'data-key': `list.pick.${station.id}`,
                        'aria-label': filled(words.pick, { title: station.title }),
                        checked: editor.chosen.picked.has(station.id),
                        onchange: () => editor.togglePicked(station.id),
                    }),
                    el(
                        'button',
                        {
                            class: 'link map-list-title',
                            'data-key': `list.open.${station.id}`,
                            onclick: () => editor.walkTo(station.id),
                        },
                        station.title,
                    ),
                    el(
                        'span',
                        { class: 'help' },
                        [
                            station.id === game.start ? words.start : null,
                            station.note && station.id !== game.start ? station.note : null,
                            station.reached ? null : words.hollow,
                            station.isTrap ? words.trap : null,
                            ...station.marks.map((mark) => `${mark.sign} ${mark.words}`),
                        ]
                            .filter(Boolean)
                            .join(' · '),
                    ),
                    el(
                        'ul',
                        {},
                        onward(station.id, out.get(station.id) ?? [], game).map((way) =>
                            el(
                                'li',
                                { 'data-key': `list.way.${way.from}.${way.to}` },
                                icon('arrow-right'),
                                el(
                                    'button',
                                    { class: 'link', onclick: () => choose(editor, way) },
                                    `${titleOf(game, way.to)} `,
                                ),
                                el('span', { class: 'help' }, way.why),
                            ),
                        ),
                    ),
                    el(
                        'button',
                        {
                            class: 'mover',
                            'data-key': `list.after.${station.id}`,
                            'aria-label': `${words.after}: ${station.title}`,
                            title: words.after,
                            onclick: () => verbs.lead(editor, station.id, null),
                        },
                        icon('plus'),
                    ),
                ),
            ),
        ),
    ]);
}

function onward(from, ways, game) {
    const stops = new Map();
    for (const way of ways)
        stops.set(
            way.to,
            stops.has(way.to) ? { ...stops.get(way.to), why: `${stops.get(way.to).why} · ${way.why}` } : way,
        );

    return [...stops.values()].filter((way) => way.to !== from && game.scenes.some((scene) => scene.id === way.to));
}

function titleOf(game, id) {
    const scene = game.scenes.find((one) => one.id === id);

    return scene && isStop(game, scene) ? sceneName(game, scene) : scene?.title || id;
}

/** A track is taken up; a stop stands on its film, and is gone to. */
function choose(editor, { from, to }) {
    const { game } = editor.store;
    const isOfStop = [from, to].some((id) =>
        isStop(
            game,
            game.scenes.find((one) => one.id === id),
        ),
    );
    if (isOfStop) return editor.walkTo(to);
    editor.chosen = { track: `${from}>${to}`, picked: new Set() };
    editor.draw();
}

export { drawList };

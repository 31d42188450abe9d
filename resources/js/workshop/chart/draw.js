import { t, wordsAt } from '../../lib/catalogue.js';
import { svg } from '../../lib/tree.js';
import { standingIn } from '../../lib/standing.js';
import { LINE_HEIGHT } from './boxes.js';
import { path, restOn } from './track.js';

/**
 * Draws plans where layouts put them: tracks beneath, stations above. Gives what finds the node of a part by its key.
 */
function drawnMap(sea, editor) {
    const standing = standingIn(sea);

    return (drawing, placed) => {
        const lineOf = new Map(drawing.stations.map((station) => [station.id, station.line]));
        const tracks = drawing.tracks
            .filter((track) => placed.tracks.get(track.id)?.length > 1)
            .map((track) => {
                const [points, line, isChosen] = [
                    placed.tracks.get(track.id),
                    lineOf.get(track.from),
                    editor.chosen?.track === track.id || editor.chosen?.track === `${track.to}>${track.from}`,
                ];

                return {
                    key: `track.${track.id}`,
                    stamp: [track.gate, track.both, track.why.join('·'), points, line, isChosen],
                    make: () => trackLine(track, points, line, isChosen),
                };
            });
        const stations = drawing.stations
            .filter((station) => placed.stations.has(station.id))
            .map((station) => {
                const { x, y, width, height } = placed.stations.get(station.id);

                return {
                    key: station.id,
                    stamp: [
                        station.lines.join('·'),
                        station.line,
                        station.ending,
                        station.reached,
                        station.isTrap,
                        station.found,
                        station.isGate,
                        x,
                        y,
                        width,
                        height,
                        isHere(station, editor),
                        editor.chosen?.picked.has(station.id),
                        station.film?.map(({ at, words }) => `${at} ${words}`).join('·'),
                    ],
                    make: () => stationPlace(station, { x, y, width, height }, editor),
                };
            });
        standing.draw([...tracks, ...stations]);

        return standing.node;
    };
}

/** Over each track lies a broad clear one to press on. */
function trackLine(track, points, line, isChosen) {
    const d = path(points);

    return svg(
        'g',
        { 'data-track': track.id, 'data-key': `track.${track.id}`, class: isChosen ? 'track-chosen' : null },
        svg('path', { d, class: `track line-${line}` }),
        svg('path', { d, class: 'track-grip' }, svg('title', {}, track.why.join(' · '))),
        signs(track, points),
    );
}

/** An arrow for each direction, and a bar across the track where a lock is. */
function signs(track, points) {
    const arrow = restOn(points, track.gate ? 0.28 : 0.55);
    const gate = restOn(points, 0.62);
    const arrows = track.both ? ['M3 -4L8 0L3 4M-3 -4L-8 0L-3 4'] : ['M-4 -4L1 0L-4 4'];

    return [
        ...arrows.map((d) =>
            svg('path', {
                d,
                class: 'track-arrow',
                transform: `translate(${arrow.x} ${arrow.y}) rotate(${arrow.turn})`,
            }),
        ),
        track.gate
            ? svg('path', {
                  d: 'M0 -11V11',
                  class: 'gate',
                  transform: `translate(${gate.x} ${gate.y}) rotate(${gate.turn})`,
              })
            : null,
    ].filter(Boolean);
}

/** Whether the scene that is worked on is this one, or a stop of its film. */
const isHere = (station, { scene }) => scene === station.id || (station.film?.some(({ id }) => id === scene) ?? false);

function stationPlace(station, { x, y, width, height }, editor) {
    const isPicked = editor.chosen?.picked.has(station.id) ?? false;
    const classes = [
        'station-place',
        station.reached ? '' : 'unreached',
        station.isTrap ? 'trap' : '',
        isPicked ? 'picked' : '',
        isHere(station, editor) ? 'here' : '',
    ]
        .filter(Boolean)
        .join(' ');
    const words = [
        ...station.titleLines,
        station.note,
        ...station.marks.map(({ sign, words }) => `${sign} ${words}`),
        station.reached ? '' : t('map.legend.noWayLeadsHere'),
        station.isTrap ? t('workshop.map.trap') : '',
        station.found > 0 ? `${station.found} ${wordsAt('workshop.findings')?.toMend ?? ''}` : '',
    ]
        .filter(Boolean)
        .join(' ');
    const open = (event) =>
        event.shiftKey || event.ctrlKey || event.metaKey ? editor.togglePicked(station.id) : editor.walkTo(station.id);

    return svg(
        'g',
        {
            class: classes,
            'data-scene': station.id,
            'data-key': station.id,
            tabindex: '0',
            role: 'button',
            'aria-label': words,
            'aria-pressed': String(isPicked),
            onclick: open,
            onkeydown: (event) => event.key === 'Enter' && open(event),
            transform: `translate(${x} ${y})`,
        },
        isHere(station, editor)
            ? svg('rect', {
                  x: -6,
                  y: -6,
                  width: width + 12,
                  height: height + 12,
                  rx: (Math.min(width, height) + 12) / 2,
                  class: 'station-ring',
              })
            : null,
        isPicked
            ? svg('rect', { x: -8, y: -8, width: width + 16, height: height + 12, rx: 4, class: 'station-picked' })
            : null,
        station.isTrap
            ? svg('rect', {
                  x: -9,
                  y: -9,
                  width: width + 18,
                  height: height + 18,
                  rx: (Math.min(width, height) + 18) / 2,
                  class: 'station-trap',
              })
            : null,
        station.ending
            ? [
                  svg('path', { d: `M0 ${height / 2}H${width / 2}`, class: `track line-${station.line}` }),
                  svg('rect', { x: width / 2 - 5, y: -5, width: 10, height: height + 10, class: 'terminus' }),
              ]
            : svg('rect', {
                  x: 1,
                  y: 1,
                  width: width - 2,
                  height: height - 2,
                  rx: (Math.min(width, height) - 2) / 2,
                  class: `station line-${station.line}${height > width && !station.film ? ' change' : ''}`,
              }),
        station.isGate
            ? svg('path', { d: `M-12 -5V${height + 1}M${width + 12} -5V${height + 1}`, class: 'scene-gate' })
            : null,
        station.found > 0
            ? svg(
                  'g',
                  { class: 'station-found', transform: `translate(${width + 7} -5)` },
                  svg('circle', { r: 8 }),
                  svg('text', { y: 4 }, '!'),
              )
            : null,
        svg('rect', {
            x: width / 2 - 22,
            y: height / 2 - 22,
            width: 44,
            height: 44,
            class: 'station-grip',
            'data-key': `grip.${station.id}`,
        }),
        ...(station.film ?? []).map((stop) => stopOnStretch(stop, width, height, editor)),
        label(station, width, height),
    );
}

/** A stop on the stretch of its film, to be gone to. */
function stopOnStretch(stop, width, height, editor) {
    return svg(
        'rect',
        {
            class: 'stretch-stop',
            x: 9 + stop.at * (width - 22),
            y: 5,
            width: 4,
            height: height - 10,
            'data-stop': stop.id,
            onclick: (event) => {
                event.stopPropagation();
                editor.walkTo(stop.id);
            },
        },
        svg('title', {}, stop.words),
    );
}

function label(station, width, height) {
    const middle = width / 2;
    const line = (words, place, kind) =>
        svg('text', { x: middle, y: height + 16 + place * LINE_HEIGHT, class: kind }, words);
    const title = station.titleLines.map((words, place) => line(words, place, 'station-title'));
    const note = station.note ? [line(station.note, title.length, 'station-note')] : [];
    const marks = station.marks.map(({ sign, words }, place) =>
        line(
            `${sign} ${words}`,
            title.length + note.length + place,
            sign === '+' ? 'station-mark gives' : 'station-mark',
        ),
    );

    // A space between them, so that they are read as words of their own.
    return [...title, ...note, ...marks].flatMap((words) => [words, ' ']);
}

export { drawnMap };

import { t } from '../../lib/catalogue.js';
import { el, svg } from '../../lib/dom.js';

/** Explains the signs that are on this map, and no others. */
function legend(drawing, game) {
    const sign = (...shapes) =>
        svg('svg', { viewBox: '0 0 34 18', class: 'legend-sign', 'aria-hidden': 'true' }, ...shapes);
    const entry = (shape, words) => el('li', {}, shape, words);
    const chapters = (game.chapters ?? []).map((chapter, place) =>
        entry(sign(svg('path', { d: 'M4 9H30', class: `track line-${place % 5}` })), chapter.title),
    );
    const has = (test) => drawing.stations.some(test);

    return [
        el('ul', { 'aria-label': t('map.legend.chapters') }, chapters),
        el(
            'ul',
            { 'aria-label': t('map.legend.signs') },
            drawing.tracks.some((track) => track.gate)
                ? entry(sign(svg('path', { d: 'M17 1V17', class: 'gate' })), t('map.legend.lock'))
                : null,
            has((station) => station.isGate)
                ? entry(
                      sign(
                          svg('circle', { cx: 17, cy: 9, r: 6, class: 'station line-1' }),
                          svg('path', { d: 'M6 2V16M28 2V16', class: 'scene-gate' }),
                      ),
                      t('map.legend.letsInOnlySome'),
                  )
                : null,
            has((station) => station.isTrap)
                ? entry(
                      sign(svg('circle', { cx: 17, cy: 9, r: 7, class: 'station-trap' })),
                      t('map.legend.studentsCanGetStuck'),
                  )
                : null,
            has((station) => station.found > 0)
                ? entry(
                      sign(
                          svg(
                              'g',
                              { class: 'station-found', transform: 'translate(17 9)' },
                              svg('circle', { r: 8 }),
                              svg('text', { y: 4 }, '!'),
                          ),
                      ),
                      t('map.legend.toMend'),
                  )
                : null,
            has((station) => station.ending)
                ? entry(
                      sign(svg('rect', { x: 13, y: 1, width: 8, height: 16, class: 'terminus' })),
                      t('map.legend.ending'),
                  )
                : null,
            has((station) => !station.reached)
                ? entry(
                      sign(svg('circle', { cx: 17, cy: 9, r: 7, class: 'station line-1 unreached-sign' })),
                      t('map.legend.noWayLeadsHere'),
                  )
                : null,
            has((station) => station.marks.some(({ sign: kind }) => kind === '+'))
                ? entry(el('span', { class: 'legend-mark gives' }, '+'), t('map.legend.gives'))
                : null,
            has((station) => station.marks.some(({ sign: kind }) => kind === '?'))
                ? entry(el('span', { class: 'legend-mark' }, '?'), t('map.legend.wants'))
                : null,
        ),
    ];
}

export { legend };

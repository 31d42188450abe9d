import { t } from '../../lib/catalogue.js';
import { filmOf, homeOf, isStop, stopName } from '../editor/films.js';
import { said } from '../editor/marks.js';
import { reached, tokensOf, routesIn } from '../editor/ways.js';

/** What the map shows: stations with the words under them, and one track for each pair of scenes. */
function plan(game, findings = []) {
    const homes = homesOf(game);
    const ways = folding(routesIn(game), homes);
    const seen = reached(game, ways);
    const traps = new Set(
        findings
            .filter((finding) => ['play.trap', 'scene.stuck'].includes(finding.code))
            .flatMap((finding) => finding.where),
    );
    const found = new Map();
    for (const finding of findings)
        for (const id of new Set(finding.where.map((one) => homes.get(one) ?? one)))
            found.set(id, (found.get(id) ?? 0) + 1);
    const known = new Set(game.scenes.map((scene) => scene.id));
    const lineOf = new Map((game.chapters ?? []).map((chapter, place) => [chapter.id, place % 5]));
    const shown = game.scenes.filter((scene) => !homes.has(scene.id));
    const stations = shown.map((scene) => {
        const marks = marksOf(scene, game);

        return {
            id: scene.id,
            title: scene.title || t('map.plan.untitled'),
            line: lineOf.get(scene.chapter) ?? 4,
            marks,
            lines: [
                ...folded(scene.title || t('map.plan.untitled')),
                ...(scene.id === game.start ? [t('map.plan.start')] : []),
                ...(scene.ending ? [t(`workshop.endings.${scene.ending.kind}`)] : []),
                ...marks.map(({ sign, words }) => `${sign} ${words}`),
            ],
            titleLines: folded(scene.title || t('map.plan.untitled')),
            note:
                scene.id === game.start
                    ? t('map.plan.start')
                    : scene.ending
                      ? t(`workshop.endings.${scene.ending.kind}`)
                      : '',
            ending: Boolean(scene.ending),
            reached: seen.has(scene.id),
            isTrap: traps.has(scene.id),
            found: found.get(scene.id) ?? 0,
            isGate: Boolean(scene.needs),
            film: stretchOf(game, scene),
        };
    });

    return { stations, tracks: tracksOf(game, ways, known) };
}

/** Stop → the scene of its film: on the map it is a place on that one's stretch of track. */
function homesOf(game) {
    const stops = game.scenes.filter((scene) => isStop(game, scene));

    return new Map(stops.map((scene) => [scene.id, homeOf(game, scene.stop.clip).id]));
}

/** Ways between scenes, those to and from a stop by way of its film. */
function folding(ways, homes) {
    if (homes.size === 0) return ways;

    return ways
        .map((way) => ({ ...way, from: homes.get(way.from) ?? way.from, to: homes.get(way.to) ?? way.to }))
        .filter((way) => way.from !== way.to);
}

/** Where along a film its stops stand, from 0 to 1; null for a scene without a film. */
function stretchOf(game, scene) {
    const film = scene.stop ? null : filmOf(game, scene);
    if (!film) return null;
    const length = Math.max(film.clip.length ?? 0, ...film.stops.map(({ stop }) => stop.at + 1), 1);

    return film.stops.map((stop) => ({ id: stop.id, at: stop.stop.at / length, words: stopName(game, stop) }));
}

function marksOf(scene, game) {
    const { gives, wants } = tokensOf(scene);
    const name = (id) => said(game.tokens?.find((token) => token.id === id)?.name ?? id, game);
    const isShown = (id) => game.tokens?.find((token) => token.id === id)?.kind !== 'flag';

    return [
        ...gives.filter(isShown).map((id) => ({ sign: '+', words: name(id) })),
        ...wants.filter(isShown).map((id) => ({ sign: '?', words: name(id) })),
    ];
}

/** One track for all ways between two scenes, whichever way they go; it has a gate when any of them is by a lock. */
function tracksOf(game, ways, known) {
    const tracks = new Map();
    for (const way of ways) {
        const { to } = way;
        if (!known.has(to) || to === way.from) continue;
        const isBack = tracks.has(`${to}>${way.from}`);
        const id = isBack ? `${to}>${way.from}` : `${way.from}>${to}`;
        const track = tracks.get(id) ?? { id, from: way.from, to, both: false, gate: false, why: [] };
        tracks.set(id, {
            ...track,
            both: track.both || isBack,
            gate: track.gate || way.kind === 'lock',
            why: [...track.why, way.why],
        });
    }

    return [...tracks.values()];
}

/** A title in at most two lines. */
function folded(title) {
    if (title.length <= 18) return [title];
    const middle = title.length / 2;
    const spaces = [...title.matchAll(/ /g)]
        .map((space) => space.index)
        .sort((a, b) => Math.abs(a - middle) - Math.abs(b - middle));
    const cut = spaces[0] ?? 18;
    const short = (words) => (words.length > 24 ? `${words.slice(0, 23)}…` : words);

    return [short(title.slice(0, cut)), short(title.slice(cut).trim())];
}

export { plan };

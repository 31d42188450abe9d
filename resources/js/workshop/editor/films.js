import { t } from '../../lib/catalogue.js';
import { freshId } from './document.js';
import { said } from './marks.js';

/**
 * Films of a game: a clip is a thing of a scene, a stop is a scene of its own that names a clip and a moment, and a
 * moment of a clip is a place that ways may lead to.
 */

const things = (scene) => scene.things ?? [];

const clipIn = (scene) => things(scene).find((thing) => thing.kind === 'clip') ?? null;

/** The scene a clip stands in; null when it is gone. */
const homeOf = (game, clip) => game.scenes.find((scene) => things(scene).some((thing) => thing.id === clip)) ?? null;

/** Whether a scene is a stop of a film that is there. */
const isStop = (game, scene) => Boolean(scene?.stop) && homeOf(game, scene.stop.clip) !== null;

/**
 * The film that a scene belongs to: as the one it stands in, or as a stop of it.
 *
 * @returns {{clip: any, home: any, stops: any[], stop: any} | null}
 */
function filmOf(game, scene) {
    if (!scene) return null;
    const home = scene.stop ? homeOf(game, scene.stop.clip) : scene;
    const clip = scene.stop ? things(home ?? {}).find((thing) => thing.id === scene.stop.clip) : clipIn(scene);

    return clip ? { clip, home, stops: stopsOf(game, clip.id), stop: scene.stop ? scene : null } : null;
}

/** In the order of their moments. */
function stopsOf(game, clip) {
    return game.scenes.filter((scene) => scene.stop?.clip === clip).sort((one, other) => one.stop.at - other.stop.at);
}

/** Every moment of every film, with the scene that it lies in. */
function momentsIn(game) {
    return game.scenes.flatMap((scene) =>
        things(scene)
            .filter((thing) => thing.kind === 'clip')
            .flatMap((clip) => (clip.moments ?? []).map((moment) => ({ ...moment, clip: clip.id, scene: scene.id }))),
    );
}

const momentOf = (game, id) => momentsIn(game).find((moment) => moment.id === id) ?? null;

/** What a moment is called where ways lead to it. */
const momentName = (moment) => `${moment.title || t('films.moment')} (${clock(moment.at)})`;

/** What a stop is called: its title, else the first words in it, else when it opens. */
function stopName(game, scene) {
    const words = things(scene).map((thing) =>
        said(thing.ask || thing.label || thing.md || gapless(thing.input?.md), game).trim(),
    );

    return scene.title || short(words.find(Boolean) ?? '') || t('films.stopAt', { time: clock(scene.stop.at) });
}

/** A text with its gaps left open. */
const gapless = (text) => (text ?? '').replace(/\{[a-z][a-z0-9_-]*\}/g, '…');

const short = (words) => {
    const line = words
        .replace(/[*_#>`]/g, '')
        .split('\n')[0]
        .trim();

    return line.length > 40 ? `${line.slice(0, 39)}…` : line;
};

/** The command that puts a stop into a film. */
function newStop(game, clip, at, fields = {}) {
    const home = homeOf(game, clip);
    const last = stopsOf(game, clip).at(-1) ?? home;
    const value = {
        id: freshId('stop'),
        ...(home?.chapter ? { chapter: home.chapter } : {}),
        title: '',
        layout: 'page',
        stop: { clip, at: round(at) },
        things: [],
        ...fields,
    };

    return { insert: 'scenes', in: '@game', after: last?.id ?? null, value };
}

const round = (seconds) => Math.round(seconds * 100) / 100;

/** Minutes and seconds, with tenths where there are any. */
function clock(seconds, isFine = false) {
    const tenths = Math.round(seconds * 10);
    const rest = (tenths % 600) / 10;
    const whole = `${Math.floor(tenths / 600)}:${String(Math.floor(rest)).padStart(2, '0')}`;

    return isFine || tenths % 10 !== 0 ? `${whole}.${tenths % 10}` : whole;
}

/** Seconds of a time as people write it: 33, 0:33, 1:02.5, 1 min 2 s; null where it is none. */
function timeOf(text) {
    const bare = text.trim().replace(',', '.');
    const parts = /^(?:(\d+):)?(?:(\d{1,3}):)?(\d{1,4}(?:\.\d+)?)$/.exec(bare);
    if (parts) {
        const [, one, two, seconds] = parts;

        return two === undefined
            ? Number(one ?? 0) * 60 + Number(seconds)
            : Number(one) * 3600 + Number(two) * 60 + Number(seconds);
    }
    const words = /^(?:(\d+)\s*m(?:in)?\.?)?\s*(?:(\d+(?:\.\d+)?)\s*s(?:ec)?\.?)?$/.exec(bare);

    return words && (words[1] || words[2]) ? Number(words[1] ?? 0) * 60 + Number(words[2] ?? 0) : null;
}

export {
    clipIn,
    clock,
    filmOf,
    homeOf,
    isStop,
    momentName,
    momentOf,
    momentsIn,
    newStop,
    round,
    stopName,
    stopsOf,
    timeOf,
};

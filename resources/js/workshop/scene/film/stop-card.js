import { t, wordsAt } from '../../../lib/catalogue.js';
import { el, icon } from '../../../lib/tree.js';
import { freshId } from '../../editor/document.js';
import { clock, filmOf, round, stopName, timeOf } from '../../editor/films.js';
import { line, now, pick, tick } from '../../editor/fields.js';
import { list } from '../../editor/walk.js';

const PLACES = ['beside', 'below', 'left', 'right', 'top', 'bottom'];

/** Seconds after which a stop goes by itself where nothing else is said. */
const USUAL = 5;

/** What is asked of a stop: when it opens, whether it waits, where it stands. */
function stopFields(scene, editor) {
    const held = () => now(editor, scene).stop;
    const put = (fields) =>
        editor.store.edit(
            { set: scene.id, field: 'stop', to: without({ ...held(), ...fields }) },
            t('edits.labels.stop'),
        );
    const { stop } = scene;

    return el(
        'div',
        { class: 'card-part', 'data-key': `${scene.id}.stop` },
        el(
            'div',
            { class: 'card-row stop-times' },
            line({
                key: `${scene.id}.stop.at`,
                label: t('films.opensAt'),
                width: 'tiny',
                value: clock(stop.at),
                take: (text) => timeOf(text) !== null && put({ at: round(timeOf(text)) }),
            }),
            pick({
                key: `${scene.id}.stop.waits`,
                label: t('films.thenIt'),
                value: stop.lasts ? 'passes' : 'waits',
                options: ['waits', 'passes'].map((way) => [way, t(`films.ways.${way}`)]),
                take: (way) => put({ lasts: way === 'passes' ? USUAL : undefined }),
            }),
            stop.lasts
                ? line({
                      key: `${scene.id}.stop.lasts`,
                      label: t('films.seconds'),
                      type: 'number',
                      width: 'tiny',
                      value: stop.lasts,
                      take: (seconds) => put({ lasts: Math.min(600, Math.max(1, Number(seconds) || USUAL)) }),
                  })
                : null,
        ),
        pick({
            key: `${scene.id}.stop.place`,
            label: t('films.place'),
            value: stop.place ?? PLACES[0],
            options: PLACES.map((place) => [place, wordsAt('films.places')[place]]),
            take: (place) => put({ place: place === PLACES[0] ? undefined : place }),
        }),
        stop.lasts
            ? null
            : tick({
                  key: `${scene.id}.stop.free`,
                  label: t('films.freeStop'),
                  value: Boolean(stop.free),
                  take: (on) => put({ free: on || undefined }),
              }),
        onceMore(scene, editor),
    );
}

function without(fields) {
    return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined));
}

/** A closing page: what went wrong before is asked again, of those it went wrong for. */
function onceMore(scene, editor) {
    const { game } = editor.store;
    const film = filmOf(game, scene);
    const before = film.stops.filter((one) => one.id !== scene.id && one.stop.at <= scene.stop.at);
    const asked = before.flatMap((one) => list(one.things).filter(({ kind }) => kind === 'lock'));
    if (asked.length === 0) return null;
    const add = () => {
        const after = () => list(now(editor, scene).things).at(-1)?.id ?? null;
        const copies = asked.map((lock) => again(lock));
        editor.store.edit(
            copies.map((value, place) => ({
                insert: 'things',
                in: scene.id,
                after: copies[place - 1]?.id ?? after(),
                value,
            })),
            t('edits.labels.askedAgain'),
        );
    };

    return el(
        'button',
        { class: 'link', 'data-key': `${scene.id}.again`, onclick: add },
        icon('repeat'),
        t('films.askAgain', { count: asked.length }),
    );
}

/** The same question under other names, for those who did not have it right at once. */
function again(lock) {
    const ids = new Map();
    const fresh = (id) => {
        if (!ids.has(id)) ids.set(id, freshId(id.replace(/-[a-z0-9]{6,8}$/, '')));

        return ids.get(id);
    };
    const own = JSON.stringify(lock).match(/"id":"([^"]+)"/g) ?? [];
    own.forEach((found) => fresh(found.slice(6, -1)));
    const gaps = lock.input?.type === 'gaps' ? (lock.input.md.match(/\{([a-z][a-z0-9_-]*)\}/g) ?? []) : [];
    gaps.forEach((found) => fresh(found.slice(1, -1)));
    const renamed = [...ids].reduce(
        (text, [from, to]) => text.replaceAll(`"${from}"`, `"${to}"`).replaceAll(`{${from}}`, `{${to}}`),
        JSON.stringify(lock),
    );

    return { ...JSON.parse(renamed), if: { not: { firstTry: [lock.id], atLeast: 1 } } };
}

/** The way from a stop to its film. */
function backToFilm(scene, editor) {
    const film = filmOf(editor.store.game, scene);

    return el(
        'button',
        {
            class: 'link card-back',
            'data-key': 'card-back',
            onclick: () => editor.walkTo(film.home.id, film.clip.id),
        },
        t('films.theFilm'),
    );
}

/** When it opens, and whether it waits, in a line. */
const stopSays = (scene) =>
    t(scene.stop.lasts ? 'films.saysPasses' : 'films.saysWaits', {
        time: clock(scene.stop.at),
        seconds: scene.stop.lasts ?? 0,
    });

export { backToFilm, stopFields, stopName, stopSays };

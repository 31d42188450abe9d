import { t } from '../../lib/catalogue.js';
import { freshId } from '../document.js';
import { choiceTo, reroute } from '../reroute.js';
import { routesIn } from '../ways.js';

/** What can be done on the map, with a track or with the scenes that are picked. Each is one edit. */

const sceneOf = (desk, id) => desk.store.game.scenes.find((scene) => scene.id === id);

/** Leads from a scene to another, or to a new one made with it. */
function lead(desk, from, to) {
    const made = to ? [] : [blank(desk, sceneOf(desk, from), [])];
    const id = to ?? made[0].value.id;
    desk.scene = id;
    desk.store.edit(
        [...made, choiceTo(sceneOf(desk, from), id, t('made.new.choice'), freshId('way'))],
        to ? t('edits.labels.newWay') : t('edits.labels.newScene'),
    );
}

/** A scene in the middle of a track: what led to its end leads to the scene, and the scene leads on. */
function insert(desk, { from, to }) {
    const made = blank(desk, sceneOf(desk, from), [{ go: to }]);
    desk.scene = made.value.id;
    desk.store.edit([made, ...reroute(desk.store.game, from, to, made.value.id)], t('edits.labels.aSceneInBetween'));
}

/** A scene before everything. */
function insertFirst(desk) {
    const { game } = desk.store;
    const made = { ...blank(desk, null, [{ go: game.start }]), after: null };
    desk.scene = made.value.id;
    desk.store.edit(
        [made, { set: '@game', field: 'start', to: made.value.id }],
        t('edits.labels.aSceneBeforeTheStart'),
    );
}

function relink(desk, { from, to }, elsewhere) {
    desk.store.edit(
        reroute(desk.store.game, from, to, elsewhere),
        elsewhere === '' ? t('edits.labels.anOpenEnd') : t('edits.labels.aWayLedElsewhere'),
    );
}

/** What the second holds goes to the first, and so does what led to it. */
function merge(desk, [first, second]) {
    const { game } = desk.store;
    const [into, gone] = [sceneOf(desk, first), sceneOf(desk, second)];
    const between = reroute(game, first, second, '');
    const moves = (gone.things ?? []).map((thing, place, things) => ({
        move: thing.id,
        in: first,
        after: place === 0 ? (into.things?.at(-1)?.id ?? null) : things[place - 1].id,
    }));
    const next = into.next?.some?.((reaction) => reaction.go !== second) ? into.next : (gone.next ?? []);
    const ending = gone.ending && !into.ending ? [{ set: first, field: 'ending', to: gone.ending }] : [];
    desk.store.edit(
        [
            ...between,
            ...moves,
            { set: first, field: 'next', to: next },
            ...ending,
            { deleteScene: second, lead: first },
        ],
        t('edits.labels.merged', { scene: gone.title, into: into.title }),
    );
}

/** The thing and what follows it go to a scene of their own, which the scene leads on to. */
function split(desk, scene, thing) {
    const at = scene.things.findIndex((one) => one.id === thing);
    const made = blank(desk, scene, scene.next ?? []);
    const moved = scene.things.slice(at);
    if (scene.ending) made.value.ending = scene.ending;
    desk.scene = made.value.id;
    desk.store.edit(
        [
            made,
            ...moved.map((one, place) => ({
                move: one.id,
                in: made.value.id,
                after: place === 0 ? null : moved[place - 1].id,
            })),
            { set: scene.id, field: 'next', to: [{ go: made.value.id }] },
            ...(scene.ending ? [{ set: scene.id, field: 'ending', to: null }] : []),
        ],
        t('edits.labels.split', { scene: scene.title }),
    );
}

function toChapter(desk, ids, chapter) {
    const { game } = desk.store;
    const title = game.chapters?.find((one) => one.id === chapter)?.title ?? t('workshop.noChapter');
    desk.store.edit(
        ids.map((id) => ({ set: id, field: 'chapter', to: chapter || undefined })),
        t('edits.labels.toChapter', { count: ids.length, chapter: title }),
    );
}

function toNewChapter(desk, ids) {
    const { game } = desk.store;
    const value = {
        id: freshId('chapter'),
        title: t('made.new.chapter', { number: (game.chapters?.length ?? 0) + 1 }),
        start: ids[0],
    };
    desk.store.edit(
        [
            { insert: 'chapters', in: '@game', after: game.chapters?.at(-1)?.id ?? null, value },
            ...ids.map((id) => ({ set: id, field: 'chapter', to: value.id })),
        ],
        t('edits.labels.toNewChapter', { count: ids.length }),
    );
}

function duplicate(desk, ids) {
    desk.store.edit({ duplicate: ids }, t('edits.labels.duplicated', { count: ids.length }));
}

/** What led to any of them leads to `to`, or is left an open end. */
function remove(desk, ids, to) {
    desk.store.edit(
        ids.map((id) => ({ deleteScene: id, lead: to || null })),
        t('edits.labels.deletedScenes', { count: ids.length }),
    );
}

/** Ways that lead into a set of scenes from outside it. */
function waysInto(game, ids) {
    return routesIn(game).filter((way) => ids.includes(way.to) && !ids.includes(way.from));
}

function blank(desk, near, next) {
    const value = {
        id: freshId('scene'),
        ...(near?.chapter ? { chapter: near.chapter } : {}),
        title: t('made.new.scene'),
        layout: near?.layout ?? 'page',
        ...(near?.layout === 'stage' ? { backdrop: near.backdrop } : {}),
        things: [],
        next,
    };

    return { insert: 'scenes', in: '@game', after: near?.id ?? null, value };
}

export { duplicate, insert, insertFirst, lead, merge, relink, remove, split, toChapter, toNewChapter, waysInto };

import { t } from '../../lib/catalogue.js';
import { asking, onceDone } from './asking.js';
import { freshId } from './document.js';
import { choiceTo, reroute } from './reroute.js';
import { routesIn } from './ways.js';

/** What can be done on the map, with a track or with the scenes that are picked. Each is one edit. */

const sceneOf = (editor, id) => editor.store.game.scenes.find((scene) => scene.id === id);

/** Leads from a scene to another, or to a new one made with it; where something is asked, behind that. */
function lead(editor, from, to) {
    const made = to ? [] : [blank(editor, sceneOf(editor, from), [])];
    const id = to ?? made[0].value.id;
    const condition = onceDone(asking(sceneOf(editor, from)));
    const choice = choiceTo(sceneOf(editor, from), id, t('made.new.choice'), freshId('way'));
    editor.scene = id;
    if (condition) editor.alarm(t('workshop.behindWhatIsAsked', { scene: sceneOf(editor, from).title }));
    editor.store.edit(
        [...made, condition ? { ...choice, value: { ...choice.value, if: condition } } : choice],
        to ? t('edits.labels.newWay') : t('edits.labels.newScene'),
    );
}

/** A scene in the middle of a track: what led to its end leads to the scene, and the scene leads on. */
function insert(editor, { from, to }) {
    const made = blank(editor, sceneOf(editor, from), [{ go: to }]);
    editor.scene = made.value.id;
    editor.store.edit(
        [made, ...reroute(editor.store.game, from, to, made.value.id)],
        t('edits.labels.aSceneInBetween'),
    );
}

/** A scene before everything. */
function insertFirst(editor) {
    const { game } = editor.store;
    const made = { ...blank(editor, null, [{ go: game.start }]), after: null };
    editor.scene = made.value.id;
    editor.store.edit(
        [made, { set: '@game', field: 'start', to: made.value.id }],
        t('edits.labels.aSceneBeforeTheStart'),
    );
}

function relink(editor, { from, to }, elsewhere) {
    editor.store.edit(
        reroute(editor.store.game, from, to, elsewhere),
        elsewhere === '' ? t('edits.labels.anOpenEnd') : t('edits.labels.aWayLedElsewhere'),
    );
}

/** What the second holds goes to the first, and so does what led to it. */
function merge(editor, [first, second]) {
    const { game } = editor.store;
    const [into, gone] = [sceneOf(editor, first), sceneOf(editor, second)];
    const between = reroute(game, first, second, '');
    const moves = (gone.things ?? []).map((thing, place, things) => ({
        move: thing.id,
        in: first,
        after: place === 0 ? (into.things?.at(-1)?.id ?? null) : things[place - 1].id,
    }));
    const next = into.next?.some?.((reaction) => reaction.go !== second) ? into.next : (gone.next ?? []);
    const ending = gone.ending && !into.ending ? [{ set: first, field: 'ending', to: gone.ending }] : [];
    editor.store.edit(
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
function split(editor, scene, thing) {
    const at = scene.things.findIndex((one) => one.id === thing);
    const made = blank(editor, scene, scene.next ?? []);
    const moved = scene.things.slice(at);
    if (scene.ending) Object.assign(made.value, { ending: scene.ending });
    editor.scene = made.value.id;
    editor.store.edit(
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

function toChapter(editor, ids, chapter) {
    const { game } = editor.store;
    const title = game.chapters?.find((one) => one.id === chapter)?.title ?? t('workshop.noChapter');
    editor.store.edit(
        ids.map((id) => ({ set: id, field: 'chapter', to: chapter || undefined })),
        t('edits.labels.toChapter', { count: ids.length, chapter: title }),
    );
}

function toNewChapter(editor, ids) {
    const { game } = editor.store;
    const value = {
        id: freshId('chapter'),
        title: t('made.new.chapter', { number: (game.chapters?.length ?? 0) + 1 }),
        start: ids[0],
    };
    editor.store.edit(
        [
            { insert: 'chapters', in: '@game', after: game.chapters?.at(-1)?.id ?? null, value },
            ...ids.map((id) => ({ set: id, field: 'chapter', to: value.id })),
        ],
        t('edits.labels.toNewChapter', { count: ids.length }),
    );
}

function duplicate(editor, ids) {
    editor.store.edit({ duplicate: ids }, t('edits.labels.duplicated', { count: ids.length }));
}

/** What led to any of them leads to `to`, or is left an open end. */
function remove(editor, ids, to) {
    editor.store.edit(
        ids.map((id) => ({ deleteScene: id, lead: to || null })),
        t('edits.labels.deletedScenes', { count: ids.length }),
    );
}

/** Ways that lead into a set of scenes from outside it. */
function waysInto(game, ids) {
    return routesIn(game).filter((way) => ids.includes(way.to) && !ids.includes(way.from));
}

function blank(editor, near, next) {
    const value = {
        id: freshId('scene'),
        ...(near?.chapter ? { chapter: near.chapter } : {}),
        title: t('made.new.scene'),
        layout: near?.layout ?? 'page',
        waits: true,
        ...(near?.layout === 'stage' ? { backdrop: near.backdrop } : {}),
        things: [],
        next,
    };

    return { insert: 'scenes', in: '@game', after: near?.id ?? null, value };
}

export { duplicate, insert, insertFirst, lead, merge, relink, remove, split, toChapter, toNewChapter, waysInto };

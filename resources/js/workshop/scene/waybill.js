import { t, wordsAt } from '../../lib/catalogue.js';
import { el } from '../../lib/tree.js';
import { asking, onceDone } from '../editor/asking.js';
import { filmOf, isStop } from '../editor/films.js';
import { routesIn } from '../editor/ways.js';
import { newScene, sceneName } from '../editor/fields.js';

/** Where students come from, this scene, where they go; each with its reason, each a way to walk. */
function waybill(scene, editor) {
    const { game } = editor.store;
    const ways = routesIn(game);
    const stops = onLine(game, scene);
    const into = ways.filter((way) => way.to === scene.id && way.from !== scene.id && !stops.has(way.from));
    const out = ways.filter((way) => way.from === scene.id && way.to !== scene.id && !stops.has(way.to));

    return [
        el(
            'section',
            { class: 'bill-side' },
            el('h2', { class: 'caps' }, t('cards.waybill.studentsComeFrom')),
            el(
                'ul',
                {},
                game.start === scene.id
                    ? el('li', { class: 'bill-start' }, t('cards.waybill.theGameStartsHere'))
                    : null,
                grouped(into, 'from').map((way) => stop(game, way.from, way.why, editor)),
                into.length === 0 && game.start !== scene.id
                    ? el('li', { class: 'bill-none' }, t('cards.waybill.nowhereYetNoWayLeads'))
                    : null,
            ),
        ),
        el(
            'section',
            { class: 'bill-here' },
            el('h2', { class: 'caps' }, t('cards.waybill.thisScene')),
            el('p', { class: 'bill-title' }, nameHere(scene, game)),
            el('p', {}, counts(scene)),
        ),
        el(
            'section',
            { class: 'bill-side' },
            el(
                'div',
                { class: 'bill-head' },
                el('h2', { class: 'caps' }, t('cards.waybill.theyGoOnTo')),
                el(
                    'span',
                    { class: 'bill-makers' },
                    wayMakers(scene, editor),
                    el(
                        'button',
                        { class: 'bill-new', 'data-key': 'bill-pattern', onclick: () => editor.build() },
                        t('workshop.fromPattern'),
                    ),
                ),
            ),
            el(
                'ul',
                {},
                grouped(out, 'to').map((way) => stop(game, way.to, way.why, editor)),
                scene.ending ? el('li', { class: 'bill-none' }, t('cards.waybill.thePlayEndsHere')) : null,
            ),
        ),
    ];
}

/** Stops of this scene's own film: they stand on its line. */
const onLine = (game, scene) => new Set(scene.stop ? [] : filmOf(game, scene)?.stops.map(({ id }) => id));

const nameHere = (scene, game) =>
    isStop(game, scene) ? sceneName(game, scene) : scene.title || t('cards.waybill.withoutATitle');

/** Several ways to the same place are one stop with their reasons together. */
function grouped(ways, end) {
    const stops = new Map();
    for (const way of ways)
        stops.set(way[end], { ...way, why: stops.has(way[end]) ? `${stops.get(way[end]).why} · ${way.why}` : way.why });

    return [...stops.values()];
}

function stop(game, id, why, editor) {
    const scene = game.scenes.find((one) => one.id === id);
    const line = game.chapters?.findIndex((one) => one.id === scene?.chapter) ?? 0;
    const name =
        (scene && sceneName(game, scene)) ?? wordsAt('workshop.routes')[id] ?? t('cards.waybill.aSceneThatIsGone');

    return el(
        'li',
        {},
        el(
            'button',
            {
                class: `bill-stop bar-${Math.max(0, line) % 5}${scene ? '' : ' bill-loose'}`,
                'data-key': `bill-${id}`,
                disabled: !scene,
                onclick: () => editor.walkTo(id),
            },
            el('strong', {}, name),
            el('span', {}, why),
        ),
    );
}

function counts(scene) {
    const things = scene.things ?? [];
    const locks = things.filter((thing) => thing.kind === 'lock').length;

    return t('cards.waybill.counts', { things: things.length, locks });
}

/** The scene of which it is asked where its new way lies. */
let wayFrom = null;

/** Where something is asked, a new way asks first whether it lies behind that or beside it. */
function wayMakers(scene, editor) {
    const maker = (key, words, onclick) => el('button', { class: 'bill-new', 'data-key': key, onclick }, t(words));
    const asks = asking(scene);
    if (asks.length === 0) return maker('bill-new', 'cards.waybill.makeANewWay', () => makeWay(scene, editor, null));
    if (wayFrom !== scene.id)
        return maker('bill-new', 'cards.waybill.makeANewWay', () => {
            wayFrom = scene.id;
            editor.draw();
        });

    return [
        maker('bill-behind', 'cards.waybill.behindTheLock', () => makeWay(scene, editor, onceDone(asks))),
        maker('bill-beside', 'cards.waybill.besideTheLock', () => makeWay(scene, editor, null)),
    ];
}

function makeWay(scene, editor, condition) {
    wayFrom = null;
    const made = newScene(editor.store.game, editor);
    const choice = {
        id: made.value.id.replace('scene', 'choice'),
        kind: 'choice',
        look: 'button',
        md: t('made.new.choice'),
        react: [{ go: made.value.id }],
        ...(condition ? { if: condition } : {}),
    };
    editor.thing = choice.id;
    editor.store.edit(
        [made, { insert: 'things', in: scene.id, after: scene.things?.at(-1)?.id ?? null, value: choice }],
        t('edits.labels.newWay'),
    );
}

export { waybill };

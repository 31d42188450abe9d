import { t, wordsAt } from '../../lib/catalogue.js';
import { targetOf } from '../../lib/dom.js';
import { el, icon, made, redraw } from '../../lib/tree.js';
import { blankLock } from '../editor/blank-lock.js';
import { freshId } from '../editor/document.js';
import { dragOn } from '../../lib/drag.js';
import { clearingCard } from './stage/clearing-card.js';
import { areaCard } from './stage/area-card.js';
import { freePlace, rounded } from './stage/geometry.js';
import { picturePicker, takeFile } from '../editor/pictures.js';
import { severalCard } from './stage/several.js';
import { openStage } from './stage/stage.js';
import { sceneCard } from './card.js';
import { bringFilm } from './film/bring.js';
import { openFilm } from './film/face.js';
import { pasteCard } from './film/paste.js';
import { stopSays } from './film/stop-card.js';
import { isStop, stopName } from '../editor/films.js';
import { reorderByHand, thingOnPage } from './page.js';
import { scenePicker } from './scene-picker.js';
import { newStanding } from './standing.js';
import { thingCard } from './thing.js';
import { waybill } from './waybill.js';

const TRAY = [
    ['text', 'type'],
    ['picture', 'image'],
    ['area', 'square-dashed-mouse-pointer'],
    ['choice', 'signpost'],
    ['lock', 'lock'],
    ['cover', 'layers'],
    ['link', 'external-link'],
    ['clip', 'clapperboard'],
    ['standing', 'list'],
];

/** What the card is open for, beside the scene or the thing: something to be found, a background to be cleared. */
const open = { picking: null, choosing: null, clearing: null, board: null, begun: null, bringing: null, pasting: null };

/** How large a new thing stands on a stage. */
const SIZES = {
    text: [620, 130],
    choice: [320, 88],
    lock: [330, 92],
    cover: [260, 200],
    link: [320, 88],
    standing: [420, 300],
};

/**
 * The scene face: stage or page in the middle, the tray under it, the card beside it, the waybill along the lower edge.
 */
function openScene(holder, editor) {
    const page = made(el('div', { class: 'page', 'aria-label': t('cards.face.whatStudentsSeeInOrder') }));
    const tray = made(el('div', { class: 'tray', role: 'toolbar', 'aria-label': t('cards.face.addAThing') }));
    const card = made(el('aside', { class: 'card', 'aria-label': t('cards.face.card') }));
    const bill = made(el('nav', { class: 'waybill', 'aria-label': t('cards.face.waybill') }));
    editor.stage = openStage(editor);
    editor.offer({
        pickPicture(take, isForMany = false) {
            open.picking = take;
            open.isPickingMany = isForMany;
            draw();
        },
        pickScene(take) {
            open.choosing = take;
            draw();
        },
        bringFilm(take) {
            open.bringing = take;
            draw();
        },
        pasteStops(clip) {
            open.pasting = { clip };
            draw();
        },
        clearBackground(thing) {
            open.clearing = thing;
            draw();
        },
    });
    const film = openFilm(editor);
    editor.film = {
        ...film,
        momentHere: (number) => ({
            id: freshId('moment'),
            title: t('films.momentNumber', { number }),
            at: film.head.at,
        }),
    };
    const column = el('div', { class: 'scene-column' }, film.node, page, editor.stage.node, tray);
    holder.append(made(el('div', { class: 'scene-middle' }, column, card)), bill);
    takeDropped(editor);
    dragOn(tray, (press) => carry(press, editor), 30);
    reorderByHand(page, editor);

    function draw() {
        const scene = sceneOf(editor);
        const isStage = scene.layout === 'stage';
        const thing = (scene.things ?? []).find((one) => one.id === editor.thing) ?? null;
        page.hidden = isStage;
        film.draw(scene);
        editor.stage.node.hidden = !isStage;
        if (isStage) editor.stage.view.draw(scene);
        else
            redraw(page, [
                pageHead(scene, editor),
                ...(scene.things ?? []).map((one, place) => thingOnPage(one, place, scene, editor)),
                ending(scene),
                hollow(scene, editor),
            ]);
        redraw(
            tray,
            TRAY.filter(([kind]) => isOffered(kind, scene, isStage, editor.store.game)).map(([kind, sign]) =>
                el(
                    'button',
                    {
                        class: 'tray-button',
                        'data-key': `tray.${kind}`,
                        'data-add': kind,
                        onclick: () => add(editor, kind),
                    },
                    icon(sign),
                    t(`workshop.kinds.${kind}`),
                ),
            ),
        );
        redraw(card, cardFor(scene, thing, editor));
        redraw(bill, waybill(scene, editor));
        focusNew(page);
    }

    return { draw };
}

/** An area stands on a stage alone, a film has its stops, but a stop no film, and a standing is one of tallies. */
function isOffered(kind, scene, isStage, game) {
    if (kind === 'standing') return (game.tallies ?? []).length > 0;

    return kind === 'area' ? isStage : kind !== 'clip' || !scene.stop;
}

/** What is being looked for → the card in which it is: one for as long as it is open. */
const finding = new WeakMap();

function once(looked, make) {
    if (!finding.has(looked)) finding.set(looked, make());

    return finding.get(looked);
}

function cardFor(scene, thing, editor) {
    if (open.picking)
        return once(open.picking, () =>
            picturePicker(
                editor,
                (found) => take(editor, found),
                () => stopPicking(editor),
            ),
        );
    if (open.choosing)
        return once(open.choosing, () =>
            scenePicker(
                editor,
                (id, edits) => choose(editor, id, edits),
                () => stopPicking(editor),
            ),
        );
    if (open.bringing)
        return once(open.bringing, () =>
            bringFilm(
                editor,
                (found) => bring(found),
                () => stopPicking(editor),
            ),
        );
    if (open.pasting) return once(open.pasting, () => pasteCard(editor, open.pasting.clip, () => stopPicking(editor)));
    if (scene.layout === 'stage' && editor.stage.view.tool && !thing) return areaCard(editor);
    if (scene.layout === 'stage' && editor.stage.view.picked().length > 1)
        return severalCard(editor, editor.stage.view);

    if (thing && open.clearing === thing.id) return clearing(thing, editor);
    open.clearing = null;

    return thing ? thingCard(thing, scene, editor) : sceneCard(scene, editor);
}

/** One board for as long as the background of a thing is worked on. */
function clearing(thing, editor) {
    if (open.board?.id !== thing.id) {
        const take = (found) =>
            editor.store.edit(
                [...found.edits, { set: thing.id, field: 'asset', to: found.id }],
                t('edits.labels.clearBackground'),
            );
        const close = () => {
            open.clearing = open.board = null;
            editor.draw();
        };
        open.board = { id: thing.id, card: clearingCard(thing, editor, take, close) };
    }

    return open.board.card;
}

function take(editor, found) {
    const picked = open.picking;
    if (!open.isPickingMany) open.picking = null;
    picked(found);
}

function choose(editor, id, made) {
    const chosen = open.choosing;
    open.choosing = null;
    chosen(id, made);
}

function bring(found) {
    const taken = open.bringing;
    open.bringing = null;
    taken(found);
}

function stopPicking(editor) {
    open.picking = open.choosing = open.bringing = open.pasting = null;
    editor.draw();
}

function sceneOf(editor) {
    return editor.store.game.scenes.find((one) => one.id === editor.scene);
}

function pageHead(scene, editor) {
    const backdrop = editor.store.game.assets?.find((asset) => asset.id === scene.backdrop?.asset);

    return el(
        'button',
        {
            class: `page-head${editor.thing ? '' : ' chosen'}`,
            'data-key': 'page-head',
            onclick: () => select(editor, null),
        },
        backdrop ? el('img', { src: `/files/${backdrop.file.split('/').pop()}`, alt: '' }) : null,
        el(
            'span',
            { class: 'page-title' },
            isStop(editor.store.game, scene)
                ? stopName(editor.store.game, scene)
                : scene.title || t('cards.face.sceneWithoutATitle'),
        ),
        el('span', { class: 'caps' }, scene.stop ? stopSays(scene) : t('cards.face.scene')),
    );
}

function ending(scene) {
    return scene.ending
        ? el(
              'p',
              { class: 'page-ending' },
              el(
                  'span',
                  { class: 'caps' },
                  t('cards.face.ending', { ending: t(`workshop.endings.${scene.ending.kind}`) }),
              ),
              scene.ending.md ?? '',
          )
        : null;
}

function hollow(scene, editor) {
    if ((scene.things ?? []).length > 0 || scene.ending) return null;

    return el(
        'div',
        { class: 'page-empty' },
        el('p', {}, t('cards.face.nothingStandsHereYet')),
        el(
            'button',
            { class: 'button', onclick: () => add(editor, 'lock') },
            icon('lock'),
            t('cards.face.beginWithAQuestion'),
        ),
    );
}

function select(editor, id) {
    editor.thing = id;
    editor.draw();
}

/** A thing drawn from the tray onto the stage lands where it is let go. */
function carry({ target }, editor) {
    const kind = target.closest('[data-add]')?.dataset.add;
    if (!kind || sceneOf(editor).layout !== 'stage') return null;

    return {
        end(press) {
            const isOver = document.elementFromPoint(press.clientX, press.clientY)?.closest('.stage');
            if (isOver) add(editor, kind, editor.stage.view.point(press));
        },
    };
}

function add(editor, kind, at = null) {
    if (kind === 'area') {
        editor.thing = null;
        editor.stage.view.use({ kind: 'rect', make: (value) => put(editor, value, [], t('edits.labels.newArea')) });

        return editor.draw();
    }
    if (kind === 'clip') return editor.bringFilm((found) => putFilm(editor, found));
    if (kind === 'picture') return editor.pickPicture((found) => putPicture(editor, found, at));
    put(
        editor,
        { id: freshId(kind), kind, ...fresh(kind, wordsAt('made.new'), Boolean(sceneOf(editor).stop), editor) },
        [],
        t('edits.labels.newThing', { kind: t(`workshop.kinds.${kind}`) }),
        at,
        SIZES[kind],
    );
}

/** A film stands under a stage or on a page, never on a picture. */
function putFilm(editor, { fields, edits }) {
    const scene = sceneOf(editor);
    const value = { id: freshId('clip'), kind: 'clip', label: '', ...fields };
    editor.thing = value.id;
    editor.store.edit(
        [...edits, { insert: 'things', in: scene.id, after: scene.things?.at(-1)?.id ?? null, value }],
        t('edits.labels.newFilm'),
    );
}

function putPicture(editor, found, at) {
    const scale = Math.min(1, 260 / Math.max(found.width, found.height)) || 1;
    const size =
        found.width <= 64 ? [180, (180 * found.height) / found.width] : [found.width * scale, found.height * scale];
    put(
        editor,
        { id: freshId('picture'), kind: 'picture', asset: found.id },
        found.edits,
        t('edits.labels.newPicture'),
        at,
        size,
    );
}

/** Puts a new thing into the scene: after the one taken up on a page, on top on a stage. */
function put(editor, value, edits, label, at = null, size = null) {
    const scene = sceneOf(editor);
    const isStage = scene.layout === 'stage';
    const placed = isStage && !value.box ? { ...value, box: freeBox(scene, size ?? [300, 200], at) } : value;
    const last = (isStage ? null : editor.thing) ?? scene.things?.at(-1)?.id ?? null;
    editor.thing = placed.id;
    open.begun = isStage ? null : placed.id;
    editor.store.edit([...edits, { insert: 'things', in: scene.id, after: last, value: placed }], label);
    if (isStage)
        requestAnimationFrame(() =>
            document
                .querySelector(
                    '.card [data-key$=".card-md"], .card [data-key$=".card-ask"], .card [data-key$=".card-label"]',
                )
                ?.select(),
        );
}

/** Around the point where it was let go, or else where nothing stands yet. */
function freeBox(scene, size, at) {
    const [width, height] = size;
    if (at) return rounded([at[0] - width / 2, at[1] - height / 2, width, height]);
    const taken = (scene.things ?? []).map(({ box }) => box).filter(Boolean);

    return freePlace(size, taken, [800, 430]);
}

/** Files dropped on the stage, and pictures pasted. */
function takeDropped(editor) {
    const stage = editor.stage.node;
    const file = (items) => [...(items ?? [])].find((one) => one.type.startsWith('image/'));
    stage.addEventListener('dragover', (event) => event.preventDefault());
    stage.addEventListener('drop', (event) => {
        event.preventDefault();
        const dropped = file(event.dataTransfer.files);
        if (dropped) takeFile(dropped, editor, (found) => putPicture(editor, found, editor.stage.view.point(event)));
    });
    document.addEventListener('paste', (event) => {
        const pasted = file(event.clipboardData?.files);
        if (!pasted || targetOf(event).matches('input, textarea') || editor.face !== 'scene') return;
        event.preventDefault();
        takeFile(pasted, editor, (found) => putPicture(editor, found, null));
    });
}

/** A new thing is written in at once. */
function focusNew(page) {
    const first = open.begun && page.querySelector(`[data-thing="${open.begun}"] textarea`);
    if (!first) return;
    open.begun = null;
    first.focus();
    first.select();
}

function fresh(kind, words, isInStop, editor) {
    if (kind === 'standing') return newStanding(editor.store.game);
    if (kind === 'text') return { md: words.text };
    if (kind === 'choice') return { look: 'button', md: words.choice, react: isInStop ? [{ go: '@on' }] : [] };
    if (kind === 'cover') return { label: '', front: { md: words.front }, back: { md: words.back }, opens: 'tap' };
    if (kind === 'link') return { label: words.link, url: '', md: '' };

    return { label: '', ...blankLock(words.ask, isInStop ? '@stay' : '') };
}

export { openScene, select };

import { t, wordsAt } from '../../../lib/catalogue.js';
import { classes, iconAddress } from '../../../lib/dom.js';
import { el, icon, made, svg } from '../../../lib/tree.js';
import { drawnWords } from '../../../lib/words.js';
import { fileOf } from '../../editor/files.js';
import { said } from '../../editor/marks.js';
import { cellsOf } from '../mosaic.js';
import { coverFace } from './cover-face.js';
import { findFace, findWords } from './find-face.js';
import { list, plain } from '../../editor/ways.js';

/** Kinds that are drawn as students see them, part by part. */
const FACES = { cover: coverFace, find: findFace };

/** A thing as the workshop's stage draws it: as students see it, and what they don't see as a dashed outline. */
function drawThing(thing, editor, isPicked) {
    const [, , width, height] = thing.box;
    const name = called(thing, editor);

    return svg(
        'g',
        {
            class: `placed placed-${thing.kind}${isPicked ? ' picked' : ''}${thing.fixed ? ' placed-fixed' : ''}`,
            'data-thing': thing.id,
            'data-key': `placed.${thing.id}`,
            transform: placing(thing.box, thing.turn),
            tabindex: 0,
            role: 'button',
            'aria-label': spokenName(thing, editor, name),
            'aria-pressed': String(isPicked),
        },
        face(thing, editor, width, height, name),
    );
}

/** What is read out contains all that is to be read on it. */
function spokenName(thing, editor, name) {
    if (thing.look === 'clear') return note(thing, editor);
    const seen = (md) => bare(said(md, editor.store.game));
    const words =
        {
            text: () => seen(thing.md),
            cover: () => `${name} ${seen(thing.front?.md)}`,
            find: () => [name, ...findWords(thing).map(seen)].join(' '),
        }[thing.kind]?.() ?? name;

    return `${wordsAt('workshop.kinds')[thing.kind] ?? thing.kind}: ${words}`;
}

function placing([x, y, width, height], turn = 0) {
    return `translate(${x} ${y})${turn ? ` rotate(${turn} ${width / 2} ${height / 2})` : ''}`;
}

function face(thing, editor, width, height, name) {
    if (thing.kind === 'text') return inside(width, height, textFace(thing, editor));
    if (thing.kind === 'picture') return picture(thing.asset, editor, width, height);
    if (thing.kind === 'mosaic') return mosaicFace(thing, width, height);
    if (FACES[thing.kind])
        return FACES[thing.kind](thing, width, height, {
            address: (id) => address(id, editor),
            words: (md) => plain(said(md, editor.store.game)),
        });
    if (thing.look === 'picture' && address(thing.asset, editor))
        return [picture(thing.asset, editor, width, height), thing.kind === 'lock' ? badge(width, height) : null];
    if (thing.look === 'object') return objectFace(thing, width, height);
    if (thing.look === 'clear') return clearArea(thing, editor, width, height);
    if (thing.kind === 'choice')
        return inside(width, height, el('div', { class: 'stage-choice' }, el('span', {}, name)));

    return inside(
        width,
        height,
        el('div', { class: 'stage-lock-plate' }, icon(thing.kind === 'lock' ? 'lock' : 'list'), el('span', {}, name)),
    );
}

function textFace(thing, editor) {
    return el(
        'div',
        {
            class: classes(
                'stage-text',
                `stage-${thing.size ?? 'body'}`,
                `stage-${thing.colour ?? 'ink'}`,
                thing.plate && 'stage-plate',
            ),
        },
        drawnWords(said(thing.md, editor.store.game)),
    );
}

/** The edit that makes a text's box as high as its words need; none where they fit. */
function roomFor(thing, editor) {
    const measure = made(textFace(thing, editor));
    measure.style.cssText = `position: absolute; visibility: hidden; height: auto; width: ${thing.box[2]}px`;
    document.body.append(measure);
    const height = Math.ceil(measure.getBoundingClientRect().height);
    measure.remove();
    const [x, y, width, had] = thing.box;

    return height <= had
        ? []
        : [{ set: thing.id, field: 'box', to: [x, Math.max(0, Math.min(y, 900 - height)), width, height] }];
}

function inside(width, height, child) {
    return svg('foreignObject', { width, height }, child);
}

function picture(asset, editor, width, height) {
    const href = address(asset, editor);

    return href ? svg('image', { href, width, height }) : svg('rect', { class: 'placed-missing', width, height });
}

/** The whole of it, as the teacher may see it. */
function mosaicFace(thing, width, height) {
    return svg(
        'svg',
        { width, height, viewBox: `0 0 ${thing.columns} ${thing.rows}`, preserveAspectRatio: 'none' },
        svg('rect', { width: '100%', height: '100%', class: 'placed-missing' }),
        cellsOf(thing),
    );
}

/** A thing that opens, shut. */
function objectFace(thing, width, height) {
    return svg('image', { href: `/objects/${thing.object ?? 'padlock'}-shut.svg`, width, height });
}

const address = (id, editor) => fileOf(editor.store.game, id);

function clearArea(thing, editor, width, height) {
    const isFarRight = thing.box[0] + width / 2 > 800;

    return [
        outline(thing, width, height),
        svg(
            'text',
            {
                x: isFarRight ? width - 4 : 4,
                y: thing.box[1] < 40 ? height + 30 : -8,
                'text-anchor': isFarRight ? 'end' : 'start',
                class: 'placed-note',
            },
            note(thing, editor),
        ),
    ];
}

/** What a clear area is, and where it leads. */
function note(thing, editor) {
    const way = [...list(thing.react), ...list(thing.rules)].map((reaction) => reaction.go).find(Boolean);
    const to = way
        ? (editor.store.game.scenes.find((scene) => scene.id === way)?.title ?? wordsAt('workshop.routes')[way])
        : null;

    const kind = t(thing.kind === 'lock' ? 'workshop.kinds.lock' : 'stage.clearArea');

    return `${kind}: ${called(thing, editor)}${to ? ` → ${to}` : ''}`;
}

function outline(thing, width, height) {
    if (thing.shape === 'ellipse')
        return svg('ellipse', { cx: width / 2, cy: height / 2, rx: width / 2, ry: height / 2, class: 'placed-clear' });
    if (thing.shape === 'polygon' && thing.points?.length > 2)
        return svg('polygon', {
            points: thing.points.map(([x, y]) => `${x * width},${y * height}`).join(' '),
            class: 'placed-clear',
        });

    return svg('rect', { width, height, class: 'placed-clear' });
}

/** A picture that is a lock says so while it is built. */
function badge(width, height) {
    return svg(
        'g',
        { transform: `translate(${width - 44} ${height - 44})` },
        svg('circle', { cx: 20, cy: 20, r: 20, class: 'placed-badge' }),
        svg('use', { href: iconAddress('lock'), x: 8, y: 8, width: 24, height: 24, class: 'placed-badge-sign' }),
    );
}

/** The words without their marks, line by line. */
function bare(md) {
    return md.replace(/^#+ /gm, '').replace(/[*_`]/g, '');
}

/** What a teacher knows a thing by. */
function called(thing, editor) {
    const asset = editor.store.game.assets?.find((one) => one.id === (thing.asset ?? thing.front?.asset));
    const words =
        said(thing.label, editor.store.game) ||
        plain(said(thing.md ?? thing.ask ?? thing.front?.md, editor.store.game)) ||
        asset?.alt ||
        wordsAt('workshop.kinds')[thing.kind] ||
        thing.kind;

    return words.length > 60 ? `${words.slice(0, 57)}…` : words;
}

export { address, called, drawThing, roomFor };

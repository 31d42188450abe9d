import { el, icon } from '../../lib/dom.js';
import { drawnWords } from '../../lib/words.js';
import { roomFor } from '../stage/draw.js';
import { reactionsField } from './reactions.js';
import { area, line, now, pick, tick } from './fields.js';

/** The cards of things that only show: words, pictures, covers, links. What each may have and no more. */

const set = (desk, thing, label) => (field, to, edits = []) => desk.store.edit([...edits, { set: thing.id, field, to }], label);

function textBody(thing, desk) {
    const put = set(desk, thing, 'text');
    const isStage = thing.box !== undefined;

    return [
        isStage ? area({ key: `${thing.id}.card-md`, label: 'Words', shown: true, rows: 3, value: thing.md ?? '', take: (md) => put('md', md, roomFor({ ...now(desk, thing), md })) }) : null,
        isStage ? null : asDrawn(thing.md ?? ''),
        el('p', { class: 'help' }, '*Stars* make italics, **two** make bold; a line with “- ” begins a list, “# ” a heading; $x^2$ is drawn as mathematics.'),
        isStage ? el('div', { class: 'card-row' },
            pick({ key: `${thing.id}.size`, label: 'Size', value: thing.size ?? 'body', options: Object.entries(desk.words.sizes), take: (size) => put('size', size) }),
            pick({ key: `${thing.id}.colour`, label: 'Colour', value: thing.colour ?? 'ink', options: Object.entries(desk.words.colours), take: (colour) => put('colour', colour) })) : null,
        isStage ? tick({ key: `${thing.id}.plate`, label: 'on a plate of paper', value: Boolean(thing.plate), take: (on) => put('plate', on || undefined) }) : null,
        staysField(thing, desk),
    ];
}

/** A text with marks as students will see it; on a stage it stands there so. */
function asDrawn(md) {
    return /[*_#$|`>]|^[-\d]/m.test(md) ? el('div', { class: 'as-drawn', 'aria-label': 'As students see it', role: 'group' }, drawnWords(md)) : null;
}

function pictureBody(thing, desk) {
    const asset = desk.store.game.assets?.find((one) => one.id === thing.asset);
    const become = (fields, label) => desk.store.edit(Object.entries(fields).map(([field, to]) => ({ set: thing.id, field, to })), label);

    return [
        altField(asset, desk),
        staysField(thing, desk),
        el('button', { class: 'link', 'data-key': `${thing.id}.change`, onclick: () => desk.pickPicture((found) => set(desk, thing, 'picture')('asset', found.id, found.edits)) }, icon('image'), 'another picture'),
        asset && asset.type !== 'image/svg+xml' ? el('button', { class: 'link', 'data-key': `${thing.id}.clear`, onclick: () => { desk.clearing = thing.id; desk.draw(); } }, icon('eraser'), 'make its background clear') : null,
        el('div', { class: 'card-part' }, el('h3', { class: 'caps' }, 'When it is tapped'),
            el('button', { class: 'button', 'data-key': `${thing.id}.acts`, onclick: () => become({ kind: 'choice', look: 'picture', md: '', react: [{ go: '' }] }, 'a picture that does something') }, icon('signpost'), 'it leads somewhere or says something'),
            el('button', { class: 'button', 'data-key': `${thing.id}.asks`, onclick: () => become({ kind: 'lock', look: 'picture', label: asset?.alt ?? '', ask: desk.words.newAsk, input: { type: 'text' }, rules: [{ match: { equals: [] }, verdict: 'open', say: '', go: '' }], otherwise: [] }, 'a picture that is a lock') }, icon('lock'), 'it asks for an answer')),
        asset?.credit ? el('p', { class: 'help' }, `${asset.credit}${asset.licence ? ` · ${asset.licence}` : ''}`) : null,
    ];
}

/** Words for those who don't see it, asked for where the picture is. */
function altField(asset, desk) {
    return asset ? line({ key: `${asset.id}.alt`, label: 'What it shows, for those who don’t see it', value: asset.alt ?? '', hint: 'a few words', take: (alt) => desk.store.edit({ set: asset.id, field: 'alt', to: alt }, 'words for a picture') }) : null;
}

/** A reference that students keep before them while they answer. */
function staysField(thing, desk) {
    return tick({ key: `${thing.id}.stays`, label: 'stays in view while students answer locks', value: Boolean(thing.stays), take: (on) => set(desk, thing, 'stays in view')('stays', on || undefined) });
}

/** How a choice or a lock stands on a stage. */
function lookFields(thing, desk) {
    if (thing.box === undefined) return null;
    const put = set(desk, thing, 'look');
    const plain = thing.kind === 'lock' ? 'plate' : 'button';
    const asset = desk.store.game.assets?.find((one) => one.id === thing.asset);

    return el('div', { class: 'card-part' },
        pick({ key: `${thing.id}.look`, label: 'Looks like', value: thing.look ?? plain, options: [[plain, desk.words.looks[plain]], ['picture', desk.words.looks.picture], ['clear', desk.words.looks.clear]], take: (look) => (look === 'picture' && !asset ? desk.pickPicture((found) => desk.store.edit([...found.edits, { set: thing.id, field: 'asset', to: found.id }, { set: thing.id, field: 'look', to: 'picture' }], 'look')) : put('look', look)) }),
        thing.look === 'picture' ? el('button', { class: 'link', 'data-key': `${thing.id}.change`, onclick: () => desk.pickPicture((found) => put('asset', found.id, found.edits)) }, icon('image'), 'another picture') : null,
        thing.look === 'clear' ? pick({ key: `${thing.id}.shape`, label: 'Shape', value: thing.shape ?? 'rect', options: Object.entries(desk.words.shapes), take: (shape) => put('shape', shape === 'rect' ? undefined : shape) }) : null,
        thing.look && thing.look !== plain ? line({ key: `${thing.id}.card-label`, label: 'Name, for the list and for those who don’t see it', value: thing.label ?? '', take: (label) => put('label', label) }) : null,
    );
}

function coverBody(thing, desk) {
    const put = set(desk, thing, 'cover');
    const face = (side) => ({ ...(now(desk, thing)[side] ?? {}) });
    const faceFields = (side, name) => el('div', { class: 'card-part' }, el('h3', { class: 'caps' }, name),
        area({ key: `${thing.id}.${side}`, label: name, value: thing[side]?.md ?? '', hint: 'words, if any', take: (md) => put(side, { ...face(side), md }) }),
        el('button', { class: 'link', 'data-key': `${thing.id}.${side}.picture`, onclick: () => desk.pickPicture((found) => put(side, { ...face(side), asset: found.id }, found.edits)) }, icon('image'), thing[side]?.asset ? 'another picture' : 'a picture'));
    const locks = desk.store.game.scenes.flatMap((scene) => (scene.things ?? []).filter((one) => one.kind === 'lock').map((lock) => [lock.id, lock.label || lock.ask]));

    return [
        faceFields('front', 'What covers'), faceFields('back', 'What is under it'),
        pick({ key: `${thing.id}.opens`, label: 'Lifted by', value: thing.opens ?? 'tap', options: Object.entries(desk.words.opens), take: (opens) => put('opens', opens) }),
        thing.opens === 'lock' ? pick({ key: `${thing.id}.lock`, label: 'Which lock', value: thing.lock ?? '', options: [['', 'choose …'], ...locks], take: (lock) => put('lock', lock || undefined) }) : tick({ key: `${thing.id}.toggle`, label: 'a second tap covers it again', value: Boolean(thing.toggle), take: (on) => put('toggle', on) }),
        line({ key: `${thing.id}.card-label`, label: 'Name, for those who don’t see it', value: thing.label ?? '', take: (label) => put('label', label) }),
        reactionsField(thing, 'react', desk),
    ];
}

function linkBody(thing, desk) {
    const put = set(desk, thing, 'link');

    return [
        line({ key: `${thing.id}.url`, label: 'Address of the page', type: 'url', value: thing.url ?? '', hint: 'https://', take: (url) => put('url', /^https?:\/\//i.test(url) || url === '' ? url : `https://${url}`) }),
        area({ key: `${thing.id}.link-md`, label: 'What to look for there', shown: true, rows: 2, value: thing.md ?? '', take: (md) => put('md', md) }),
        line({ key: `${thing.id}.card-label`, label: 'Name of the link', value: thing.label ?? '', take: (label) => put('label', label) }),
        el('p', { class: 'help' }, 'It opens apart; the play stays where it is.'),
    ];
}

export { altField, coverBody, linkBody, lookFields, pictureBody, textBody };

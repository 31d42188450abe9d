import { el, icon } from '../../lib/dom.js';
import { list } from '../ways.js';
import { bench } from './bench.js';
import { area, destination, line, now } from './fields.js';
import { foundHere, foundSign } from './found.js';
import { effectsField } from './effects.js';
import { conditionField } from './condition.js';
import { reactionsField } from './reactions.js';
import { split } from '../map/verbs.js';
import { lockCard } from './lock.js';
import { series } from './card.js';
import { coverBody, linkBody, lookFields, pictureBody, textBody } from './looks.js';
import { placeTools } from '../stage/several.js';

const NAMES = { text: ['type', 'Text'], choice: ['signpost', 'Choice'], lock: ['lock', 'Lock'], picture: ['image', 'Picture'], cover: ['layers', 'Cover'], link: ['external-link', 'Link'] };

const BODIES = { text: textBody, picture: pictureBody, cover: coverBody, link: linkBody, choice: choiceBody, lock: lockCard };

/** The card of the thing taken up, with only what that thing needs. */
function thingCard(thing, scene, desk) {
    const [sign, name] = NAMES[thing.kind] ?? ['list', thing.kind];
    const body = BODIES[thing.kind];

    return [
        el('header', { class: 'card-head' }, icon(sign), el('h2', {}, thing.kind === 'lock' && thing.label ? thing.label : name), foundSign(desk, thing.id), back(desk)),
        el('div', { class: 'card-body', 'data-key': `${thing.id}.card` }, thing.box ? placeTools(desk, desk.stage.view) : null, body ? body(thing, desk) : el('p', { class: 'help' }, 'This kind of thing is kept as it is; it can’t be changed here yet.'), ['choice', 'lock'].includes(thing.kind) ? lookFields(thing, desk) : null, conditionField({ key: `${thing.id}.if`, label: 'Shown to', value: thing.if, desk, take: (to) => desk.store.edit({ set: thing.id, field: 'if', to }, 'who sees it') }), series(desk, thing.id, `copied a ${thing.kind}`), splitHere(thing, scene, desk), foundHere(desk, thing.id)),
        thing.kind === 'lock' ? bench(thing, desk) : null,
    ];
}

/** This and what follows it in a scene of their own. */
function splitHere(thing, scene, desk) {
    if (scene.layout === 'stage' || scene.things[0]?.id === thing.id) return null;

    return el('button', { class: 'link', 'data-key': `${thing.id}.split`, onclick: () => split(desk, scene, thing.id) }, icon('split'), desk.words.splitHere);
}

function back(desk) {
    return el('button', { class: 'link card-back', 'data-key': 'card-back', onclick: () => { desk.thing = null; desk.draw(); } }, 'the scene');
}

function choiceBody(thing, desk) {
    const react = list(thing.react);
    if (react.length > 1 || react[0]?.if) return reactionsField(thing, 'react', desk);
    const reaction = react[0] ?? {};
    const set = (fields, made, label) => desk.store.edit([...made, { set: thing.id, field: 'react', to: [{ ...list(now(desk, thing).react)[0], ...fields }] }], label);

    return [
        thing.box && (thing.look ?? 'button') === 'button' ? area({ key: `${thing.id}.card-md`, label: 'Words on it', shown: true, value: thing.md ?? '', take: (md) => desk.store.edit({ set: thing.id, field: 'md', to: md }, 'words of the choice') }) : null,
        destination({ key: `${thing.id}.go`, value: reaction.go ?? (reaction.say || reaction.do?.length > 0 ? '@stay' : ''), desk, take: (go, made) => set({ go }, made, 'where the choice leads') }),
        area({ key: `${thing.id}.say`, label: 'What students read then', shown: true, value: reaction.say ?? '', hint: 'nothing', take: (say) => set({ say }, [], 'what the choice says') }),
        thing.box ? el('button', { class: 'link', 'data-key': `${thing.id}.asks`, onclick: () => becomeLock(thing, desk) }, icon('lock'), 'it asks for an answer instead') : null,
        closerLook(reaction, set, desk, thing.id),
        effectsField({ reaction, set, desk, key: thing.id }),
        el('button', { class: 'link', 'data-key': `${thing.id}.more`, onclick: () => desk.store.edit({ set: thing.id, field: 'react', to: [...react, { say: '' }] }, 'what the choice does') }, icon('plus'), desk.words.reactions.open),
        thing.md || thing.box ? null : line({ key: `${thing.id}.label`, label: 'Name, for those who can’t see it', value: thing.label, take: (label) => desk.store.edit({ set: thing.id, field: 'label', to: label }, 'name of the choice') }),
    ];
}

/** A picture shown enlarged with what is said. */
function closerLook(reaction, set, desk, key) {
    const shown = /!\[[^\]]*\]\(asset:([a-z0-9_-]+)\)\s*/;
    const say = reaction.say ?? '';
    const add = (found) => {
        const asset = [...(desk.store.game.assets ?? []), ...found.edits.map((edit) => edit.value)].find((one) => one?.id === found.id);
        set({ say: `![${asset?.alt ?? ''}](asset:${found.id})\n\n${say.replace(shown, '')}`.trim() }, found.edits, 'a closer look');
    };

    return el('div', { class: 'small-line' }, el('button', { class: 'link', 'data-key': `${key}.closer`, onclick: () => desk.pickPicture(add) }, icon('zoom-in'), shown.test(say) ? 'another picture to look at closely' : 'shows a picture to look at closely'),
        shown.test(say) ? el('button', { class: 'link', 'data-key': `${key}.closer.off`, onclick: () => set({ say: say.replace(shown, '') }, [], 'no closer look') }, 'without it') : null);
}

/** The same place and look, with a question before it; where it led, the right answer leads. */
function becomeLock(thing, desk) {
    const go = list(thing.react)[0]?.go ?? '';
    const fields = { kind: 'lock', look: thing.look === 'button' ? undefined : thing.look, label: thing.label || thing.md || '', md: undefined, react: undefined, ask: desk.words.newAsk, input: { type: 'text' }, rules: [{ match: { equals: [] }, verdict: 'open', say: '', go }], otherwise: [] };
    desk.store.edit(Object.entries(fields).filter(([field, to]) => to !== undefined || field in thing).map(([field, to]) => (to === undefined ? { set: thing.id, field } : { set: thing.id, field, to })), 'a lock instead of a choice');
}

export { thingCard };

import { el, icon } from '../../lib/dom.js';
import { list } from '../ways.js';
import { bench } from './bench.js';
import { freshId } from '../document.js';
import { area, destination, line, now, pick } from './fields.js';
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
        el('header', { class: 'card-head' }, icon(sign), el('h2', {}, thing.kind === 'lock' && thing.label ? thing.label : name), back(desk)),
        el('div', { class: 'card-body', 'data-key': `${thing.id}.card` }, thing.box ? placeTools(desk, desk.stage.view) : null, body ? body(thing, desk) : el('p', { class: 'help' }, 'This kind of thing is kept as it is; it can’t be changed here yet.'), ['choice', 'lock'].includes(thing.kind) ? lookFields(thing, desk) : null, series(desk, thing.id, `copied a ${thing.kind}`)),
        thing.kind === 'lock' ? bench(thing, desk) : null,
    ];
}

function back(desk) {
    return el('button', { class: 'link card-back', 'data-key': 'card-back', onclick: () => { desk.thing = null; desk.draw(); } }, 'the scene');
}

function choiceBody(thing, desk) {
    const react = list(thing.react);
    if (react.length > 1 || react[0]?.if) return el('p', { class: 'help' }, 'What this does depends on conditions; it is kept as it is.');
    const reaction = react[0] ?? {};
    const set = (fields, made, label) => desk.store.edit([...made, { set: thing.id, field: 'react', to: [{ ...list(now(desk, thing).react)[0], ...fields }] }], label);

    return [
        thing.box && (thing.look ?? 'button') === 'button' ? area({ key: `${thing.id}.card-md`, label: 'Words on it', shown: true, value: thing.md ?? '', take: (md) => desk.store.edit({ set: thing.id, field: 'md', to: md }, 'words of the choice') }) : null,
        destination({ key: `${thing.id}.go`, value: reaction.go ?? '', desk, take: (go, made) => set({ go }, made, 'where the choice leads') }),
        area({ key: `${thing.id}.say`, label: 'What students read then', shown: true, value: reaction.say ?? '', hint: 'nothing', take: (say) => set({ say }, [], 'what the choice says') }),
        thing.box ? el('button', { class: 'link', 'data-key': `${thing.id}.asks`, onclick: () => becomeLock(thing, desk) }, icon('lock'), 'it asks for an answer instead') : null,
        giving(reaction, set, desk, thing.id),
        gifts(reaction, desk),
        thing.md || thing.box ? null : line({ key: `${thing.id}.label`, label: 'Name, for those who can’t see it', value: thing.label, take: (label) => desk.store.edit({ set: thing.id, field: 'label', to: label }, 'name of the choice') }),
    ];
}

/** The same place and look, with a question before it; where it led, the right answer leads. */
function becomeLock(thing, desk) {
    const go = list(thing.react)[0]?.go ?? '';
    const fields = { kind: 'lock', look: thing.look === 'button' ? undefined : thing.look, label: thing.label || thing.md || '', md: undefined, react: undefined, ask: desk.words.newAsk, input: { type: 'text' }, rules: [{ match: { equals: [] }, verdict: 'open', say: '', go }], otherwise: [] };
    desk.store.edit(Object.entries(fields).filter(([field, to]) => to !== undefined || field in thing).map(([field, to]) => (to === undefined ? { set: thing.id, field } : { set: thing.id, field, to })), 'a lock instead of a choice');
}

/** Giving a token, one that is there or a new one. */
function giving(reaction, set, desk, key) {
    const { game } = desk.store;
    const given = list(reaction.do).find((effect) => effect.give)?.give ?? '';
    const rest = list(reaction.do).filter((effect) => !effect.give);
    const take = (id) => {
        if (id !== '+') return set({ do: id === '' ? rest : [...rest, { give: id }] }, [], 'what it gives');
        const token = { id: freshId('token'), name: desk.words.newToken, kind: 'item' };
        set({ do: [...rest, { give: token.id }] }, [{ insert: 'tokens', in: '@game', after: game.tokens?.at(-1)?.id ?? null, value: token }], 'a new token');
    };
    const token = game.tokens?.find((one) => one.id === given);

    return [
        pick({ key: `${key}.gives`, label: 'Gives', value: given, options: [['', 'nothing'], ...(game.tokens ?? []).map((one) => [one.id, one.name]), ['+', '＋ a new token']], take }),
        token ? line({ key: `${token.id}.name`, label: 'Name of the token', value: token.name, take: (name) => desk.store.edit({ set: token.id, field: 'name', to: name }, 'name of a token') }) : null,
    ];
}

/** What a reaction changes, in words. */
function gifts(reaction, desk) {
    const { game } = desk.store;
    const named = (lists, id) => game[lists]?.find((one) => one.id === id)?.name ?? id;
    const words = list(reaction.do).map((effect) => {
        if (effect.give) return `gives ${named('tokens', effect.give)}`;
        if (effect.take) return `takes ${named('tokens', effect.take)}`;
        if (effect.add) return `${named('tallies', effect.add)} ${effect.by < 0 ? '−' : '+'}${Math.abs(effect.by ?? 1)}`;

        return Object.keys(effect)[0];
    });

    return words.length > 0 ? el('p', { class: 'gifts' }, words.join(' · ')) : null;
}

export { gifts, thingCard };

import { el, icon } from '../../lib/dom.js';
import { list } from '../ways.js';
import { bench } from './bench.js';
import { area, destination, line, now } from './fields.js';
import { lockCard } from './lock.js';

const NAMES = { text: ['type', 'Text'], choice: ['signpost', 'Choice'], lock: ['lock', 'Lock'], picture: ['image', 'Picture'] };

/** The card of the thing taken up, with only what that thing needs. */
function thingCard(thing, scene, desk) {
    const [sign, name] = NAMES[thing.kind] ?? ['list', thing.kind];
    const body = { choice: choiceBody, lock: lockCard }[thing.kind];

    return [
        el('header', { class: 'card-head' }, icon(sign), el('h2', {}, thing.kind === 'lock' && thing.label ? thing.label : name), back(desk)),
        el('div', { class: 'card-body', 'data-key': `${thing.id}.card` }, body ? body(thing, desk) : plainBody(thing)),
        thing.kind === 'lock' ? bench(thing, desk) : null,
    ];
}

function back(desk) {
    return el('button', { class: 'link card-back', 'data-key': 'card-back', onclick: () => { desk.thing = null; desk.draw(); } }, 'the scene');
}

function plainBody(thing) {
    return el('p', { class: 'help' }, thing.kind === 'text' ? 'Write on the page itself. *Stars* make italics, **two** make bold, a line with “- ” begins a list.' : 'This kind of thing is kept as it is; it can’t be changed here yet.');
}

function choiceBody(thing, desk) {
    const react = list(thing.react);
    if (react.length > 1 || react[0]?.if) return el('p', { class: 'help' }, 'What this does depends on conditions; it is kept as it is.');
    const reaction = react[0] ?? {};
    const set = (fields, made, label) => desk.store.edit([...made, { set: thing.id, field: 'react', to: [{ ...list(now(desk, thing).react)[0], ...fields }] }], label);

    return [
        destination({ key: `${thing.id}.go`, value: reaction.go ?? '', desk, take: (go, made) => set({ go }, made, 'where the choice leads') }),
        area({ key: `${thing.id}.say`, label: 'What students read then', shown: true, value: reaction.say ?? '', hint: 'nothing', take: (say) => set({ say }, [], 'what the choice says') }),
        gifts(reaction, desk),
        thing.md ? null : line({ key: `${thing.id}.label`, label: 'Name, for those who can’t see it', value: thing.label, take: (label) => desk.store.edit({ set: thing.id, field: 'label', to: label }, 'name of the choice') }),
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

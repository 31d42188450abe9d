import { el, icon } from '../../lib/dom.js';
import { area } from '../scene/fields.js';
import { list } from '../ways.js';
import * as verbs from './verbs.js';

/** What can be done with a thing's place, and with several things at once. */
function placeTools(desk, view) {
    const things = view.picked();
    const tool = (sign, label, act, off = false) => el('button', { class: 'mover', 'data-key': `place.${label}`, 'aria-label': label, title: label, disabled: off, onclick: act }, icon(sign));
    const align = (sign, label, by) => tool(sign, label, () => verbs.align(desk, view.movable(), by), view.movable().length < 2);
    const isFixed = things.every((thing) => thing.fixed);
    const isGrouped = things.some((thing) => thing.group);

    return el('div', { class: 'place-tools', role: 'toolbar', 'aria-label': 'Place' },
        tool('bring-to-front', 'To the front', () => verbs.order(desk, view.scene, things, 'front')),
        tool('arrow-up', 'Forward ( ] )', () => verbs.order(desk, view.scene, things, 'forward')),
        tool('arrow-down', 'Backward ( [ )', () => verbs.order(desk, view.scene, things, 'backward')),
        tool('send-to-back', 'To the back', () => verbs.order(desk, view.scene, things, 'back')),
        tool('copy', 'Duplicate (Ctrl+D)', () => {
            verbs.copy(desk, things);
            view.pick(verbs.paste(desk, view.scene));
        }),
        tool(isFixed ? 'pin-off' : 'pin', isFixed ? 'Loosen' : 'Fix in place', () => verbs.fix(desk, things, !isFixed)),
        things.length > 1 || isGrouped ? tool(isGrouped ? 'ungroup' : 'group', isGrouped ? 'Ungroup' : 'Group (Ctrl+G)', () => (isGrouped ? verbs.ungroup(desk, things) : verbs.group(desk, things))) : null,
        tool('trash-2', 'Delete', () => {
            desk.thing = null;
            verbs.remove(desk, things);
        }),
        things.length > 1 ? [
            align('align-start-vertical', 'Left edges in line', 'left'),
            align('align-center-vertical', 'Middles in line, one below the other', 'centre'),
            align('align-start-horizontal', 'Upper edges in line', 'top'),
            align('align-center-horizontal', 'Middles in line, side by side', 'middle'),
            tool('align-horizontal-distribute-center', 'Same room between, across', () => verbs.space(desk, view.movable(), 0), view.movable().length < 3),
            tool('align-vertical-distribute-center', 'Same room between, down', () => verbs.space(desk, view.movable(), 1), view.movable().length < 3),
        ] : null,
    );
}

/** What several choices say, set for all of them at once. */
function together(desk, things) {
    if (!things.every((thing) => thing.kind === 'choice')) return null;
    const said = new Set(things.map((thing) => list(thing.react)[0]?.say ?? ''));

    return area({ key: 'several.say', label: 'What each of them says', shown: true, rows: 2, value: said.size === 1 ? [...said][0] : '', hint: said.size === 1 ? 'nothing' : 'different words', take: (say) => desk.store.edit(things.map((thing) => ({ set: thing.id, field: 'react', to: [{ ...list(thing.react)[0], say }] })), `what ${things.length} things say`) });
}

function severalCard(desk, view) {
    return [
        el('header', { class: 'card-head' }, icon('layers'), el('h2', {}, `${view.picked().length} things`)),
        el('div', { class: 'card-body', 'data-key': 'several.card' }, placeTools(desk, view),
            together(desk, view.picked()),
            el('p', { class: 'help' }, 'Drag moves them together. Arrow keys nudge by 1, with Shift by 10.'),
            el('ul', { class: 'several-list' }, view.picked().map((thing) => el('li', {}, el('button', { class: 'link', 'data-key': `several.${thing.id}`, onclick: () => view.pick([thing.id]) }, thing.label || thing.md || thing.ask || desk.words.kinds[thing.kind] || thing.kind))))),
    ];
}

export { placeTools, severalCard };

import { t, wordsAt } from '../../../lib/catalogue.js';
import { el, icon } from '../../../lib/tree.js';
import { area } from '../../editor/fields.js';
import { list } from '../../editor/ways.js';
import * as verbs from './verbs.js';
import { groundOfAll } from '../cover.js';

/** What can be done with a thing's place, and with several things at once. */
function placeTools(editor, view) {
    const things = view.picked();
    const tool = (sign, label, act, off = false) =>
        el(
            'button',
            {
                class: 'mover',
                'data-key': `place.${label}`,
                'aria-label': label,
                title: label,
                disabled: off,
                onclick: act,
            },
            icon(sign),
        );
    const align = (sign, label, by) =>
        tool(sign, label, () => verbs.align(editor, view.movable(), by), view.movable().length < 2);
    const isFixed = things.every((thing) => thing.fixed);
    const isGrouped = things.some((thing) => thing.group);

    return el(
        'div',
        { class: 'place-tools', role: 'toolbar', 'aria-label': t('stage.tools.place') },
        tool('bring-to-front', t('stage.tools.toTheFront'), () => verbs.order(editor, view.scene, things, 'front')),
        tool('arrow-up', t('stage.tools.forward'), () => verbs.order(editor, view.scene, things, 'forward')),
        tool('arrow-down', t('stage.tools.backward'), () => verbs.order(editor, view.scene, things, 'backward')),
        tool('send-to-back', t('stage.tools.toTheBack'), () => verbs.order(editor, view.scene, things, 'back')),
        tool('copy', t('stage.tools.duplicateCtrlD'), () => {
            verbs.copy(editor, things);
            view.pick(verbs.paste(editor, view.scene));
        }),
        tool(isFixed ? 'pin-off' : 'pin', isFixed ? t('stage.tools.loosen') : t('stage.tools.fixInPlace'), () =>
            verbs.fix(editor, things, !isFixed),
        ),
        things.length > 1 || isGrouped
            ? tool(
                  isGrouped ? 'ungroup' : 'group',
                  isGrouped ? t('stage.tools.ungroup') : t('stage.tools.groupCtrlG'),
                  () => (isGrouped ? verbs.ungroup(editor, things) : verbs.group(editor, things)),
              )
            : null,
        tool('trash-2', t('stage.tools.delete'), () => {
            editor.thing = null;
            verbs.remove(editor, things);
        }),
        things.length > 1
            ? [
                  align('align-start-vertical', t('stage.tools.leftEdgesInLine'), 'left'),
                  align('align-center-vertical', t('stage.tools.middlesBelow'), 'centre'),
                  align('align-start-horizontal', t('stage.tools.upperEdgesInLine'), 'top'),
                  align('align-center-horizontal', t('stage.tools.middlesBeside'), 'middle'),
                  tool(
                      'align-horizontal-distribute-center',
                      t('stage.tools.spacedAcross'),
                      () => verbs.space(editor, view.movable(), 0),
                      view.movable().length < 3,
                  ),
                  tool(
                      'align-vertical-distribute-center',
                      t('stage.tools.spacedDown'),
                      () => verbs.space(editor, view.movable(), 1),
                      view.movable().length < 3,
                  ),
              ]
            : null,
    );
}

/** What several choices say, or the ground of several covers, set for all of them at once. */
function together(editor, things) {
    if (things.every((thing) => thing.kind === 'cover')) return groundOfAll(things, editor);
    if (!things.every((thing) => thing.kind === 'choice')) return null;
    const said = new Set(things.map((thing) => list(thing.react)[0]?.say ?? ''));

    return area({
        key: 'several.say',
        label: t('stage.tools.whatEachOfThemSays'),
        shown: true,
        rows: 2,
        value: said.size === 1 ? [...said][0] : '',
        hint: said.size === 1 ? t('stage.tools.nothing') : t('stage.tools.differentWords'),
        take: (say) =>
            editor.store.edit(
                things.map((thing) => ({ set: thing.id, field: 'react', to: [{ ...list(thing.react)[0], say }] })),
                t('edits.labels.whatThingsSay', { count: things.length }),
            ),
    });
}

function severalCard(editor, view) {
    return [
        el(
            'header',
            { class: 'card-head' },
            icon('layers'),
            el('h2', {}, t('stage.tools.many', { count: view.picked().length })),
        ),
        el(
            'div',
            { class: 'card-body', 'data-key': 'several.card' },
            placeTools(editor, view),
            together(editor, view.picked()),
            el('p', { class: 'help' }, t('stage.tools.dragMovesThemTogetherArrow')),
            el(
                'ul',
                { class: 'several-list' },
                view.picked().map((thing) =>
                    el(
                        'li',
                        {},
                        el(
                            'button',
                            {
                                class: 'link',
                                'data-key': `several.${thing.id}`,
                                onclick: () => view.pick([thing.id]),
                            },
                            thing.label || thing.md || thing.ask || wordsAt('workshop.kinds')[thing.kind] || thing.kind,
                        ),
                    ),
                ),
            ),
        ),
    ];
}

export { placeTools, severalCard };

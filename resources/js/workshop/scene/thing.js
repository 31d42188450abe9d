import { t } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { blankLock } from '../editor/blank-lock.js';
import { renamings } from '../editor/naming.js';
import { split } from '../editor/scenes.js';
import { lookFields } from './stage/look-fields.js';
import { placeTools } from './stage/several.js';
import { list } from '../editor/ways.js';
import { bench } from './bench.js';
import { series } from './card.js';
import { conditionField } from './condition.js';
import { coverBody } from './cover.js';
import { effectsField } from './effects.js';
import { clipBody } from './film/card.js';
import { findBody } from './find.js';
import { area, destination, line, now, pick } from '../editor/fields.js';
import { foundHere, foundSign } from './found.js';
import { lockCard } from './lock/card.js';
import { mosaicBody } from './mosaic.js';
import { linkBody, pictureBody, textBody } from './looks.js';
import { reactionsField } from './reactions.js';
import { standingBody } from './standing.js';

const SIGNS = {
    text: 'type',
    choice: 'signpost',
    lock: 'lock',
    picture: 'image',
    cover: 'layers',
    link: 'external-link',
    mosaic: 'blocks',
    find: 'search',
    clip: 'clapperboard',
    standing: 'list',
};

const BODIES = {
    text: textBody,
    picture: pictureBody,
    cover: coverBody,
    link: linkBody,
    choice: choiceBody,
    lock: lockCard,
    mosaic: mosaicBody,
    find: findBody,
    clip: clipBody,
    standing: standingBody,
};

/** The card of the thing taken up, with only what that thing needs. */
function thingCard(thing, scene, editor) {
    const body = BODIES[thing.kind];

    return [
        el(
            'header',
            { class: 'card-head' },
            icon(SIGNS[thing.kind] ?? 'list'),
            el('h2', {}, thing.kind === 'lock' && thing.label ? thing.label : t(`workshop.kinds.${thing.kind}`)),
            foundSign(editor, thing.id),
            back(editor),
        ),
        el(
            'div',
            { class: 'card-body', 'data-key': `${thing.id}.card` },
            thing.box ? placeTools(editor, editor.stage.view) : null,
            body ? body(thing, editor) : el('p', { class: 'help' }, t('cards.thing.thisKindOfThingIs')),
            ['choice', 'lock'].includes(thing.kind) ? lookFields(thing, editor) : null,
            conditionField({
                key: `${thing.id}.if`,
                label: t('cards.thing.shownTo'),
                value: thing.if,
                editor,
                take: (to) => editor.store.edit({ set: thing.id, field: 'if', to }, t('edits.labels.whoSeesIt')),
            }),
            series(editor, thing.id, t('edits.labels.copiedThing', { kind: t(`workshop.kinds.${thing.kind}`) })),
            splitHere(thing, scene, editor),
            foundHere(editor, thing.id),
        ),
        thing.kind === 'lock' && list(thing.rounds).length === 0 ? bench(thing, editor) : null,
    ];
}

/** This and what follows it in a scene of their own. */
function splitHere(thing, scene, editor) {
    if (scene.layout === 'stage' || scene.things[0]?.id === thing.id) return null;

    return el(
        'button',
        { class: 'link', 'data-key': `${thing.id}.split`, onclick: () => split(editor, scene, thing.id) },
        icon('split'),
        t('workshop.splitHere'),
    );
}

function back(editor) {
    return el(
        'button',
        {
            class: 'link card-back',
            'data-key': 'card-back',
            onclick: () => {
                editor.thing = null;
                editor.draw();
            },
        },
        t('cards.thing.theScene'),
    );
}

function choiceBody(thing, editor) {
    const react = list(thing.react);
    if (react.length > 1 || react[0]?.if) return reactionsField(thing, 'react', editor);
    const reaction = react[0] ?? {};
    const set = (fields, made, label) =>
        editor.store.edit(
            [...made, { set: thing.id, field: 'react', to: [{ ...list(now(editor, thing).react)[0], ...fields }] }],
            label,
        );

    return [
        thing.box && (thing.look ?? 'button') === 'button'
            ? area({
                  key: `${thing.id}.card-md`,
                  says: editor,
                  label: t('cards.thing.wordsOnIt'),
                  shown: true,
                  value: thing.md ?? '',
                  take: (md) =>
                      editor.store.edit({ set: thing.id, field: 'md', to: md }, t('edits.labels.wordsOfTheChoice')),
              })
            : null,
        destination({
            key: `${thing.id}.go`,
            value: reaction.go ?? (reaction.say || reaction.do?.length > 0 ? '@stay' : ''),
            editor,
            take: (go, made) => set({ go }, made, t('edits.labels.whereTheChoiceLeads')),
        }),
        area({
            key: `${thing.id}.say`,
            says: editor,
            label: t('cards.thing.whatStudentsReadThen'),
            shown: true,
            value: reaction.say ?? '',
            hint: t('cards.thing.nothing'),
            take: (say) => set({ say }, [], t('edits.labels.whatTheChoiceSays')),
        }),
        pick({
            key: `${thing.id}.mark`,
            label: t('cards.thing.choosingItIs'),
            value: thing.mark ?? '',
            options: ['', 'right', 'wrong', 'neutral'].map((mark) => [mark, t(`cards.thing.marks.${mark || 'none'}`)]),
            take: (mark) =>
                editor.store.edit({ set: thing.id, field: 'mark', to: mark || undefined }, t('edits.labels.mark')),
        }),
        thing.box
            ? el(
                  'button',
                  { class: 'link', 'data-key': `${thing.id}.asks`, onclick: () => becomeLock(thing, editor) },
                  icon('lock'),
                  t('cards.thing.itAsksForAnAnswer'),
              )
            : null,
        closerLook(reaction, set, editor, thing.id),
        effectsField({ reaction, set, editor, key: thing.id }),
        el(
            'button',
            {
                class: 'link',
                'data-key': `${thing.id}.more`,
                onclick: () =>
                    editor.store.edit(
                        { set: thing.id, field: 'react', to: [...react, { say: '' }] },
                        t('edits.labels.whatTheChoiceDoes'),
                    ),
            },
            icon('plus'),
            t('workshop.reactions.open'),
        ),
        thing.md || thing.box
            ? null
            : line({
                  key: `${thing.id}.label`,
                  label: t('cards.thing.nameForThoseWhoCant'),
                  value: thing.label,
                  take: (label) =>
                      editor.store.edit(
                          renamings(editor.store.game, now(editor, thing), 'label', label),
                          t('edits.labels.nameOfTheChoice'),
                      ),
              }),
    ];
}

/** A picture shown enlarged with what is said. */
function closerLook(reaction, set, editor, key) {
    const shown = /!\[[^\]]*\]\(asset:([a-z0-9_-]+)\)\s*/;
    const say = reaction.say ?? '';
    const add = (found) => {
        const asset = [...(editor.store.game.assets ?? []), ...found.edits.map((edit) => edit.value)].find(
            (one) => one?.id === found.id,
        );
        set(
            { say: `![${asset?.alt ?? ''}](asset:${found.id})\n\n${say.replace(shown, '')}`.trim() },
            found.edits,
            t('edits.labels.aCloserLook'),
        );
    };

    return el(
        'div',
        { class: 'small-line' },
        el(
            'button',
            { class: 'link', 'data-key': `${key}.closer`, onclick: () => editor.pickPicture(add) },
            icon('zoom-in'),
            shown.test(say) ? t('cards.thing.anotherPictureToLookAt') : t('cards.thing.showsAPictureToLook'),
        ),
        shown.test(say)
            ? el(
                  'button',
                  {
                      class: 'link',
                      'data-key': `${key}.closer.off`,
                      onclick: () => set({ say: say.replace(shown, '') }, [], t('edits.labels.noCloserLook')),
                  },
                  t('cards.thing.withoutIt'),
              )
            : null,
    );
}

/** The same place and look, with a question before it; where it led, the right answer leads. */
function becomeLock(thing, editor) {
    const go = list(thing.react)[0]?.go ?? '';
    const fields = {
        kind: 'lock',
        look: thing.look === 'button' ? undefined : thing.look,
        label: thing.label || thing.md || '',
        md: undefined,
        react: undefined,
        ...blankLock(t('made.new.ask'), go),
    };
    editor.store.edit(
        Object.entries(fields)
            .filter(([field, to]) => to !== undefined || field in thing)
            .map(([field, to]) => (to === undefined ? { set: thing.id, field } : { set: thing.id, field, to })),
        t('edits.labels.aLockInsteadOfA'),
    );
}

export { thingCard };

import Sortable from 'sortablejs';
import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon, mark } from '../../lib/tree.js';
import { list, plain, shortAnswer } from '../editor/ways.js';
import { area, now } from '../editor/fields.js';
import { fileOf } from '../editor/files.js';
import { momentOf } from '../editor/films.js';
import { withoutFilm } from './film/card.js';
import { said } from '../editor/marks.js';

/** A thing as it stands on the page: its words are changed right there, its card opens when it is taken up. */
function thingOnPage(thing, place, scene, editor) {
    const chosen = editor.thing === thing.id;

    return el(
        'div',
        {
            class: `on-page on-page-${thing.kind}${chosen ? ' chosen' : ''}`,
            'data-thing': thing.id,
            'data-key': `on-page.${thing.id}`,
            onclick: (event) => take(event, thing, editor),
            onfocusin: (event) => take(event, thing, editor),
        },
        el(
            'span',
            { class: 'on-page-grip', title: t('cards.page.dragToAnotherPlace'), 'aria-hidden': 'true' },
            icon('grip-vertical'),
        ),
        el('div', { class: 'on-page-body' }, body(thing, editor)),
        chosen ? movers(thing, place, scene, editor) : null,
    );
}

function take(event, thing, editor) {
    if (editor.thing === thing.id || event.target.closest('.movers')) return;
    editor.thing = thing.id;
    editor.draw();
}

function body(thing, editor) {
    const words = (field, name) =>
        area({
            key: `${thing.id}.${field}`,
            says: editor,
            label: t(`cards.page.${name}`),
            value: thing[field] ?? '',
            take: (value) => editor.store.edit({ set: thing.id, field, to: value }, t(`edits.labels.${name}`)),
        });
    if (thing.kind === 'text') return words('md', 'wordsOfTheText');
    if (thing.kind === 'choice')
        return [el('span', { class: 'on-page-sign' }, icon('signpost')), words('md', 'wordsOfTheChoice')];
    if (thing.kind === 'lock')
        return [
            el('span', { class: 'on-page-sign' }, icon('lock')),
            el('div', { class: 'on-page-lines' }, words('ask', 'whatTheLockAsks'), lockLines(thing, editor)),
        ];

    const picture = thing.kind === 'clip' ? thing.poster : (thing.asset ?? thing.front?.asset);
    const file = fileOf(editor.store.game, picture);

    return el(
        'p',
        { class: 'on-page-other' },
        file ? el('img', { class: 'on-page-picture', src: file, alt: '' }) : null,
        el('span', { class: 'caps' }, t(`workshop.kinds.${thing.kind}`)),
        ` ${plain(said(thing.label || thing.md || thing.front?.md || thing.url || '', editor.store.game))}`,
    );
}

/** The lock's rules in a line each; what is said to any other answer is changed right here. */
function lockLines(lock, editor) {
    const titleOf = (id) =>
        editor.store.game.scenes.find((scene) => scene.id === id)?.title ??
        momentOf(editor.store.game, id)?.title ??
        wordsAt('workshop.routes')[id];
    const lines = list(lock.rules).map((rule) =>
        el(
            'p',
            { class: 'on-page-rule' },
            mark(rule.verdict),
            el(
                'span',
                {},
                lock.rounds?.length > 0 && rule.verdict === 'open'
                    ? t('cards.rounds.inARow', { count: lock.enough ?? lock.rounds.length })
                    : shortAnswer(rule.match),
                rule.go ? ` → ${titleOf(rule.go) ?? t('cards.page.aSceneThatIsGone')}` : '',
                rule.say ? el('em', {}, ` “${plain(said(rule.say, editor.store.game))}”`) : null,
            ),
        ),
    );
    const last = list(lock.otherwise).find((reaction) => !reaction.if);
    const take = (say) => {
        const held = list(now(editor, lock).otherwise);
        const place = held.findIndex((reaction) => !reaction.if);
        editor.store.edit(
            {
                set: lock.id,
                field: 'otherwise',
                to: place < 0 ? [...held, { say }] : held.map((one, at) => (at === place ? { ...one, say } : one)),
            },
            t('edits.labels.feedback'),
        );
    };

    return [
        lines,
        el(
            'div',
            { class: 'on-page-rule' },
            mark('wrong'),
            area({
                key: `${lock.id}.page-otherwise`,
                says: editor,
                label: t('cards.page.feedbackWhenWrong'),
                hint: t('cards.page.feedbackHint'),
                value: last?.say ?? '',
                take,
            }),
        ),
    ];
}

function movers(thing, place, scene, editor) {
    const things = scene.things;
    const move = (after, words) => editor.store.edit({ move: thing.id, in: scene.id, after }, words);
    const tool = (sign, label, act, off) =>
        el(
            'button',
            {
                class: 'mover',
                'data-key': `${thing.id}.${sign}`,
                'aria-label': label,
                title: label,
                disabled: off,
                onclick: act,
            },
            icon(sign),
        );

    return el(
        'div',
        { class: 'movers' },
        tool(
            'arrow-up',
            t('cards.page.moveUp'),
            () => move(things[place - 2]?.id ?? null, t('edits.labels.movedUp')),
            place === 0,
        ),
        tool(
            'arrow-down',
            t('cards.page.moveDown'),
            () => move(things[place + 1].id, t('edits.labels.movedDown')),
            place === things.length - 1,
        ),
        tool('trash-2', t('cards.page.delete'), () => {
            editor.thing = null;
            editor.store.edit(
                thing.kind === 'clip' ? withoutFilm(editor.store.game, thing) : { remove: thing.id },
                t('edits.labels.deletedThing', { kind: t(`workshop.kinds.${thing.kind}`) }),
            );
        }),
    );
}

/** Things are drawn to another place by their grip; the page then shows what the document says. */
function reorderByHand(page, editor) {
    let home = null;
    Sortable.create(page, {
        draggable: '.on-page',
        handle: '.on-page-grip',
        animation: 120,
        // By the pointer everywhere, as on a touch screen: browsers' own dragging differs in each.
        forceFallback: true,
        onStart({ item }) {
            home = item.nextSibling;
        },
        onEnd({ item, oldDraggableIndex: from, newDraggableIndex: to }) {
            // Where it stands is for the drawing to say.
            page.insertBefore(item, home);
            if (from === to) return;
            const scene = editor.store.game.scenes.find((one) => one.id === editor.scene);
            const rest = scene.things.filter((thing) => thing.id !== item.dataset.thing);
            editor.store.edit(
                { move: item.dataset.thing, in: scene.id, after: rest[to - 1]?.id ?? null },
                t('edits.labels.movedAThing'),
            );
        },
    });
}

export { reorderByHand, thingOnPage };

import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { gone, renamed, scenesOf } from '../editor/chapters.js';
import { freshId } from '../editor/document.js';
import { backdropFields } from './stage/backdrop.js';
import { called } from './stage/draw.js';
import { laidOut } from './stage/geometry.js';
import { isStop } from '../editor/films.js';
import { renamings } from '../editor/naming.js';
import { list, routesIn } from '../editor/ways.js';
import { conditionField } from './condition.js';
import { area, destination, line, now, pick, sceneName, tick } from '../editor/fields.js';
import { endings } from './ending.js';
import { backToFilm, stopFields } from './film/stop-card.js';
import { foundHere, foundSign } from './found.js';
import { reactionsField } from './reactions.js';
import { soundField } from './sound.js';
import { voiceField } from './voice.js';

/** The card of the scene itself. */
function sceneCard(scene, editor) {
    const set = (field, label) => (to) => editor.store.edit({ set: scene.id, field, to }, label);
    const { game } = editor.store;
    const inFilm = isStop(game, scene);

    return [
        el(
            'header',
            { class: 'card-head' },
            icon(inFilm ? 'pause' : 'flag'),
            el('h2', {}, t(inFilm ? 'films.stop' : 'cards.scene.heading')),
            foundSign(editor, scene.id),
            inFilm ? backToFilm(scene, editor) : null,
        ),
        el(
            'div',
            { class: 'card-body', 'data-key': `${scene.id}.card` },
            line({
                key: 'scene.title',
                label: t('cards.scene.title'),
                value: scene.title,
                hint: inFilm ? t('films.titleHint') : '',
                take: (title) =>
                    editor.store.edit(
                        renamings(game, now(editor, scene), 'title', title),
                        t('edits.labels.titleOfTheScene'),
                    ),
            }),
            inFilm ? stopFields(scene, editor) : null,
            inFilm ? null : layoutField(scene, editor),
            scene.layout === 'stage' ? backdropFields(scene, editor) : null,
            chapters(scene, editor),
            inFilm
                ? null
                : tick({
                      key: 'scene.start',
                      label: t('cards.scene.theGameStartsHere'),
                      value: game.start === scene.id,
                      take: (on) =>
                          on &&
                          editor.store.edit(
                              { set: '@game', field: 'start', to: scene.id },
                              t('edits.labels.startOfTheGame'),
                          ),
                  }),
            tick({
                key: 'scene.back',
                label: t('cards.scene.studentsMayGoBackFrom'),
                value: Boolean(scene.back),
                take: set('back', t('edits.labels.goingBack')),
            }),
            tick({
                key: 'scene.waits',
                label: t('cards.scene.goingOnWaits'),
                value: Boolean(scene.waits),
                take: set('waits', t('edits.labels.goingOnWaits')),
            }),
            scene.layout === 'stage'
                ? tick({
                      key: 'scene.finding',
                      label: t('cards.scene.findingIsTheTask'),
                      value: Boolean(scene.finding),
                      take: (on) => set('finding', t('edits.labels.finding'))(on || undefined),
                  })
                : null,
            inFilm ? null : endings(scene, editor),
            goingOn(scene, editor),
            reactionsField(scene, 'arrive', editor),
            gate(scene, editor),
            soundField(scene, editor),
            spoken(scene, editor),
            voiceField(editor),
            series(editor, scene.id, t('edits.labels.copiedScene', { title: scene.title })),
            removal(scene, editor),
            foundHere(editor, scene.id),
        ),
    ];
}

/** Who may come in, and what the others are told. */
function gate(scene, editor) {
    const refused = list(scene.refused);
    const words = isPlain(refused) ? refused[0] : null;

    return el(
        'div',
        { class: 'card-part' },
        conditionField({
            key: 'scene.needs',
            label: t('cards.scene.letsIn'),
            value: scene.needs,
            editor,
            take: (needs) =>
                editor.store.edit({ set: scene.id, field: 'needs', to: needs ?? null }, t('edits.labels.whoMayComeIn')),
        }),
        scene.needs && (words || refused.length === 0)
            ? area({
                  key: 'scene.refused',
                  says: editor,
                  label: t('cards.scene.whatTheOthersAreTold'),
                  shown: true,
                  rows: 2,
                  value: words?.say ?? '',
                  take: (say) =>
                      editor.store.edit(
                          { set: scene.id, field: 'refused', to: [{ ...words, say }] },
                          t('edits.labels.whatTheOthersAreTold'),
                      ),
              })
            : scene.needs
              ? reactionsField(scene, 'refused', editor)
              : null,
        scene.needs && words
            ? el(
                  'button',
                  {
                      class: 'link',
                      'data-key': 'scene.refused.more',
                      onclick: () =>
                          editor.store.edit(
                              { set: scene.id, field: 'refused', to: [...refused, { say: '' }] },
                              t('edits.labels.whatTheOthersAreTold'),
                          ),
                  },
                  icon('plus'),
                  t('workshop.reactions.open'),
              )
            : null,
    );
}

/** One reaction for everybody that only speaks or leads on. */
const isPlain = (reactions) => reactions.length === 1 && !reactions[0].if && !reactions[0].do?.length;

/** A page flows; a stage is arranged. What flowed gets a place of its own, but a film runs beside the stage. */
function layoutField(scene, editor) {
    const take = (layout) => {
        const bare = layout === 'stage' ? (scene.things ?? []).filter(({ box, kind }) => !box && kind !== 'clip') : [];
        const boxes = laidOut(bare.length);
        editor.store.edit(
            [
                { set: scene.id, field: 'layout', to: layout },
                ...bare.map((thing, place) => ({ set: thing.id, field: 'box', to: boxes[place] })),
            ],
            layout === 'stage' ? t('edits.labels.aStage') : t('edits.labels.aPage'),
        );
    };

    return pick({
        key: 'scene.layout',
        label: t('cards.scene.layout'),
        value: scene.layout ?? 'page',
        options: Object.entries(wordsAt('workshop.layouts')),
        take,
    });
}

/** Scenes or things like this one; a number in the title goes on counting. */
function series(editor, id, label) {
    let times = 1;

    return el(
        'div',
        { class: 'small-line series' },
        icon('copy'),
        t('cards.scene.make'),
        el('input', {
            class: 'tiny',
            type: 'number',
            min: 1,
            max: 100,
            value: 1,
            'data-key': `${id}.times`,
            'aria-label': t('cards.scene.howManyCopies'),
            oninput: ({ target }) => {
                times = Math.min(100, Math.max(1, Number(target.value) || 1));
            },
        }),
        el(
            'button',
            {
                class: 'link',
                'data-key': `${id}.series`,
                onclick: () => editor.store.edit({ duplicate: [id], times }, label),
            },
            t('cards.scene.moreLikeIt'),
        ),
    );
}

/** The order in which things are read out and, on a stage, lie over each other. */
function spoken(scene, editor) {
    const things = scene.things ?? [];
    if (scene.layout !== 'stage' || things.length === 0) return null;
    const move = (place, after) =>
        editor.store.edit({ move: things[place].id, in: scene.id, after }, t('edits.labels.spokenOrder'));

    return el(
        'details',
        { class: 'card-more' },
        el('summary', {}, icon('list'), t('cards.scene.thingsInSpokenOrder')),
        el(
            'ol',
            { class: 'spoken-list' },
            things.map((thing, place) =>
                el(
                    'li',
                    {},
                    el(
                        'button',
                        {
                            class: 'link',
                            'data-key': `spoken.${thing.id}`,
                            onclick: () => {
                                editor.thing = thing.id;
                                editor.draw();
                            },
                        },
                        called(thing, editor),
                    ),
                    el(
                        'button',
                        {
                            class: 'mover',
                            'data-key': `spoken.up.${thing.id}`,
                            'aria-label': t('cards.scene.readEarlier', { thing: called(thing, editor) }),
                            disabled: place === 0,
                            onclick: () => move(place, things[place - 2]?.id ?? null),
                        },
                        icon('arrow-up'),
                    ),
                    el(
                        'button',
                        {
                            class: 'mover',
                            'data-key': `spoken.down.${thing.id}`,
                            'aria-label': t('cards.scene.readLater', { thing: called(thing, editor) }),
                            disabled: place === things.length - 1,
                            onclick: () => move(place, things[place + 1].id),
                        },
                        icon('arrow-down'),
                    ),
                ),
            ),
        ),
    );
}

function chapters(scene, editor) {
    const { game, edit } = editor.store;
    const take = (id) => {
        if (id !== '+')
            return edit({ set: scene.id, field: 'chapter', to: id || undefined }, t('edits.labels.chapter'));
        const value = {
            id: freshId('chapter'),
            title: t('made.new.chapter', { number: (game.chapters?.length ?? 0) + 1 }),
            start: scene.id,
        };
        edit(
            [
                { insert: 'chapters', in: '@game', after: game.chapters?.at(-1)?.id ?? null, value },
                { set: scene.id, field: 'chapter', to: value.id },
            ],
            t('edits.labels.newChapter'),
        );
    };
    const chapter = game.chapters?.find((one) => one.id === scene.chapter);

    return [
        pick({
            key: 'scene.chapter',
            label: t('cards.scene.chapter'),
            value: scene.chapter ?? '',
            take,
            options: [
                ['', t('cards.scene.none')],
                ...(game.chapters ?? []).map((one) => [one.id, one.title]),
                ['+', t('cards.scene.aNewChapter')],
            ],
        }),
        chapter
            ? line({
                  key: 'chapter.title',
                  label: t('cards.scene.nameOfTheChapter'),
                  value: chapter.title,
                  take: (to) => edit(renamed(game, chapter.id, to), t('edits.labels.nameOfTheChapter')),
              })
            : null,
        chapter ? chapterRemoval(chapter, editor) : null,
    ];
}

/** The chapter goes, its scenes stay. */
function chapterRemoval(chapter, editor) {
    const { game, edit } = editor.store;
    const count = scenesOf(game, chapter.id).length;

    return el(
        'button',
        {
            class: 'link',
            'data-key': 'chapter.delete',
            onclick: () => edit(gone(game, chapter.id), t('edits.labels.deletedChapter', { title: chapter.title })),
        },
        icon('trash-2'),
        t('cards.scene.deleteChapter', { count }),
    );
}

/** The plain way on: a button under everything. */
function goingOn(scene, editor) {
    const next = Array.isArray(scene.next) ? scene.next : scene.next ? [scene.next] : [];
    if (next.length > 0 && (!isPlain(next) || next[0].say)) return reactionsField(scene, 'next', editor);
    const take = (go, made) =>
        editor.store.edit(
            [...made, { set: scene.id, field: 'next', to: go === '' ? [] : [{ ...next[0], go }] }],
            t('edits.labels.wayOn'),
        );

    return el(
        'div',
        {},
        destination({
            key: 'scene.next',
            value: next[0]?.go ?? '',
            take,
            editor,
            label: t('cards.scene.goOnLeadsTo'),
            none: scene.stop ? t('films.goesOn') : next.length > 0 ? t('workshop.openEnd') : t('workshop.noGoingOn'),
        }),
        next.length > 0
            ? el(
                  'button',
                  {
                      class: 'link',
                      'data-key': 'scene.next.more',
                      onclick: () =>
                          editor.store.edit(
                              { set: scene.id, field: 'next', to: [...next, { say: '' }] },
                              t('edits.labels.wayOn'),
                          ),
                  },
                  icon('plus'),
                  t('workshop.reactions.open'),
              )
            : null,
    );
}

/** Deleting asks only where what led here shall lead now; undo brings it back. */
function removal(scene, editor) {
    const { game } = editor.store;
    if (game.scenes.length < 2) return null;
    const ways = routesIn(game).filter((way) => way.to === scene.id && way.from !== scene.id);
    const go = (lead) =>
        editor.store.edit({ deleteScene: scene.id, lead }, t('edits.labels.deletedScene', { title: scene.title }));
    if (game.start === scene.id) return startRemoval(scene, ways, go, game);
    if (ways.length === 0)
        return el(
            'button',
            { class: 'link', 'data-key': 'scene.delete', onclick: () => go(null) },
            icon('trash-2'),
            t('cards.scene.deleteThisScene'),
        );
    const from = [...new Set(ways.map((way) => game.scenes.find((one) => one.id === way.from).title))].join(', ');
    const onward = [
        ...new Set(
            routesIn(game)
                .filter((way) => way.from === scene.id)
                .map(({ to }) => to),
        ),
    ]
        .map((id) => game.scenes.find((one) => one.id === id && one !== scene))
        .filter(Boolean);
    const others = game.scenes.filter((one) => one !== scene && !onward.includes(one));
    const named = (words) => (one) => [one.id, t(words, { scene: sceneName(game, one) })];
    const usual = onward[0]?.id ?? '-';

    return el(
        'details',
        { class: 'card-more' },
        el('summary', {}, icon('trash-2'), t('cards.scene.deleteThisScene')),
        el('p', { class: 'help' }, t('cards.scene.waysHere', { count: ways.length, from })),
        pick({
            key: 'scene.lead',
            label: t('cards.scene.whereTo'),
            shown: false,
            value: usual,
            // Where it led itself comes first: that is what one mostly means.
            options: [
                ...onward.map(named('cards.scene.leadWhereItLed')),
                ['-', t('cards.scene.leaveAnOpenEnd')],
                ...others.map(named('cards.scene.leadTo')),
            ],
            take: () => {},
        }),
        el(
            'button',
            {
                class: 'button',
                'data-key': 'scene.delete',
                onclick: ({ target }) => {
                    const lead = target.closest('details').querySelector('[data-key="scene.lead"]').value;
                    go(lead === '-' ? null : lead);
                },
            },
            icon('trash-2'),
            t('cards.scene.deleteIt'),
        ),
    );
}

/** The start goes nowhere in silence: where the game shall start then is asked, and what led here leads there too. */
function startRemoval(scene, ways, go, game) {
    const others = game.scenes.filter((one) => one !== scene).map((one) => [one.id, sceneName(game, one)]);

    return el(
        'details',
        { class: 'card-more' },
        el('summary', {}, icon('trash-2'), t('cards.scene.deleteThisScene')),
        el('p', { class: 'help' }, t('cards.scene.startsThen', { count: ways.length })),
        pick({
            key: 'scene.lead',
            label: t('cards.scene.startOfTheGame'),
            shown: false,
            value: others[0]?.[0] ?? '',
            options: others,
            take: () => {},
        }),
        el(
            'button',
            {
                class: 'button',
                'data-key': 'scene.delete',
                onclick: ({ target }) => go(target.closest('details').querySelector('[data-key="scene.lead"]').value),
            },
            icon('trash-2'),
            t('cards.scene.deleteIt'),
        ),
    );
}

export { sceneCard, series };

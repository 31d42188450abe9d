import { gone, renamed, scenesOf } from '../chapters.js';
import { el, icon } from '../../lib/dom.js';
import { freshId } from '../document.js';
import { backdropFields } from '../stage/backdrop.js';
import { called } from '../stage/draw.js';
import { laidOut } from '../stage/geometry.js';
import { list, routesIn } from '../ways.js';
import { conditionField } from './condition.js';
import { foundHere, foundSign } from './found.js';
import { reactionsField } from './reactions.js';
import { area, destination, line, now, pick, sceneName, tick } from './fields.js';

/** The card of the scene itself. */
function sceneCard(scene, desk) {
    const set = (field, label) => (to) => desk.store.edit({ set: scene.id, field, to }, label);
    const { game } = desk.store;

    return [
        el('header', { class: 'card-head' }, icon('flag'), el('h2', {}, 'This scene'), foundSign(desk, scene.id)),
        el('div', { class: 'card-body', 'data-key': `${scene.id}.card` },
            line({ key: 'scene.title', label: 'Title', value: scene.title, take: set('title', 'title of the scene') }),
            layoutField(scene, desk),
            scene.layout === 'stage' ? backdropFields(scene, desk) : null,
            chapters(scene, desk),
            tick({ key: 'scene.start', label: 'The game starts here', value: game.start === scene.id, take: (on) => on && desk.store.edit({ set: '@game', field: 'start', to: scene.id }, 'start of the game') }),
            tick({ key: 'scene.back', label: 'Students may go back from here', value: Boolean(scene.back), take: set('back', 'going back') }),
            endings(scene, desk),
            goingOn(scene, desk),
            reactionsField(scene, 'arrive', desk),
            gate(scene, desk),
            spoken(scene, desk),
            series(desk, scene.id, `copied “${scene.title}”`),
            removal(scene, desk),
            foundHere(desk, scene.id),
        ),
    ];
}

/** Who may come in, and what the others are told. */
function gate(scene, desk) {
    const refused = list(scene.refused);
    const words = isPlain(refused) ? refused[0] : null;

    return el('div', { class: 'card-part' },
        conditionField({ key: 'scene.needs', label: 'Lets in', value: scene.needs, desk, take: (needs) => desk.store.edit({ set: scene.id, field: 'needs', to: needs ?? null }, 'who may come in') }),
        scene.needs && (words || refused.length === 0) ? area({ key: 'scene.refused', label: 'What the others are told', shown: true, rows: 2, value: words?.say ?? '', take: (say) => desk.store.edit({ set: scene.id, field: 'refused', to: [{ ...words, say }] }, 'what the others are told') }) : scene.needs ? reactionsField(scene, 'refused', desk) : null,
        scene.needs && words ? el('button', { class: 'link', 'data-key': 'scene.refused.more', onclick: () => desk.store.edit({ set: scene.id, field: 'refused', to: [...refused, { say: '' }] }, 'what the others are told') }, icon('plus'), desk.words.reactions.open) : null);
}

/** One reaction for everybody that only speaks or leads on. */
const isPlain = (reactions) => reactions.length === 1 && !reactions[0].if && !reactions[0].do?.length;

/** A page flows; a stage is arranged. What flowed gets a place of its own. */
function layoutField(scene, desk) {
    const take = (layout) => {
        const bare = layout === 'stage' ? (scene.things ?? []).filter((thing) => !thing.box) : [];
        const boxes = laidOut(bare.length);
        desk.store.edit([{ set: scene.id, field: 'layout', to: layout }, ...bare.map((thing, place) => ({ set: thing.id, field: 'box', to: boxes[place] }))], layout === 'stage' ? 'a stage' : 'a page');
    };

    return pick({ key: 'scene.layout', label: 'Layout', value: scene.layout ?? 'page', options: Object.entries(desk.words.layouts), take });
}

/** Scenes or things like this one; a number in the title goes on counting. */
function series(desk, id, label) {
    let times = 1;

    return el('div', { class: 'small-line series' }, icon('copy'), 'Make', el('input', { class: 'tiny', type: 'number', min: 1, max: 100, value: 1, 'data-key': `${id}.times`, 'aria-label': 'how many copies', oninput: ({ target }) => { times = Math.min(100, Math.max(1, Number(target.value) || 1)); } }),
        el('button', { class: 'link', 'data-key': `${id}.series`, onclick: () => desk.store.edit({ duplicate: [id], times }, label) }, 'more like it'));
}

/** The order in which things are read out and, on a stage, lie over each other. */
function spoken(scene, desk) {
    const things = scene.things ?? [];
    if (scene.layout !== 'stage' || things.length === 0) return null;
    const move = (place, after) => desk.store.edit({ move: things[place].id, in: scene.id, after }, 'spoken order');

    return el('details', { class: 'card-more' }, el('summary', {}, icon('list'), 'Things in spoken order'),
        el('ol', { class: 'spoken-list' }, things.map((thing, place) => el('li', {},
            el('button', { class: 'link', 'data-key': `spoken.${thing.id}`, onclick: () => { desk.thing = thing.id; desk.draw(); } }, called(thing, desk)),
            el('button', { class: 'mover', 'data-key': `spoken.up.${thing.id}`, 'aria-label': `Read ${called(thing, desk)} earlier`, disabled: place === 0, onclick: () => move(place, things[place - 2]?.id ?? null) }, icon('arrow-up')),
            el('button', { class: 'mover', 'data-key': `spoken.down.${thing.id}`, 'aria-label': `Read ${called(thing, desk)} later`, disabled: place === things.length - 1, onclick: () => move(place, things[place + 1].id) }, icon('arrow-down'))))));
}

function chapters(scene, desk) {
    const { game, edit } = desk.store;
    const take = (id) => {
        if (id !== '+') return edit({ set: scene.id, field: 'chapter', to: id || undefined }, 'chapter');
        const value = { id: freshId('chapter'), title: `Chapter ${(game.chapters?.length ?? 0) + 1}`, start: scene.id };
        edit([{ insert: 'chapters', in: '@game', after: game.chapters?.at(-1)?.id ?? null, value }, { set: scene.id, field: 'chapter', to: value.id }], 'new chapter');
    };
    const chapter = game.chapters?.find((one) => one.id === scene.chapter);

    return [
        pick({ key: 'scene.chapter', label: 'Chapter', value: scene.chapter ?? '', take, options: [['', 'none'], ...(game.chapters ?? []).map((one) => [one.id, one.title]), ['+', '＋ a new chapter']] }),
        chapter ? line({ key: 'chapter.title', label: 'Name of the chapter', value: chapter.title, take: (to) => edit(renamed(game, chapter.id, to), 'name of the chapter') }) : null,
        chapter ? chapterRemoval(chapter, desk) : null,
    ];
}

/** The chapter goes, its scenes stay. */
function chapterRemoval(chapter, desk) {
    const { game, edit } = desk.store;
    const count = scenesOf(game, chapter.id).length;
    const words = count === 1 ? 'Delete this chapter; its scene stays' : `Delete this chapter; its ${count} scenes stay`;

    return el('button', { class: 'link', 'data-key': 'chapter.delete', onclick: () => edit(gone(game, chapter.id), `deleted the chapter “${chapter.title}”`) }, icon('trash-2'), words);
}

function endings(scene, desk) {
    const take = (kind) => desk.store.edit({ set: scene.id, field: 'ending', to: kind ? { kind, md: now(desk, scene).ending?.md ?? '' } : null }, 'ending');

    return [
        pick({ key: 'scene.ending', label: 'Does the play end here?', value: scene.ending?.kind ?? '', take, options: [['', 'no, it goes on'], ...Object.entries(desk.words.endings).map(([id, name]) => [id, `yes: ${name}`])] }),
        scene.ending ? area({ key: 'scene.ending.md', label: 'Words at the end', shown: true, rows: 2, value: scene.ending.md ?? '', take: (md) => desk.store.edit({ set: scene.id, field: 'ending', to: { ...now(desk, scene).ending, md } }, 'words at the end') }) : null,
    ];
}

/** The plain way on: a button under everything. */
function goingOn(scene, desk) {
    const next = Array.isArray(scene.next) ? scene.next : scene.next ? [scene.next] : [];
    if (next.length > 0 && (!isPlain(next) || next[0].say)) return reactionsField(scene, 'next', desk);
    const take = (go, made) => desk.store.edit([...made, { set: scene.id, field: 'next', to: go === '' ? [] : [{ ...next[0], go }] }], 'way on');

    return el('div', {}, destination({ key: 'scene.next', value: next[0]?.go ?? '', take, desk, label: '“Go on” leads to', none: next.length > 0 ? desk.words.openEnd : desk.words.noGoingOn }),
        next.length > 0 ? el('button', { class: 'link', 'data-key': 'scene.next.more', onclick: () => desk.store.edit({ set: scene.id, field: 'next', to: [...next, { say: '' }] }, 'way on') }, icon('plus'), desk.words.reactions.open) : null);
}

/** Deleting asks only where what led here shall lead now; undo brings it back. */
function removal(scene, desk) {
    const { game } = desk.store;
    if (game.scenes.length < 2) return null;
    const ways = routesIn(game).filter((way) => way.to === scene.id && way.from !== scene.id);
    const go = (lead) => desk.store.edit({ deleteScene: scene.id, lead }, `deleted “${scene.title}”`);
    if (game.start === scene.id) return startRemoval(scene, ways, go, game);
    if (ways.length === 0) return el('button', { class: 'link', 'data-key': 'scene.delete', onclick: () => go(null) }, icon('trash-2'), 'Delete this scene');
    const from = [...new Set(ways.map((way) => game.scenes.find((one) => one.id === way.from).title))].join(', ');
    const others = game.scenes.filter((one) => one !== scene).map((one) => [one.id, `lead to ${sceneName(game, one)}`]);

    return el('details', { class: 'card-more' }, el('summary', {}, icon('trash-2'), 'Delete this scene'),
        el('p', { class: 'help' }, `${ways.length} ${ways.length === 1 ? 'way leads' : 'ways lead'} here, from ${from}. Where shall ${ways.length === 1 ? 'it' : 'they'} lead then?`),
        pick({ key: 'scene.lead', label: 'Where to', shown: false, value: '', options: [['', 'choose …'], ['-', 'leave an open end'], ...others], take: (lead) => lead !== '' && go(lead === '-' ? null : lead) }),
    );
}

/** The start goes nowhere in silence: where the game shall start then is asked, and what led here leads there too. */
function startRemoval(scene, ways, go, game) {
    const others = game.scenes.filter((one) => one !== scene).map((one) => [one.id, sceneName(game, one)]);
    const more = ways.length === 0 ? '' : ' What led here leads there too.';

    return el('details', { class: 'card-more' }, el('summary', {}, icon('trash-2'), 'Delete this scene'),
        el('p', { class: 'help' }, `The game starts here. Where shall it start then?${more}`),
        pick({ key: 'scene.lead', label: 'Start of the game', shown: false, value: '', options: [['', 'choose …'], ...others], take: (lead) => lead !== '' && go(lead) }));
}

export { sceneCard, series };

import { el } from '../../lib/dom.js';
import { pick, tick } from './fields.js';

/**
 * A condition as a sentence made of parts: who something is for. Those it can't say are told and kept as they are.
 *
 * `take` gets the condition, or undefined for "everybody".
 */
function conditionField({ key, label, value, take, desk }) {
    const words = desk.words.conditions;
    const said = read(value);
    const put = (kind, ids, atLeast = ids.length) => take(write(kind, ids, atLeast));

    return el('div', { class: 'condition', 'data-key': `${key}.condition` },
        pick({ key: `${key}.kind`, label, value: said.kind, options: Object.entries(words.kinds).filter(([kind]) => kind !== 'other' || said.kind === 'other'), take: (kind) => (kind === '' ? take(undefined) : kind !== 'other' && put(kind, choices(kind, desk).slice(0, 1).map(([id]) => id), 1)) }),
        said.kind === 'other' ? el('p', { class: 'help' }, sentence(value, desk)) : said.kind === '' ? null : parts(said, put, key, desk),
    );
}

function parts({ kind, ids, atLeast }, put, key, desk) {
    const words = desk.words.conditions;
    const all = choices(kind, desk);
    if (all.length === 0) return el('p', { class: 'help' }, words.nothing[kind]);
    const toggle = (id, on) => {
        const next = all.map(([one]) => one).filter((one) => (one === id ? on : ids.includes(one)));
        put(kind, next, atLeast >= ids.length ? next.length : Math.min(atLeast, next.length));
    };

    return el('div', { class: 'condition-parts' },
        ids.length > 1 && kind !== 'visited' ? pick({ key: `${key}.many`, label: words.many, value: String(Math.min(atLeast, ids.length)), options: ids.map((_, at) => [String(at + 1), at + 1 === ids.length ? words.allOf : at === 0 ? words.anyOf : `${at + 1} ${words.someOf}`]), take: (count) => put(kind, ids, Number(count)) }) : null,
        all.map(([id, name]) => tick({ key: `${key}.${id}`, label: name, value: ids.includes(id), take: (on) => toggle(id, on) })));
}

function choices(kind, desk) {
    const { game } = desk.store;
    if (kind === 'open') return game.scenes.flatMap((scene) => (scene.things ?? []).filter((thing) => thing.kind === 'lock').map((lock) => [lock.id, `${lock.label || lock.ask} (${scene.title})`]));
    if (kind === 'visited') return game.scenes.map((scene) => [scene.id, scene.title]);

    return (game.tokens ?? []).map((token) => [token.id, token.name]);
}

/** The parts of a condition of a kind that can be said here. */
function read(condition) {
    if (condition === null || condition === undefined) return { kind: '', ids: [], atLeast: 0 };
    const one = (kind, id) => ({ kind, ids: [id], atLeast: 1 });
    if (condition.has) return one('hold', condition.has);
    if (condition.not?.has) return one('lack', condition.not.has);
    if (condition.open) return one('open', condition.open);
    if (condition.visited) return one('visited', condition.visited);
    if (condition.hasOf) return { kind: 'hold', ids: condition.hasOf, atLeast: condition.atLeast ?? condition.hasOf.length };
    if (condition.openOf) return { kind: 'open', ids: condition.openOf, atLeast: condition.atLeast ?? condition.openOf.length };

    return { kind: 'other', ids: [], atLeast: 0 };
}

function write(kind, ids, atLeast) {
    if (ids.length === 0) return undefined;
    if (kind === 'visited') return { visited: ids.at(-1) };
    if (kind === 'lack') return { not: { has: ids.at(-1) } };
    if (ids.length === 1) return { [kind === 'hold' ? 'has' : 'open']: ids[0] };

    return { [kind === 'hold' ? 'hasOf' : 'openOf']: ids, atLeast };
}

/** Any condition in words, for reading. */
function sentence(condition, desk) {
    const { game } = desk.store;
    const token = (id) => game.tokens?.find((one) => one.id === id)?.name ?? id;
    const scene = (id) => game.scenes.find((one) => one.id === id)?.title ?? id;
    const lock = (id) => game.scenes.flatMap((one) => one.things ?? []).find((one) => one.id === id)?.label || id;
    const tally = (id) => game.tallies?.find((one) => one.id === id)?.name ?? id;
    const some = (ids, name, atLeast) => `${atLeast < ids.length ? `${atLeast} of ` : ''}${ids.map(name).join(', ')}`;
    const [kind] = Object.keys(condition ?? {});
    const said = {
        all: () => condition.all.map((part) => sentence(part, desk)).join(' and '),
        any: () => condition.any.map((part) => sentence(part, desk)).join(' or '),
        not: () => `not: ${sentence(condition.not, desk)}`,
        has: () => `holds ${token(condition.has)}`,
        hasOf: () => `holds ${some(condition.hasOf, token, condition.atLeast)}`,
        open: () => `opened ${lock(condition.open)}`,
        openOf: () => `opened ${some(condition.openOf, lock, condition.atLeast)}`,
        firstTry: () => `opened at first try ${some(condition.firstTry, lock, condition.atLeast)}`,
        visited: () => `was at ${scene(condition.visited)}`,
        lifted: () => 'lifted a cover',
        tally: () => `${tally(condition.tally)} ${condition.is} ${condition.value}`,
        leads: () => `${tally(condition.leads)} is the highest`,
        tries: () => `tried ${lock(condition.tries)} ${condition.is} ${condition.value} times`,
        minutes: () => `${condition.is} ${condition.minutes} minutes have passed`,
    }[kind];

    return said?.() ?? 'a condition of its own';
}

export { conditionField, read, sentence, write };

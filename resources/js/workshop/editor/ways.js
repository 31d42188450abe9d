import { t } from '../../lib/catalogue.js';
import { sentence } from './sentence.js';
import { homeOfClip, list, reactionsIn, target } from './walk.js';

/**
 * Which scene leads where, and why: `{from, to, why, kind, thing, tokens}` for each route of the document. Reads only;
 * whether a route can be taken is the engine's to say.
 */
function routesIn(game) {
    return game.scenes.flatMap((scene) => waysOf(scene, game));
}

/**
 * Ways by scene: a scene that an edit left alone is the same object, and its ways are the same. Conditions and words
 * for places name other parts.
 */
const known = new WeakMap();

function waysOf(scene, game) {
    if (known.has(scene)) return known.get(scene);
    const ways = waysFrom(scene, game);
    if (!ways.some((way) => way.isDependent)) known.set(scene, ways);

    return ways;
}

function waysFrom(scene, game) {
    return [...waysOfStop(scene, game), ...waysByReactions(scene, game)];
}

/** A film leads to its stops, and they back to it. */
function waysOfStop(scene, game) {
    const home = scene.stop ? homeOfClip(game, scene.stop.clip) : null;
    if (!home || home === scene) return [];
    const way = { isDependent: true, thing: null };

    return [
        { ...way, from: home.id, to: scene.id, why: t('ways.atSecond', { second: scene.stop.at }), kind: 'cue' },
        { ...way, from: scene.id, to: home.id, why: t('ways.onInFilm'), kind: 'next' },
    ];
}

function waysByReactions(scene, game) {
    return reactionsIn('scenes', scene).flatMap(({ reaction, field, part, within }) => {
        const to = target(game, scene, reaction.go);
        if (to === null) return [];
        const { kind, why } = reasonFor(field, part, reaction, within.at(-1));

        return [
            {
                from: scene.id,
                to,
                isDependent: Boolean(reaction.if) || reaction.go !== to,
                why: reaction.if ? t('ways.if', { why, condition: sentence(reaction.if, game) }) : why,
                kind,
                thing: SCENE_REASONS.includes(field) ? null : part.id,
            },
        ];
    });
}

const SCENE_REASONS = ['arrive', 'next', 'refused'];

/** Which kind of way it is, and why students take it, in a few words. */
function reasonFor(field, part, reaction, cue) {
    if (SCENE_REASONS.includes(field)) return { kind: field, why: t(`ways.scene.${field}`) };
    if (field === 'rules') return { kind: 'lock', why: shortAnswer(reaction.match) };
    if (field === 'otherwise') return { kind: 'wrong', why: t('ways.anyOtherAnswer') };
    if (field === 'opened') return { kind: 'opened', why: t('ways.onceItIsOpen') };
    if (cue && part === cue) return { kind: 'cue', why: t('ways.atSecond', { second: cue.at ?? 0 }) };

    return { kind: part.kind, why: wordsOf(part) };
}

function wordsOf(thing) {
    return t(thing.kind === 'cover' ? 'ways.lift' : 'ways.tap', {
        thing: plain(thing.md || thing.label || thing.front?.md || t('ways.picture')),
    });
}

/** A matcher in a few words. */
function shortAnswer(match) {
    if (!match) return t('ways.noAnswerYet');
    if (match.equals !== undefined && list(match.equals).length === 0) return t('ways.noAnswerYet');
    if (match.equals !== undefined)
        return t('ways.equals', { words: list(match.equals)[0] ?? '', count: list(match.equals).length });
    if (match.mathematics !== undefined) return match.mathematics || t('ways.noAnswerYet');
    if (match.number !== undefined) return `${match.number}${match.unit ? ` ${match.unit}` : ''}`;
    if (match.has !== undefined) return t('ways.says', { words: match.has[0] ?? '' });
    if (match.length !== undefined) return t('ways.aFullSentence');
    if (match.any) return match.any.slice(0, 2).map(shortAnswer).join(' / ');
    if (match.anything) return t('ways.anyAnswer');
    if (match.options !== undefined) return t('ways.theRightOptions');

    return t('ways.aRightAnswer');
}

function plain(text) {
    const words = String(text)
        .replace(/\{=[^{}]*\}/g, '…')
        .replace(/[*_#>`]/g, '')
        .replace(/\s+/g, ' ')
        .trim();

    return words.length > 60 ? `${words.slice(0, 58)}…` : words;
}

/** Scene ids that some chain of routes leads to from the start, conditions left aside. */
function reached(game, ways) {
    const seen = new Set([game.start]);
    const queue = [game.start];
    const next = Map.groupBy ? Map.groupBy(ways, (way) => way.from) : groups(ways);
    while (queue.length > 0) {
        for (const way of next.get(queue.pop()) ?? []) {
            if (seen.has(way.to)) continue;
            seen.add(way.to);
            queue.push(way.to);
        }
    }

    return seen;
}

function groups(ways) {
    return ways.reduce((all, way) => all.set(way.from, [...(all.get(way.from) ?? []), way]), new Map());
}

const knownTokens = new WeakMap();

/** Tokens a scene gives, and those it wants. */
function tokensOf(scene) {
    if (!knownTokens.has(scene)) knownTokens.set(scene, readTokens(scene));

    return knownTokens.get(scene);
}

function readTokens(scene) {
    const text = (pattern, value) => [...JSON.stringify(value ?? null).matchAll(pattern)].map((found) => found[1]);

    return {
        gives: [...new Set(text(/"give":"([^"]+)"/g, scene))],
        wants: [...new Set([...text(/"has":"([^"]+)"/g, scene.needs), ...list(scene.needs?.hasOf)])],
    };
}

export { list, plain, reached, shortAnswer, tokensOf, routesIn };

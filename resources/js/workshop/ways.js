import { sentence } from './sentence.js';

/**
 * Which scene leads where, and why: `{from, to, why, kind, thing, tokens}` for each route of the document. Reads only; whether
 * a route can be taken is the engine's to say.
 */
const list = (value) => (value === undefined || value === null ? [] : Array.isArray(value) ? value : [value]);

function routesIn(game) {
    return game.scenes.flatMap((scene) => waysOf(scene, game));
}

/** Ways by scene: a scene that an edit left alone is the same object, and its ways are the same. Conditions name other parts. */
const known = new WeakMap();

function waysOf(scene, game) {
    if (known.has(scene)) return known.get(scene);
    const ways = waysFrom(scene, game);
    if (!ways.some((way) => way.isConditional)) known.set(scene, ways);

    return ways;
}

function waysFrom(scene, game) {
    const way = (kind, why, thing) => (reaction) => ({ from: scene.id, to: reaction.go, isConditional: Boolean(reaction.if), why: reaction.if ? `${why}, if: ${sentence(reaction.if, game)}` : why, kind, thing, open: reaction.go === undefined || reaction.go === '' });
    const leading = (reactions, kind, why, thing) => list(reactions).map(way(kind, why, thing)).filter((found) => !found.open && found.to !== '@stay');

    return [
        ...leading(scene.arrive, 'arrive', 'on arriving', null),
        ...leading(scene.next, 'next', 'going on', null),
        ...(scene.things ?? []).flatMap((thing) => [
            ...leading(thing.react, thing.kind, wordsOf(thing), thing.id),
            ...(thing.rules ?? []).flatMap((rule) => leading(rule, 'lock', `${shortAnswer(rule.match)}`, thing.id)),
            ...leading(thing.otherwise, 'wrong', 'any other answer', thing.id),
        ]),
    ];
}

function wordsOf(thing) {
    return `tap “${plain(thing.md || thing.label || 'picture')}”`;
}

/** A matcher in a few words. */
function shortAnswer(match) {
    if (!match) return 'no answer yet';
    if (match.equals !== undefined && list(match.equals).length === 0) return 'no answer yet';
    if (match.equals !== undefined) return `“${list(match.equals)[0] ?? ''}”${list(match.equals).length > 1 ? ' …' : ''}`;
    if (match.number !== undefined) return `${match.number}${match.unit ? ` ${match.unit}` : ''}`;
    if (match.has !== undefined) return `says “${match.has[0] ?? ''}”`;
    if (match.length !== undefined) return 'a full sentence';
    if (match.anything) return 'any answer';
    if (match.options !== undefined) return 'the right options';

    return 'a right answer';
}

function plain(text) {
    const words = String(text).replace(/[*_#>`]/g, '').replace(/\s+/g, ' ').trim();

    return words.length > 60 ? `${words.slice(0, 58)}…` : words;
}

/** Scene ids that some chain of routes leads to from the start, conditions left aside. */
function reached(game, ways) {
    const seen = new Set([game.start]);
    const queue = [game.start];
    const next = Map.groupBy ? Map.groupBy(ways, (way) => way.from) : groups(ways);
    while (queue.length > 0) {
        for (const way of next.get(queue.pop()) ?? []) {
            const to = way.to === '@start' ? game.start : way.to;
            if (seen.has(to)) continue;
            seen.add(to);
            queue.push(to);
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

    return { gives: [...new Set(text(/"give":"([^"]+)"/g, scene))], wants: [...new Set([...text(/"has":"([^"]+)"/g, scene.needs), ...list(scene.needs?.hasOf)])] };
}

export { list, plain, reached, shortAnswer, tokensOf, routesIn };

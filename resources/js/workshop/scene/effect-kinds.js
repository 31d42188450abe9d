import { freshId } from '../editor/document.js';
import { kindIn, whole } from '../editor/whole.js';
import { chapters, covers, locks, tallies, tokens } from './parts.js';

/**
 * What a reaction can do, by the key an effect is written under: the parts it may name, the list in which a new one can
 * be made on the spot, and the number beside it.
 */
const EFFECTS = {
    give: { choices: tokens, makes: 'tokens' },
    take: { choices: tokens },
    add: { choices: tallies, makes: 'tallies', number: 'by' },
    set: { choices: tallies, makes: 'tallies', number: 'to' },
    must: { choices: tallies, makes: 'tallies' },
    never: { choices: tallies, makes: 'tallies' },
    open: { choices: locks },
    close: { choices: locks },
    lift: { choices: covers },
    lower: { choices: covers },
    forget: { choices: chapters },
};

const NEW = {
    tokens: (words) => ({ id: freshId('token'), name: words.token, kind: 'item' }),
    tallies: (words) => ({ id: freshId('tally'), name: words.tally, start: 0, shown: true }),
};

/** `{kind, id, number}` of an effect; `number` where its kind has one. */
function readEffect(effect) {
    const kind = kindIn(effect, EFFECTS);
    if (!kind) return null;
    const { number } = EFFECTS[kind];

    return { kind, id: effect[kind], ...(number ? { number: whole('effects', kind, effect)[number] } : {}) };
}

/** @param {{kind: string, id: string, number?: number}} said */
function writeEffect({ kind, id, number }) {
    const field = EFFECTS[kind].number;

    return { [kind]: id, ...(field ? { [field]: number ?? whole('effects', kind, {})[field] } : {}) };
}

/** A new part for an effect to name, and the command that makes it; null where its kind can't be made here. */
function made(kind, game, words) {
    const { makes } = EFFECTS[kind];
    if (!makes) return null;
    const value = NEW[makes](words);

    return { id: value.id, command: { insert: makes, in: '@game', after: game[makes]?.at(-1)?.id ?? null, value } };
}

export { EFFECTS, made, readEffect, writeEffect };

import { t, wordsAt } from '../../lib/catalogue.js';
import { momentOf } from './films.js';
import { said } from './marks.js';
import { list } from './walk.js';
import { kindIn, whole } from './whole.js';

function short(text) {
    const words = text.replace(/\s+/g, ' ').trim();

    return words.length > 32 ? `${words.slice(0, 30)}…` : words;
}

/** Any condition in words, for reading; what kinds say of themselves on the server. */
function sentence(condition, game) {
    const kind = kindIn(condition, SAID);

    return kind ? SAID[kind](whole('condition', kind, condition), namesIn(game), game) : t('ways.condition');
}

const some = (kind, ids, name, atLeast) =>
    t(`kinds.condition.${kind}`, { count: atLeast, parts: list(ids).map(name).join(', ') });

const numbered = (kind, part, { is, value }) =>
    t(`kinds.condition.${kind}`, { part, is: wordsAt('kinds.comparison')[is] ?? is, value });

const joined = (kind, parts, game) =>
    parts.map((part) => sentence(part, game)).join(` ${t(`kinds.condition.${kind}`)} `);

const SAID = {
    all: ({ all }, names, game) => joined('all', all, game),
    any: ({ any }, names, game) => joined('any', any, game),
    not: ({ not }, names, game) => t('kinds.condition.not', { inner: sentence(not, game) }),
    has: ({ has }, { token }) => t('kinds.condition.has', { part: token(has) }),
    hasOf: ({ hasOf, atLeast }, { token }) => some('hasOf', hasOf, token, atLeast),
    open: ({ open }, { lock }) => t('kinds.condition.open', { part: lock(open) }),
    openOf: ({ openOf, atLeast }, { lock }) => some('openOf', openOf, lock, atLeast),
    liftedOf: ({ liftedOf, atLeast }, { cover }) => some('liftedOf', liftedOf, cover, atLeast),
    firstTry: ({ firstTry, atLeast }, { lock }) => some('firstTry', firstTry, lock, atLeast),
    visited: ({ visited }, { scene }) => t('kinds.condition.visited', { part: scene(visited) }),
    lifted: ({ lifted }, { cover }) => t('kinds.condition.lifted', { part: cover(lifted) }),
    found: ({ found }, { board }) => t('kinds.condition.found', { part: board(found) }),
    tally: (condition, { tally }) => numbered('tally', tally(condition.tally), condition),
    leads: ({ leads, among, ties }, { tally }) =>
        t(`kinds.condition.${{ first: 'leads', all: 'leadsAlso', none: 'leadsAlone' }[ties]}`, {
            part: tally(leads),
            among: list(among).map(tally).join(', '),
        }),
    tied: ({ tied }, { tally }) => t('kinds.condition.tied', { parts: list(tied).map(tally).join(', ') }),
    tries: (condition, { lock }) => numbered('tries', lock(condition.tries), condition),
    minutes: (condition) => numbered('minutes', '', { is: condition.is, value: condition.minutes }),
};

/** What parts are called: by their names, and locks and covers by what students read on them. */
function namesIn(game) {
    const thing = (id) => game.scenes.flatMap((one) => one.things ?? []).find((one) => one.id === id);

    return {
        token: (id) => said(game.tokens?.find((one) => one.id === id)?.name ?? id, game),
        tally: (id) => game.tallies?.find((one) => one.id === id)?.name ?? id,
        scene: (id) => game.scenes.find((one) => one.id === id)?.title ?? momentOf(game, id)?.title ?? id,
        lock: (id) => (thing(id) ? short(said(thing(id).label || thing(id).ask || id, game)) : id),
        board: (id) => short(thing(id)?.label || t('workshop.kinds.find')),
        cover: (id) => (thing(id)?.label ? short(thing(id).label) : t('ways.cover')),
    };
}

export { sentence };

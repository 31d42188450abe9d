import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { sentence } from '../editor/sentence.js';
import { KINDS, readCondition, writeCondition } from './condition-kinds.js';
import { line, pick, tick } from '../editor/fields.js';

/**
 * A condition as a sentence made of parts: who something is for. Several may be joined by "and" or by "or". Those it
 * can't say are told and kept as they are.
 *
 * `take` gets the condition, or undefined for "everybody".
 */
function conditionField({ key, label, value, take, editor, isPart = false }) {
    const join = value?.all ? 'all' : value?.any ? 'any' : null;
    if (join) return joined({ key, label, value, take, editor, join });
    const words = wordsAt('workshop.conditions');
    const said = readCondition(value);
    const game = editor.store.game;
    const put = (next) => take(writeCondition({ ...said, ...next }, game));
    const change = (kind) => {
        if (kind === '') return take(undefined);
        const first =
            kind === 'other'
                ? []
                : KINDS[kind]
                      .choices(game)
                      .slice(0, 1)
                      .map(([id]) => id);
        if (first.length > 0) take(writeCondition({ kind, ids: first, atLeast: 1 }, game));
        else editor.alarm(words.nothing[kind] ?? words.nothing.lack);
    };
    const kinds = Object.entries(words.kinds).filter(
        ([kind]) => (kind !== 'other' || said.kind === 'other') && (kind !== '' || !isPart),
    );

    return el(
        'div',
        { class: 'condition', 'data-key': `${key}.condition` },
        pick({ key: `${key}.kind`, label, value: said.kind, options: kinds, take: change, shown: !isPart }),
        said.kind === 'other'
            ? el('p', { class: 'help' }, sentence(value, editor.store.game))
            : said.kind === ''
              ? null
              : parts(said, put, key, editor),
        said.kind === '' || isPart ? null : more(value, take, key, editor),
    );
}

/** Conditions joined by "and" or "or". */
function joined({ key, label, value, take, editor, join }) {
    const words = wordsAt('workshop.conditions');
    const held = value[join];
    const put = (parts) => take(parts.length > 1 ? { [join]: parts } : parts[0]);

    return el(
        'div',
        { class: 'condition', 'data-key': `${key}.condition` },
        pick({
            key: `${key}.join`,
            label,
            value: join,
            options: Object.entries(words.joins),
            take: (to) => take({ [to]: held }),
        }),
        held.map((part, at) =>
            el(
                'div',
                { class: 'condition-joined', 'data-key': `${key}.joined.${at}` },
                conditionField({
                    key: `${key}.${at}`,
                    label: words.joined,
                    value: part,
                    editor,
                    isPart: true,
                    take: (to) => put(held.flatMap((one, place) => (place === at ? (to ? [to] : []) : [one]))),
                }),
                el(
                    'button',
                    {
                        class: 'mover',
                        'aria-label': words.without,
                        'data-key': `${key}.without.${at}`,
                        onclick: () => put(held.filter((one, place) => place !== at)),
                    },
                    icon('x'),
                ),
            ),
        ),
        more(value, take, key, editor),
    );
}

function more(value, take, key, editor) {
    const join = value.all ? 'all' : value.any ? 'any' : null;
    const add = () => take(join ? { [join]: [...value[join], another(editor)] } : { all: [value, another(editor)] });

    return el(
        'button',
        { class: 'link', 'data-key': `${key}.more`, onclick: add },
        icon('plus'),
        t('workshop.conditions.more'),
    );
}

/** What a further part begins with: something that is there. */
function another(editor) {
    const { game } = editor.store;

    return game.tokens?.length ? { has: game.tokens[0].id } : { visited: game.start };
}

function parts(said, put, key, editor) {
    const words = wordsAt('workshop.conditions');
    const { choices, isMany, isNumber, isTime, isRanking, isWhole } = KINDS[said.kind];
    const all = choices(editor.store.game);
    if (isNumber) return numberParts(said, put, key, isTime ? [] : all, words);
    if (isRanking) return rankingParts(said, put, key, all, words);
    if (!isMany)
        return pick({
            key: `${key}.of`,
            label: words.which,
            shown: false,
            value: said.ids[0],
            options: all,
            take: (id) => put({ ids: [id] }),
        });
    const toggle = (id, on) => {
        const next = all.map(([one]) => one).filter((one) => (one === id ? on : said.ids.includes(one)));
        put({
            ids: next,
            atLeast: said.atLeast >= said.ids.length ? next.length : Math.min(said.atLeast, next.length),
        });
    };
    const count = said.ids.length;

    return el(
        'div',
        { class: 'condition-parts' },
        count > 1 && !isWhole
            ? pick({
                  key: `${key}.many`,
                  label: words.many,
                  value: String(Math.min(said.atLeast, count)),
                  options: said.ids.map((_, at) => [
                      String(at + 1),
                      at + 1 === count ? words.allOf : at === 0 ? words.anyOf : `${at + 1} ${words.someOf}`,
                  ]),
                  take: (atLeast) => put({ atLeast: Number(atLeast) }),
              })
            : null,
        all.map(([id, name]) =>
            tick({ key: `${key}.${id}`, label: name, value: said.ids.includes(id), take: (on) => toggle(id, on) }),
        ),
    );
}

/** Which tally is highest, among which others, and whose a tie is: of the first in the list, where it is one's. */
function rankingParts({ ids, among, ties }, put, key, all, words) {
    const names = new Map(all);
    const known = among.filter((id) => names.has(id));
    const others = all.map(([id]) => id).filter((id) => !among.includes(id));

    return el(
        'div',
        { class: 'condition-parts' },
        pick({
            key: `${key}.of`,
            label: words.which,
            shown: false,
            value: ids[0],
            options: all,
            take: (id) => put({ ids: [id] }),
        }),
        el('p', { class: 'help' }, words.amongThese),
        known.map((id, place) => rival({ id, place, ids, known, names, ties, key, put })),
        others.map((id) =>
            tick({
                key: `${key}.${id}`,
                label: names.get(id),
                value: false,
                take: () => put({ among: [...known, id] }),
            }),
        ),
        pick({
            key: `${key}.ties`,
            label: words.tie,
            value: ties,
            options: Object.entries(words.ties),
            take: (to) => put({ ties: to }),
        }),
    );
}

function rival({ id, place, ids, known, names, ties, key, put }) {
    const earlier = () => put({ among: known.toSpliced(place, 1).toSpliced(place - 1, 0, id) });

    return el(
        'div',
        { class: 'small-line' },
        tick({
            key: `${key}.${id}`,
            label: names.get(id),
            value: true,
            take: () => put({ among: id === ids[0] ? known : known.filter((one) => one !== id) }),
        }),
        ties === 'first' && place > 0
            ? el(
                  'button',
                  {
                      class: 'mover',
                      'data-key': `${key}.earlier.${id}`,
                      'aria-label': t('workshop.conditions.earlier', { name: names.get(id) }),
                      onclick: earlier,
                  },
                  icon('arrow-up'),
              )
            : null,
    );
}

function numberParts(said, put, key, all, words) {
    return el(
        'div',
        { class: 'condition-number' },
        all.length > 0
            ? pick({
                  key: `${key}.of`,
                  label: words.which,
                  shown: false,
                  value: said.ids[0],
                  options: all,
                  take: (id) => put({ ids: [id] }),
              })
            : null,
        pick({
            key: `${key}.is`,
            label: words.compare,
            shown: false,
            value: said.is,
            options: Object.entries(words.comparisons),
            take: (is) => put({ is }),
        }),
        line({
            key: `${key}.value`,
            label: words.value,
            shown: false,
            width: 'tiny',
            type: 'number',
            value: said.value,
            take: (text) => put({ value: Number(text) || 0 }),
        }),
    );
}

export { conditionField };

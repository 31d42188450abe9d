import { t, wordsAt } from '../../../lib/catalogue.js';
import { answersIn } from '../../../lib/cells.js';
import { el } from '../../../lib/tree.js';
import { area, line, pick, tick } from '../../editor/fields.js';
import { list } from '../../editor/ways.js';
import { areaOnPicture } from './area.js';
import { JOINS, joinedFields } from './joined.js';
import { KINDS } from './kinds.js';
import { measure } from './kinds/typed.js';
import { recorder } from './recorder.js';
import { isSame } from './words.js';

/** What a new rule of each shape takes, of a lock as it stands. */
const BEGIN = {
    equals: () => ({ equals: [] }),
    has: () => ({ has: [] }),
    hasAll: () => ({ hasAll: [] }),
    close: () => ({ close: '', edits: 1 }),
    like: () => ({ like: '' }),
    length: () => ({ length: { min: 3, max: null, of: 'words' } }),
    mathematics: () => ({ mathematics: '' }),
    number: (lock) => ({ number: 0, ...(lock.input.unit ? { unit: lock.input.unit } : {}) }),
    between: () => ({ between: [0, 10] }),
    options: (lock) => ({ options: [lock.input.options[0].id] }),
    order: () => ({ order: [] }),
    pairs: (lock) => KINDS.pairs.whole(lock.input),
    gaps: (lock) => KINDS.gaps.match([], lock.input, 0),
    inside: () => ({ inside: [] }),
    right: (lock) => ({ right: { of: wholeOf(lock), atLeast: 1 } }),
    pattern: () => ({ pattern: '\\d{4}' }),
    form: () => ({ form: 'date' }),
    any: (lock) => ({ any: [firstOf(lock), firstOf(lock)] }),
    all: (lock) => ({ all: [firstOf(lock), firstOf(lock)] }),
    not: (lock) => ({ not: firstOf(lock) }),
    anything: () => ({ anything: true }),
};

/** A match of another kind: what is joined keeps what was there, and what comes out of a join is kept. */
function turned(match, kind, lock) {
    const held = kindOf(match);
    const inner = held === 'not' ? [match.not] : JOINS.includes(held) ? list(match[held]) : [match];
    if (kind === 'not') return { not: inner[0] };
    if (JOINS.includes(kind)) return { [kind]: inner.length > 1 ? inner : [...inner, firstOf(lock)] };

    return inner.find((one) => kindOf(one) === kind) ?? BEGIN[kind](lock);
}

const firstOf = (lock) => BEGIN[KINDS[lock.input.type].matches[0]](lock);

/** All that is right, by the first rule that says it. */
function wholeOf(lock) {
    const kind = KINDS[lock.input.type].matches[0];
    const match = list(lock.rules).find((rule) => rule.match?.[kind])?.match;

    return match ?? BEGIN[kind](lock);
}

const kindOf = (match) => Object.keys(match ?? {}).find((name) => name in BEGIN);

const nameOf = (kind, lock) =>
    t(`cards.rules.names.${kind === 'equals' && lock.input.type === 'arrows' ? 'order' : kind}`);

/**
 * The fields of what a rule takes.
 *
 * @param {{lock: any, match: any, key: string, editor: any, take: (match: any, fields?: any) => void}} rule
 */
function matchFields({ lock, match, key, editor, take }) {
    const kind = kindOf(match);
    const { choices, whole } = KINDS[lock.input.type] ?? {};
    const record = (value, length, give) =>
        recorder({
            key: `${key}.${kind}`,
            label: nameOf(kind, lock),
            choices: choices(lock.input),
            length,
            value,
            editor,
            take: give,
        });
    const fields = {
        equals: () =>
            lock.input.type === 'arrows'
                ? record([...(list(match.equals)[0] ?? '')], lock.input.length, (ways) =>
                      take({ equals: ways.length > 0 ? [ways.join('')] : [] }),
                  )
                : lines(lock, match, 'equals', key, t('cards.rules.rightAnswersOneALine'), take),
        has: () => lines(lock, match, 'has', key, t('cards.rules.wordsOneALineAny'), take),
        hasAll: () => lines(lock, match, 'hasAll', key, t('cards.rules.wordsOneALine'), take),
        close: () => worded('close', t('cards.rules.oneSlipAwayFrom')),
        like: () => worded('like', t('cards.rules.anyLettersOneLetter')),
        length: () => lengthLine(match, key, take),
        number: () => numberLine(match, key, take),
        between: () => betweenLine(match, key, take),
        options: () => optionTicks(lock, match, key, take),
        order: () =>
            whole && isSame(match, whole(lock.input))
                ? el('p', { class: 'help' }, t('cards.rules.asListed'))
                : record(match.order, lock.input.length ?? lock.input.items.length, (order) => take({ order })),
        pairs: () =>
            isSame(match, whole(lock.input))
                ? el('p', { class: 'help' }, t('cards.rules.asListed'))
                : pairLists(lock, match, key, take),
        gaps: () => gapLines(match, key, take),
        inside: () =>
            areaOnPicture({
                key: `${key}.inside`,
                asset: lock.input.asset,
                corners: match.inside,
                editor,
                take: (inside) => take({ inside }),
            }),
        right: () => someRight(match, key, take),
        pattern: () => worded('pattern', t('cards.rules.patternHint')),
        form: () => formPick(match, key, take),
        mathematics: () => termLine(match, key, take),
        any: () => joined(),
        all: () => joined(),
        not: () => joined(),
        anything: () => null,
    };
    const joined = () =>
        joinedFields({
            lock,
            match,
            kind,
            kinds: KINDS[lock.input.type].matches,
            key,
            take,
            nameOf,
            kindOf,
            begin: (name) => BEGIN[name](lock),
            fieldsOf: (part) => matchFields({ ...part, lock, editor }),
        });
    const worded = (field, hint) =>
        line({
            key: `${key}.${field}`,
            label: nameOf(field, lock),
            shown: false,
            value: match[field],
            hint,
            take: (text) => take({ ...match, [field]: text }),
        });

    return fields[kind]();
}

/** Answers, one a line. A code sets as many places as it has digits. */
function lines(lock, match, field, key, hint, take) {
    return area({
        key: `${key}.${field}`,
        label: nameOf(field, lock),
        rows: 1,
        hint,
        value: list(match[field]).join('\n'),
        take(text) {
            const answers = text
                .split('\n')
                .map((one) => one.trim())
                .filter(Boolean);
            const isCode = lock.input.type === 'digits' && /^\d{1,20}$/.test(answers[0] ?? '');
            take(
                { ...match, [field]: answers },
                isCode && answers[0].length !== lock.input.length
                    ? { input: { ...lock.input, length: answers[0].length } }
                    : {},
            );
        },
    });
}

function number(key, label, value, give, width = 'short') {
    return line({
        key,
        label,
        shown: false,
        width,
        value,
        take: (text) => give(Number(text.replace(',', '.')) || 0),
    });
}

function formPick(match, key, take) {
    return pick({
        key: `${key}.form`,
        label: t('cards.rules.names.form'),
        shown: false,
        value: match.form,
        options: Object.entries(wordsAt('cards.rules.forms')),
        take: (form) => take({ form }),
    });
}

function termLine(match, key, take) {
    return el(
        'div',
        { class: 'small-line' },
        line({
            key: `${key}.mathematics`,
            label: t('cards.rules.term'),
            shown: false,
            value: match.mathematics,
            hint: t('cards.rules.termHint'),
            take: (mathematics) => take({ ...match, mathematics }),
        }),
        pick({
            key: `${key}.as`,
            label: t('cards.rules.termAs'),
            shown: false,
            value: match.as ?? 'any',
            options: Object.entries(wordsAt('cards.rules.terms')),
            take: (as) => take({ ...match, as }),
        }),
    );
}

function lengthLine(match, key, take) {
    const set = (fields) => take({ length: { ...match.length, ...fields } });

    return el(
        'div',
        { class: 'small-line' },
        t('cards.rules.atLeast'),
        number(`${key}.words`, t('cards.rules.least'), match.length.min, (min) => set({ min }), 'tiny'),
        t('cards.rules.atMost'),
        line({
            key: `${key}.mostWords`,
            label: t('cards.rules.most'),
            shown: false,
            width: 'tiny',
            value: match.length.max ?? '',
            take: (max) => set({ max: Number(max) > 0 ? Number(max) : null }),
        }),
        measure(`${key}.of`, match.length.of ?? 'characters', (of) => set({ of })),
    );
}

function numberLine(match, key, take) {
    return el(
        'div',
        { class: 'small-line' },
        number(`${key}.number`, t('cards.rules.number'), match.number, (value) => take({ ...match, number: value })),
        match.unit ?? '',
        '±',
        line({
            key: `${key}.within`,
            label: t('cards.rules.howFarOff'),
            shown: false,
            width: 'short',
            value: match.within ?? '',
            hint: t('cards.rules.zeroOrShare'),
            take: (text) => take(within(match, text)),
        }),
    );
}

function within(match, text) {
    const { within: old, ...rest } = match;
    const value = text.trim();
    if (value === '' || value === '0') return rest;

    return { ...rest, within: value.endsWith('%') ? value : Number(value.replace(',', '.')) || 0 };
}

function betweenLine({ between: [least, most] }, key, take) {
    return el(
        'div',
        { class: 'small-line' },
        number(`${key}.least`, t('cards.rules.least'), least, (value) => take({ between: [value, most] })),
        t('cards.rules.and'),
        number(`${key}.most`, t('cards.rules.most'), most, (value) => take({ between: [least, value] })),
    );
}

function optionTicks(lock, match, key, take) {
    const picked = (id, on) => {
        if (!lock.input.many) return on ? [id] : match.options;

        return on ? [...match.options, id] : match.options.filter((other) => other !== id);
    };

    return el(
        'div',
        { class: 'rule-options' },
        lock.input.options.map((one, place) =>
            tick({
                key: `${key}.${one.id}`,
                label: one.md || t('cards.items.one', { name: t('cards.lock.oneOption'), number: place + 1 }),
                value: match.options.includes(one.id),
                take: (on) => take({ options: picked(one.id, on) }),
            }),
        ),
    );
}

function pairLists(lock, match, key, take) {
    return lock.input.left.map((left) =>
        el(
            'div',
            { class: 'small-line' },
            pick({
                key: `${key}.${left.id}`,
                label: left.md,
                value: match.pairs[left.id] ?? '',
                options: [['', '…'], ...lock.input.right.map(({ id, md }) => [id, md])],
                take: (right) => take({ pairs: { ...match.pairs, [left.id]: right } }),
            }),
        ),
    );
}

function gapLines(match, key, take) {
    return Object.entries(match.gaps).map(([id, one], place) =>
        line({
            key: `${key}.${id}`,
            label: t('cards.rules.gap', { number: place + 1 }),
            value: list(one.equals ?? one.close).join(' | '),
            hint: t('cards.rules.gapHint'),
            take: (text) => take({ gaps: { ...match.gaps, [id]: { equals: answersIn(text) } } }),
        }),
    );
}

function someRight({ right }, key, take) {
    return el(
        'div',
        { class: 'small-line' },
        t('cards.rules.atLeast'),
        number(
            `${key}.atLeast`,
            t('cards.rules.howMany'),
            right.atLeast,
            (atLeast) => take({ right: { ...right, atLeast: Math.max(1, Math.round(atLeast)) } }),
            'tiny',
        ),
        t('cards.rules.areRight'),
    );
}

export { BEGIN, kindOf, matchFields, nameOf, turned };

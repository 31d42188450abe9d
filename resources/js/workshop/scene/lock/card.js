import { t, wordsAt } from '../../../lib/catalogue.js';
import { el } from '../../../lib/tree.js';
import { area, line, now, pick, tick } from '../../editor/fields.js';
import { renamings } from '../../editor/naming.js';
import { list } from '../../editor/ways.js';
import { conditionField } from '../condition.js';
import { backFields, backIn, backOffer } from '../film/back.js';
import { reactionsField } from '../reactions.js';
import { againLines } from './again.js';
import { fairnessField } from './fairness.js';
import { guard } from './guard.js';
import { hints } from './hints.js';
import { KINDS } from './kinds.js';
import { roundsFields, roundsOffer } from './rounds.js';
import { otherwiseLines, ruleLines } from './rules.js';
import { isSame, without, wordsOf } from './words.js';

/** A lock's card: how it is answered, its rules in order, what else is said, hints and guard. */
function lockCard(lock, editor) {
    const here = editor.store.game.scenes.find(({ id }) => id === editor.scene);

    return [
        againLines(lock, editor),
        lock.box
            ? area({
                  key: `${lock.id}.card-ask`,
                  says: editor,
                  label: t('cards.lock.whatItAsks'),
                  shown: true,
                  rows: 2,
                  value: lock.ask ?? '',
                  take: (ask) =>
                      editor.store.edit({ set: lock.id, field: 'ask', to: ask }, t('edits.labels.whatTheLockAsks')),
              })
            : null,
        line({
            key: `${lock.id}.label`,
            label: t('cards.lock.name'),
            value: lock.label,
            hint: t('cards.lock.aNameStudentsSeeIf'),
            take: (label) =>
                editor.store.edit(
                    renamings(editor.store.game, now(editor, lock), 'label', label),
                    t('edits.labels.nameOfTheLock'),
                ),
        }),
        list(lock.rounds).length > 0
            ? roundsFields(lock, editor)
            : [
                  inputFields(lock, editor),
                  el('h3', { class: 'caps' }, t('cards.lock.rulesFirstThatFits')),
                  ruleLines(lock, editor),
              ],
        backIn(lock) ? backFields(lock, editor) : [otherwiseLines(lock, editor), backOffer(lock, here, editor)],
        list(lock.rounds).length > 0 ? null : roundsOffer(lock, editor),
        fairnessField(lock, editor),
        tellsField(lock, editor),
        eyeField(lock, editor),
        hints(lock, editor),
        guard(lock, editor),
        el(
            'details',
            { class: 'card-more', 'data-key': `${lock.id}.opened.more` },
            el('summary', {}, t('workshop.openedMore')),
            reactionsField(lock, 'opened', editor),
        ),
        el(
            'div',
            { class: 'card-part' },
            conditionField({
                key: `${lock.id}.needs`,
                label: t('cards.lock.takesAnAnswerFrom'),
                value: lock.needs,
                editor,
                take: (needs) =>
                    editor.store.edit({ set: lock.id, field: 'needs', to: needs }, t('edits.labels.whoMayAnswer')),
            }),
        ),
    ];
}

/** What is written freely may wait until the teacher has read it. */
function eyeField(lock, editor) {
    if (!['long', 'text'].includes(lock.input?.type ?? 'text')) return null;

    return tick({
        key: `${lock.id}.eye`,
        label: t('cards.lock.eye'),
        value: lock.eye === true,
        take: (on) => editor.store.edit({ set: lock.id, field: 'eye', to: on || undefined }, t('edits.labels.eye')),
    });
}

/** Whether a right answer opens something, is right, or is neither: a matter of opinion. */
function tellsField(lock, editor) {
    return pick({
        key: `${lock.id}.tells`,
        label: t('cards.lock.tells'),
        value: lock.tells ?? '',
        options: ['', 'open', 'right', 'noted'].map((name) => [name, t(`cards.lock.tellsAs.${name || 'usual'}`)]),
        take: (tells) =>
            editor.store.edit({ set: lock.id, field: 'tells', to: tells || undefined }, t('edits.labels.tells')),
    });
}

function inputFields(lock, editor) {
    const input = lock.input ?? { type: 'text' };
    const setAll = (fields, made = []) =>
        editor.store.edit(
            [...made, ...Object.entries(fields).map(([field, to]) => ({ set: lock.id, field, to }))],
            t('edits.labels.kindOfAnswer'),
        );
    const set = (fields, made = []) => setAll(following(now(editor, lock), fields), made);

    const about = { lock, input, set, setAll, editor };
    const kind = KINDS[input.type];

    return [
        el(
            'div',
            { class: 'card-row' },
            pick({
                key: `${lock.id}.type`,
                label: t('cards.lock.answeredWith'),
                value: input.type,
                options: Object.entries(wordsAt('workshop.inputs')),
                take: (type) => changeKind(lock, type, editor),
            }),
            kind?.beside?.(about),
        ),
        kind?.fields?.(about),
    ];
}

/** The input with other fields; rules forget what is gone, and what follows from the input goes on following. */
function following(lock, fields) {
    const input = { ...lock.input, ...fields };
    for (const [name, value] of Object.entries(fields)) if (value === undefined) delete input[name];
    const left = partsOf(input);
    const gone = new Set([...partsOf(lock.input)].filter((id) => !left.has(id)));
    const { whole, matches } = KINDS[input.type];
    const isWhole = (match) => matches[0] !== 'options' && whole && isSame(match, whole(lock.input));
    const follow = (match) => {
        if (isWhole(match)) return whole(input);
        if (isWhole(match?.right?.of)) return { right: { ...match.right, of: whole(input) } };

        return gone.size > 0 ? without(match, gone) : match;
    };
    const rules = list(lock.rules).map((rule) => ({ ...rule, match: follow(rule.match) }));

    return { input, ...(isSame(rules, list(lock.rules)) ? {} : { rules }) };
}

/** Ids of all that an answer is made of. */
const partsOf = (input) =>
    new Set(['options', 'keys', 'items', 'left', 'right'].flatMap((name) => list(input[name]).map(({ id }) => id)));

/** The rules follow the kind of answer, as far as they can say the same there; what they can't is said. */
function changeKind(lock, type, editor) {
    const held = now(editor, lock);
    const kind = KINDS[type];
    const said = list(held.rules).map((rule) => wordsOf(rule.match, held.input ?? {}));
    const opens = said.filter((words, place) => held.rules[place].verdict === 'open').flat();
    const others = said.filter((words, place) => held.rules[place].verdict !== 'open').flat();
    const scene = editor.store.game.scenes.find(({ id }) => id === editor.scene);
    const input = kind.begin(opens, others, scene);
    const rules = list(held.rules).map((rule, place) => ({ ...rule, match: kind.match(said[place], input, place) }));
    editor.store.edit(
        [
            { set: lock.id, field: 'input', to: input },
            { set: lock.id, field: 'rules', to: rules },
        ],
        t('edits.labels.kindOfAnswer'),
    );
    const lost = said.flat().filter((word) => !stays(word, rules, input));
    if (lost.length > 0) editor.alarm(t('cards.lock.notKept', { words: lost.slice(0, 6).join(', ') }));
}

function stays(word, rules, input) {
    return (
        rules.some((rule) => wordsOf(rule.match, input).includes(word)) ||
        list(input.options).some(({ md }) => md === word)
    );
}

export { lockCard };

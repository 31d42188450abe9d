import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon, mark } from '../../lib/tree.js';
import { list } from '../editor/ways.js';
import { effectsField } from './effects.js';
import { area, destination, line, now, pick, tick } from '../editor/fields.js';
import { reactionsField } from './reactions.js';

/** What an answer may be asked to be like, for each kind of input; the first is what a new rule begins with. */
const MATCHES = {
    text: ['equals', 'has', 'close', 'like', 'anything'],
    long: ['length', 'has', 'hasAll', 'equals', 'anything'],
    number: ['number', 'between', 'anything'],
    digits: ['equals', 'anything'],
    options: ['options', 'anything'],
};

const nameOf = (kind) => t(`cards.rules.names.${kind}`);

const BEGIN = {
    equals: () => ({ equals: [] }),
    has: () => ({ has: [] }),
    hasAll: () => ({ hasAll: [] }),
    close: () => ({ close: '', edits: 1 }),
    like: () => ({ like: '' }),
    length: () => ({ length: { min: 3, max: null, of: 'words' } }),
    number: (lock) => ({ number: 0, ...(lock.input.unit ? { unit: lock.input.unit } : {}) }),
    between: () => ({ between: [0, 10] }),
    options: (lock) => ({ options: [lock.input.options[0].id] }),
    anything: () => ({ anything: true }),
};

function ruleLines(lock, editor) {
    const rules = list(lock.rules);
    const set = (alter, label, made = []) =>
        editor.store.edit([...made, { set: lock.id, field: 'rules', to: alter(list(now(editor, lock).rules)) }], label);
    const kinds = MATCHES[lock.input?.type] ?? [];
    const add = () =>
        set(
            (all) => [...all, { match: BEGIN[kinds[0]](now(editor, lock)), verdict: 'almost', say: '' }],
            t('edits.labels.newRule'),
        );

    return [
        el(
            'ol',
            { class: 'rules' },
            rules.map((rule, place) => ruleLine(lock, rule, place, set, kinds, editor)),
        ),
        kinds.length > 0
            ? el(
                  'button',
                  { class: 'link', 'data-key': `${lock.id}.add-rule`, onclick: add },
                  icon('plus'),
                  t('cards.rules.aRuleForAnotherAnswer'),
              )
            : null,
    ];
}

function ruleLine(lock, rule, place, set, kinds, editor) {
    const key = `${lock.id}.rule.${place}`;
    const change = (fields, label, made) =>
        set((all) => all.map((other, at) => (at === place ? { ...other, ...fields } : other)), label, made);
    const kind = Object.keys(rule.match ?? {}).find((name) => name in BEGIN);
    const known = kinds.includes(kind);

    return el(
        'li',
        { class: 'rule' },
        el(
            'div',
            { class: 'rule-head' },
            mark(rule.verdict),
            known
                ? pick({
                      key: `${key}.kind`,
                      label: t('cards.rules.theAnswer'),
                      shown: false,
                      value: kind,
                      options: kinds.map((name) => [name, nameOf(name)]),
                      take: (name) => change({ match: BEGIN[name](lock) }, t('edits.labels.whatTheRuleCatches')),
                  })
                : el('span', { class: 'help' }, t('cards.rules.aRuleKeptAsIt')),
            pick({
                key: `${key}.verdict`,
                label: t('cards.rules.verdict'),
                shown: false,
                value: rule.verdict,
                options: Object.entries(wordsAt('workshop.verdicts')),
                take: (verdict) => change({ verdict }, t('edits.labels.verdict')),
            }),
            list(lock.rules).length > 1
                ? el(
                      'button',
                      {
                          class: 'mover',
                          'aria-label': t('cards.rules.deleteThisRule'),
                          onclick: () =>
                              set((all) => all.filter((other, at) => at !== place), t('edits.labels.deletedARule')),
                      },
                      icon('x'),
                  )
                : null,
        ),
        known
            ? matchFields(lock, rule.match, kind, key, (match) => change({ match }, t('edits.labels.rightAnswer')))
            : null,
        area({
            key: `${key}.say`,
            label: t('cards.rules.whatStudentsReadThen'),
            hint: t('cards.rules.feedbackIfYouLike'),
            value: rule.say ?? '',
            take: (say) => change({ say }, t('edits.labels.feedback')),
        }),
        destination({
            key: `${key}.go`,
            value: rule.go ?? '',
            editor,
            take: (go, made) => change({ go }, t('edits.labels.whereTheLockLeads'), made),
        }),
        effectsField({
            reaction: rule,
            editor,
            key,
            gives: rule.verdict === 'open',
            set: (fields, made, label) => change(fields, label, made),
        }),
    );
}

function matchFields(lock, match, kind, key, take) {
    const lines = (field, hint) =>
        area({
            key: `${key}.${field}`,
            label: nameOf(kind),
            rows: 1,
            hint,
            value: list(match[field]).join('\n'),
            take: (text) =>
                take({
                    ...match,
                    [field]: text
                        .split('\n')
                        .map((one) => one.trim())
                        .filter(Boolean),
                }),
        });
    const number = (place, label, value, give) =>
        line({
            key: `${key}.${place}`,
            label,
            shown: false,
            width: 'short',
            value,
            take: (text) => give(Number(text.replace(',', '.')) || 0),
        });
    const fields = {
        equals: () => lines('equals', t('cards.rules.rightAnswersOneALine')),
        has: () => lines('has', t('cards.rules.wordsOneALineAny')),
        hasAll: () => lines('hasAll', t('cards.rules.wordsOneALine')),
        close: () =>
            line({
                key: `${key}.close`,
                label: nameOf('close'),
                shown: false,
                value: match.close,
                hint: t('cards.rules.oneSlipAwayFrom'),
                take: (close) => take({ ...match, close }),
            }),
        like: () =>
            line({
                key: `${key}.like`,
                label: nameOf('like'),
                shown: false,
                value: match.like,
                hint: t('cards.rules.anyLettersOneLetter'),
                take: (like) => take({ ...match, like }),
            }),
        length: () =>
            el(
                'div',
                { class: 'small-line' },
                t('cards.rules.atLeast'),
                number('words', t('cards.rules.howMany'), match.length.min, (min) =>
                    take({ length: { ...match.length, min } }),
                ),
                t(`cards.rules.of.${match.length.of}`),
            ),
        number: () =>
            el(
                'div',
                { class: 'small-line' },
                number('number', t('cards.rules.number'), match.number, (value) => take({ ...match, number: value })),
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
            ),
        between: () =>
            el(
                'div',
                { class: 'small-line' },
                number('least', t('cards.rules.least'), match.between[0], (least) =>
                    take({ between: [least, match.between[1]] }),
                ),
                t('cards.rules.and'),
                number('most', t('cards.rules.most'), match.between[1], (most) =>
                    take({ between: [match.between[0], most] }),
                ),
            ),
        options: () =>
            el(
                'div',
                { class: 'rule-options' },
                lock.input.options.map((one) =>
                    tick({
                        key: `${key}.${one.id}`,
                        label: one.md,
                        value: match.options.includes(one.id),
                        take: (on) => take({ options: picked(lock, match, one.id, on) }),
                    }),
                ),
            ),
        anything: () => null,
    };

    return fields[kind]();
}

function within(match, text) {
    const { within: old, ...rest } = match;
    const value = text.trim();
    if (value === '' || value === '0') return rest;

    return { ...rest, within: value.endsWith('%') ? value : Number(value.replace(',', '.')) || 0 };
}

function picked(lock, match, id, on) {
    if (!lock.input.many) return on ? [id] : match.options;

    return on ? [...match.options, id] : match.options.filter((other) => other !== id);
}

/** Feedback to any other answer: what is said from which try on, the last for every one. */
function otherwiseLines(lock, editor) {
    const all = list(lock.otherwise);
    const set = (alter, label, made = []) =>
        editor.store.edit(
            [...made, { set: lock.id, field: 'otherwise', to: alter(list(now(editor, lock).otherwise)) }],
            label,
        );
    if (all.some((reaction) => reaction.if && reaction.if.tries !== lock.id))
        return reactionsField(lock, 'otherwise', editor);
    const last = all.findIndex((reaction) => !reaction.if);
    const change = (place, fields, made) =>
        set(
            (held) =>
                held[place]
                    ? held.map((other, at) => (at === place ? { ...other, ...fields } : other))
                    : [...held, fields],
            t('edits.labels.feedback'),
            made,
        );
    const later = () =>
        set(
            (held) => [{ if: { tries: lock.id, is: '>=', value: 3 }, say: '' }, ...held],
            t('edits.labels.feedbackFromALaterTry'),
        );

    return el(
        'div',
        { class: 'rule otherwise' },
        el('div', { class: 'rule-head' }, mark('wrong'), el('strong', {}, t('cards.rules.anythingElse'))),
        area({
            key: `${lock.id}.otherwise`,
            label: t('cards.rules.feedbackWhenWrong'),
            hint: t('cards.rules.feedbackWhenWrongWithoutIt'),
            value: all[last]?.say ?? '',
            take: (say) => change(last, { say }),
        }),
        destination({
            key: `${lock.id}.otherwise.go`,
            value: all[last]?.go ?? '@stay',
            editor,
            take: (go, made) => change(last, { go }, made),
        }),
        effectsField({
            reaction: all[last] ?? {},
            editor,
            key: `${lock.id}.otherwise`,
            gives: false,
            set: (fields, made) => change(last, fields, made),
        }),
        all.map((reaction, place) =>
            !reaction.if
                ? null
                : el(
                      'div',
                      { class: 'later' },
                      el(
                          'div',
                          { class: 'small-line' },
                          t('cards.rules.fromTry'),
                          line({
                              key: `${lock.id}.later.${place}`,
                              label: t('cards.rules.fromWhichTry'),
                              shown: false,
                              width: 'tiny',
                              type: 'number',
                              value: reaction.if.value,
                              take: (value) => change(place, { if: { ...reaction.if, value: Number(value) || 1 } }),
                          }),
                          el(
                              'button',
                              {
                                  class: 'mover',
                                  'aria-label': t('cards.rules.deleteThis'),
                                  onclick: () =>
                                      set(
                                          (held) => held.filter((other, at) => at !== place),
                                          t('edits.labels.deletedFeedback'),
                                      ),
                              },
                              icon('x'),
                          ),
                      ),
                      area({
                          key: `${lock.id}.later.say.${place}`,
                          label: t('cards.rules.feedbackFromThatTry'),
                          value: reaction.say ?? '',
                          take: (say) => change(place, { say }),
                      }),
                  ),
        ),
        el(
            'button',
            { class: 'link', 'data-key': `${lock.id}.add-later`, onclick: later },
            icon('plus'),
            t('cards.rules.saySomethingElseFromA'),
        ),
    );
}

export { otherwiseLines, ruleLines };

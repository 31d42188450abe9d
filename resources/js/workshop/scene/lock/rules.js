import { t, wordsAt } from '../../../lib/catalogue.js';
import { el, icon, mark } from '../../../lib/tree.js';
import { area, destination, line, now, pick } from '../../editor/fields.js';
import { isStop } from '../../editor/films.js';
import { list } from '../../editor/ways.js';
import { effectsField } from '../effects.js';
import { reactionsField } from '../reactions.js';
import { JOINS } from './joined.js';
import { KINDS } from './kinds.js';
import { isSaidAtOption } from './kinds/options.js';
import { lineGrip, moved } from './reorder.js';
import { BEGIN, kindOf, matchFields, nameOf, turned } from './matches.js';

function ruleLines(lock, editor) {
    const rules = list(lock.rules);
    const set = (alter, label, made = []) =>
        editor.store.edit([...made, { set: lock.id, field: 'rules', to: alter(list(now(editor, lock).rules)) }], label);
    const own = KINDS[lock.input?.type]?.matches ?? [];
    const kinds = own.length > 0 ? [...own, ...JOINS] : [];
    const add = () =>
        set(
            (all) => [
                ...all,
                {
                    match: BEGIN[kinds.at(kinds.includes('right') && kinds[0] !== 'options' ? 1 : 0)](
                        now(editor, lock),
                    ),
                    verdict: 'almost',
                    say: '',
                },
            ],
            t('edits.labels.newRule'),
        );

    return [
        el(
            'ol',
            { class: 'rules', 'data-lines': '' },
            rules.map((rule, place) =>
                isSaidAbove(lock, rule) ? null : ruleLine(lock, rule, place, set, kinds, editor),
            ),
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

/** What is said to one wrong option stands at that option. */
const isSaidAbove = (lock, rule) => lock.input?.type === 'options' && !lock.input.many && isSaidAtOption(rule);

function ruleLine(lock, rule, place, set, kinds, editor) {
    const key = `${lock.id}.rule.${place}`;
    const change = (fields, label, made) =>
        set((all) => all.map((other, at) => (at === place ? { ...other, ...fields } : other)), label, made);
    const kind = kindOf(rule.match);
    // What such a lock is not begun with, but the report or an import may write, is shown as it is.
    const known = kinds.includes(kind) || KINDS.text.matches.includes(kind);
    const named = !known || kinds.includes(kind) ? kinds : [...kinds, kind];
    const takeMatch = (match, fields = {}) =>
        change(
            { match },
            t('edits.labels.rightAnswer'),
            Object.entries(fields).map(([field, to]) => ({ set: lock.id, field, to })),
        );

    return el(
        'li',
        { class: 'rule', 'data-line': place },
        el(
            'div',
            { class: 'rule-head' },
            list(lock.rules).length > 1
                ? lineGrip({
                      key: `${key}.grip`,
                      label: t('cards.rules.moveThisRule'),
                      place,
                      take: (to) => set((all) => moved(all, place, to), t('edits.labels.orderOfRules')),
                  })
                : null,
            mark(rule.verdict),
            known
                ? pick({
                      key: `${key}.kind`,
                      label: t('cards.rules.theAnswer'),
                      shown: false,
                      value: kind,
                      options: named.map((name) => [name, nameOf(name, lock)]),
                      take: (name) =>
                          change(
                              { match: turned(rule.match, name, now(editor, lock)) },
                              t('edits.labels.whatTheRuleCatches'),
                          ),
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
        known ? matchFields({ lock, match: rule.match, key, editor, take: takeMatch }) : null,
        area({
            key: `${key}.say`,
            says: editor,
            label: t('cards.rules.whatStudentsReadThen'),
            hint: t('cards.rules.feedbackIfYouLike'),
            value: rule.say ?? '',
            take: (say) => change({ say }, t('edits.labels.feedback')),
        }),
        destination({
            key: `${key}.go`,
            ...opensInFilm(rule, editor),
            editor,
            take: (go, made) => change({ go: go || elseGo(rule, editor) }, t('edits.labels.whereTheLockLeads'), made),
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

/** Once it is opened in a stop the film goes on, where nothing else is said. */
const isOnInFilm = (rule, editor) =>
    rule.verdict === 'open' &&
    isStop(
        editor.store.game,
        editor.store.game.scenes.find(({ id }) => id === editor.scene),
    );

function opensInFilm(rule, editor) {
    const go = rule.go ?? '';
    if (!isOnInFilm(rule, editor)) return { value: go };

    return { value: go === '@stay' ? '' : go, none: t('films.goesOn') };
}

const elseGo = (rule, editor) => (isOnInFilm(rule, editor) ? '@stay' : '');

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
            says: editor,
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
                          says: editor,
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

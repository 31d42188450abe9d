import { t } from '../../../../lib/catalogue.js';
import { listIn } from '../../../../lib/cells.js';
import { el } from '../../../../lib/tree.js';
import { freshId } from '../../../editor/document.js';
import { area, line, now, tick } from '../../../editor/fields.js';
import { list } from '../../../editor/ways.js';
import { pieces, read, toggled, written } from '../gapped.js';

const newId = () => freshId('gap');

/** A text of which words are pressed to become gaps; what stands in them is what the first rule takes. */
const gaps = {
    matches: ['gaps', 'right', 'anything'],
    begin(words) {
        const { md, answers } = read(t('made.new.gapped', { word: words[0] ?? t('made.new.gap') }), empty(), newId);

        return { type: 'gaps', md, bank: Object.values(answers).flatMap((one) => one.slice(0, 1)) };
    },
    match(words, input, place) {
        const ids = [...(input.md ?? '').matchAll(/(?<!\{)\{([a-z][a-z0-9_-]*)\}/g)].map(([, id]) => id);
        const each = { gaps: Object.fromEntries(ids.map((id, at) => [id, { equals: [list(input.bank)[at] ?? ''] }])) };

        return place === 0 ? each : { right: { of: each, atLeast: Math.max(1, Math.ceil(ids.length / 2)) } };
    },
    fields: ({ lock, input, setAll, editor }) => {
        const gapped = { md: input.md, answers: answersOf(lock) };
        const text = written(gapped);
        const spare = list(input.bank).filter((word) => !firstWords(gapped.answers).includes(word));
        const take = (next) => setAll(changed(now(editor, lock), read(next, gapped, newId), spare));

        return [
            area({
                key: `${lock.id}.gapped`,
                label: t('cards.lock.textWithGaps'),
                shown: true,
                rows: 4,
                value: text,
                take,
            }),
            el('p', { class: 'help' }, t('cards.lock.gapsHelp')),
            el(
                'p',
                { class: 'gap-words' },
                pieces(text).map((piece, place) =>
                    piece.isWord
                        ? el(
                              'button',
                              {
                                  class: 'gap-word',
                                  'data-key': `${lock.id}.word.${place}`,
                                  'aria-pressed': String(piece.isGap),
                                  onclick: () => take(toggled(text, place)),
                              },
                              piece.isGap ? piece.text.slice(1, -1) : piece.text,
                          )
                        : piece.text,
                ),
            ),
            tick({
                key: `${lock.id}.bank`,
                label: t('cards.lock.wordsToPickFrom'),
                value: list(input.bank).length > 0,
                take: (on) =>
                    setAll({ input: { ...now(editor, lock).input, bank: on ? firstWords(gapped.answers) : [] } }),
            }),
            list(input.bank).length > 0
                ? line({
                      key: `${lock.id}.spare`,
                      label: t('cards.lock.wordsTooMany'),
                      value: spare.join(', '),
                      hint: t('cards.lock.wordsTooManyHint'),
                      take: (words) =>
                          setAll({
                              input: {
                                  ...now(editor, lock).input,
                                  bank: [...firstWords(gapped.answers), ...listIn(words)],
                              },
                          }),
                  })
                : null,
        ];
    },
};

const empty = () => ({ md: '', answers: {} });

/** What the gaps take by the first rule that names them. */
function answersOf(lock) {
    const match = list(lock.rules).find((rule) => rule.match?.gaps)?.match.gaps ?? {};

    return Object.fromEntries(
        Object.entries(match).map(([id, one]) => [id, list(one.equals ?? one.close).map(String)]),
    );
}

const firstWords = (answers) => Object.values(answers).flatMap((words) => words.slice(0, 1));

/** The lock with other gaps: every rule about all of them follows, and so do the words to pick from. */
function changed(lock, { md, answers }, spare) {
    const first = list(lock.rules).findIndex((rule) => rule.match?.gaps);
    const each = (old) =>
        Object.fromEntries(
            Object.entries(answers).map(([id, words]) => [
                id,
                old === null ? { equals: words } : (old[id] ?? { equals: words }),
            ]),
        );
    const follow = (match, isFirst) => {
        if (match?.gaps) return { gaps: each(isFirst ? null : match.gaps) };

        return match?.right?.of?.gaps ? { right: { ...match.right, of: { gaps: each(null) } } } : match;
    };

    return {
        input: { ...lock.input, md, bank: isBanked(lock) ? [...firstWords(answers), ...spare] : [] },
        rules: list(lock.rules).map((rule, place) => ({ ...rule, match: follow(rule.match, place === first) })),
    };
}

/** Words are there to pick from, or there is no gap yet to have any. */
const isBanked = (lock) =>
    list(lock.input.bank).length > 0 ||
    !list(lock.rules).some((rule) => Object.keys(rule.match?.gaps ?? {}).length > 0);

export { gaps };

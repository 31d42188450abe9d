import { t } from '../../../lib/catalogue.js';
import { el, icon } from '../../../lib/tree.js';
import { pick } from '../../editor/fields.js';
import { list } from '../../editor/ways.js';

/** What joins other matches, or turns one round. */
const JOINS = ['any', 'all', 'not'];

/**
 * The matches that a rule joins, each with its own fields; `begin(kind)` is a new one of a kind, `fieldsOf(rule)` the
 * fields of one.
 */
function joinedFields({ lock, match, kind, kinds, key, take, nameOf, kindOf, begin, fieldsOf }) {
    const parts = kind === 'not' ? [match.not] : list(match[kind]);
    const put = (next) => take(kind === 'not' ? { not: next[0] } : { [kind]: next });
    const another = () => put([...parts, begin(kinds[0])]);

    return el(
        'div',
        { class: 'rule-joined' },
        parts.map((part, place) => {
            const change = (next) => put(parts.map((other, at) => (at === place ? next : other)));
            const own = kindOf(part);
            const known = [...kinds, ...(kinds.includes(own) ? [] : [own])];

            return el(
                'div',
                { class: 'rule-part' },
                el(
                    'div',
                    { class: 'rule-head' },
                    pick({
                        key: `${key}.${kind}.${place}.kind`,
                        label: t('cards.rules.theAnswer'),
                        shown: false,
                        value: own,
                        options: known.map((name) => [name, nameOf(name, lock)]),
                        take: (name) => change(begin(name)),
                    }),
                    parts.length > 1
                        ? el(
                              'button',
                              {
                                  class: 'mover',
                                  'data-key': `${key}.${kind}.${place}.without`,
                                  'aria-label': t('cards.rules.withoutThis'),
                                  onclick: () => put(parts.filter((other, at) => at !== place)),
                              },
                              icon('x'),
                          )
                        : null,
                ),
                fieldsOf({ match: part, key: `${key}.${kind}.${place}`, take: change }),
            );
        }),
        kind === 'not'
            ? null
            : el(
                  'button',
                  { class: 'link', 'data-key': `${key}.${kind}.more`, onclick: another },
                  icon('plus'),
                  t(`cards.rules.more.${kind}`),
              ),
    );
}

export { JOINS, joinedFields };

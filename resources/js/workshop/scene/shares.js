import { t } from '../../lib/catalogue.js';
import { el } from '../../lib/tree.js';
import { line, pick } from '../editor/fields.js';
import { list, plain } from '../editor/ways.js';
import { withoutLock } from './drawn.js';

/** More than this no lock weighs, as the game document has it. */
const MOST = 1000;

/** Which locks give cells of a mosaic, and how many parts each. */
function sharesOf(thing, editor, set) {
    const names = lockNames(editor.store.game);
    const others = [...names].filter(([id]) => !list(thing.by).some(({ lock }) => lock === id));

    return el(
        'details',
        { class: 'card-more', 'data-key': `${thing.id}.shares` },
        el('summary', {}, t('cards.mosaic.shares')),
        el('p', { class: 'help' }, t('cards.mosaic.sharesHelp')),
        el(
            'div',
            { class: 'mosaic-shares' },
            list(thing.by).map(({ lock, share = 1 }) =>
                line({
                    key: `${thing.id}.share.${lock}`,
                    label: names.get(lock) ?? t('cards.mosaic.noSuchLock'),
                    value: share,
                    width: 'tiny',
                    take: (written) => set(without(thing, weighed(thing, lock, written))),
                }),
            ),
        ),
        others.length > 0
            ? pick({
                  key: `${thing.id}.share`,
                  label: t('cards.mosaic.another'),
                  value: '',
                  options: [['', t('cards.mosaic.choose')], ...others],
                  take: (lock) => lock && set({ by: [...list(thing.by), { lock }] }),
              })
            : null,
    );
}

/** The shares, and what was drawn for the locks that are left. */
function without(thing, by) {
    const gone = list(thing.by).findIndex(({ lock }) => !by.some((one) => one.lock === lock));

    return { by, ...(gone >= 0 && thing.drawn && { drawn: withoutLock(thing, gone) }) };
}

/** @returns {Map<string, string>} of every lock of the game, by its id */
function lockNames(game) {
    const locks = game.scenes.flatMap((scene) => list(scene.things)).filter(({ kind }) => kind === 'lock');

    return new Map(locks.map((lock) => [lock.id, lock.label || plain(lock.ask ?? '') || lock.id]));
}

/** The shares with another weight for this lock, without it where it gives none. What is no number changes nothing. */
function weighed({ by }, lock, written) {
    const weight = Math.min(MOST, Number(written.trim() || 0));
    if (!Number.isInteger(weight) || weight < 0) return list(by);

    return list(by)
        .filter((one) => one.lock !== lock || weight > 0)
        .map((one) => (one.lock === lock ? { ...one, share: weight } : one));
}

export { lockNames, sharesOf, weighed };

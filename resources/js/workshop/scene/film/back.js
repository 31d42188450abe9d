import { t } from '../../../lib/catalogue.js';
import { el, icon, mark } from '../../../lib/tree.js';
import { area, line, now, pick } from '../../editor/fields.js';
import { clock, filmOf } from '../../editor/films.js';
import { list } from '../../editor/walk.js';

/** How often a wrong answer leads back where nothing else is said. */
const USUAL = 2;

/**
 * A wrong answer that leads back to a passage, a given number of times at most, and then shows the way on: two
 * reactions of a lock like any other, known by their shape.
 *
 * @returns {{say: string, go: string, times: number, then: string} | null}
 */
function backIn(lock) {
    const [first, last, ...more] = list(lock.otherwise);
    const isBack =
        more.length === 0 &&
        first?.if?.tries === lock.id &&
        first.if.is === '<' &&
        Boolean(first.go) &&
        last &&
        !last.if &&
        list(last.do).some((effect) => effect.open === lock.id);

    return isBack ? { say: first.say ?? '', go: first.go, times: first.if.value - 1, then: last.say ?? '' } : null;
}

/** The reactions that lead back. */
const backTo = (lock, { say, go, times, then }) => [
    { if: { tries: lock, is: '<', value: times + 1 }, say, go },
    { say: then, do: [{ open: lock }] },
];

/** The moment of the film that a wrong answer in this stop leads back to; null for none. */
function backOf(scene, clip) {
    const moments = list(clip.moments);
    for (const lock of list(scene.things).filter(({ kind }) => kind === 'lock')) {
        const ways = [...list(lock.otherwise), ...list(lock.rules).filter(({ verdict }) => verdict !== 'open')];
        const found = moments.find((moment) => ways.some(({ go }) => go === moment.id));
        if (found) return found;
    }

    return null;
}

/** What is asked in the card of a lock in a stop: back to which passage, how often, and what is said then. */
function backFields(lock, editor) {
    const back = backIn(lock);
    const put = (fields) => {
        const held = backIn(now(editor, lock));
        editor.store.edit(
            { set: lock.id, field: 'otherwise', to: backTo(lock.id, { ...held, ...fields }) },
            t('edits.labels.backToPassage'),
        );
    };

    return el(
        'div',
        { class: 'rule otherwise', 'data-key': `${lock.id}.back` },
        el('div', { class: 'rule-head' }, mark('wrong'), el('strong', {}, t('films.whenWrong')), leave(lock, editor)),
        area({
            key: `${lock.id}.otherwise`,
            says: editor,
            label: t('cards.rules.feedbackWhenWrong'),
            hint: t('films.whenWrongHint'),
            value: back.say,
            take: (say) => put({ say }),
        }),
        pick({
            key: `${lock.id}.back.to`,
            label: t('films.backTo'),
            value: back.go,
            options: passagesFor(editor, back.go),
            take: (go) => put({ go }),
        }),
        el(
            'div',
            { class: 'small-line' },
            t('films.atMost'),
            line({
                key: `${lock.id}.back.times`,
                label: t('films.howOften'),
                shown: false,
                type: 'number',
                width: 'tiny',
                value: back.times,
                take: (times) => put({ times: Math.min(20, Math.max(1, Number(times) || USUAL)) }),
            }),
            t('films.timesThen'),
        ),
        area({
            key: `${lock.id}.back.then`,
            says: editor,
            label: t('films.wayOn'),
            hint: t('films.wayOnHint'),
            value: back.then,
            take: (then) => put({ then }),
        }),
    );
}

/** It says one thing again, and leads nowhere. */
function leave(lock, editor) {
    return el(
        'button',
        {
            class: 'mover',
            'data-key': `${lock.id}.back.off`,
            'aria-label': t('films.noBack'),
            title: t('films.noBack'),
            onclick: () =>
                editor.store.edit(
                    { set: lock.id, field: 'otherwise', to: [{ say: backIn(now(editor, lock)).say }] },
                    t('edits.labels.feedback'),
                ),
        },
        icon('x'),
    );
}

function passagesFor(editor, go) {
    const film = filmOf(
        editor.store.game,
        editor.store.game.scenes.find(({ id }) => id === editor.scene),
    );
    const moments = list(film?.clip.moments).map((moment) => [
        moment.id,
        `${moment.title} (${clock(moment.at)}${moment.until ? `–${clock(moment.until)}` : ''})`,
    ]);

    return moments.some(([id]) => id === go) ? moments : [[go, t('films.gone')], ...moments];
}

/** What is right, where it can be told in a few words. */
function wayOn(lock) {
    const right = list(lock.rounds).length > 0 ? '' : rightWords(lock);

    return right ? t('made.new.wayOnWith', { answer: right }) : t('made.new.wayOn');
}

function rightWords({ rules, input = /** @type {any} */ ({}) }) {
    const match = list(rules).find(({ verdict }) => verdict === 'open')?.match ?? {};
    const parts = new Map(
        ['options', 'items', 'left', 'right'].flatMap((name) => list(input[name])).map(({ id, md }) => [id, md]),
    );
    const named = (ids) => (ids.every((id) => parts.get(id)) ? ids.map((id) => parts.get(id)) : []);
    if (match.options) return named(match.options).join(', ');
    if (match.order && input.type === 'order') return named(match.order).join(' → ');
    if (match.pairs)
        return Object.entries(match.pairs)
            .map((pair) => named(pair).join(' – '))
            .filter(Boolean)
            .join(', ');
    if (match.gaps)
        return Object.values(match.gaps)
            .map((gap) => list(gap.equals)[0])
            .filter(Boolean)
            .join(', ');
    if (match.number !== undefined) return [match.number, match.unit].filter((part) => part !== undefined).join(' ');

    return list(match.equals)[0] ?? '';
}

/** Offers to lead back, where the film has a passage: the last one that ends before the stop. */
function backOffer(lock, scene, editor) {
    const film = filmOf(editor.store.game, scene);
    const moments = list(film?.clip.moments);
    if (!scene.stop || moments.length === 0) return null;
    const near = moments.filter(({ at }) => at < scene.stop.at).at(-1) ?? moments[0];
    const say = list(lock.otherwise).find((reaction) => !reaction.if)?.say ?? '';

    return el(
        'button',
        {
            class: 'link',
            'data-key': `${lock.id}.back.on`,
            onclick: () =>
                editor.store.edit(
                    {
                        set: lock.id,
                        field: 'otherwise',
                        to: backTo(lock.id, { say, go: near.id, times: USUAL, then: wayOn(lock) }),
                    },
                    t('edits.labels.backToPassage'),
                ),
        },
        icon('corner-up-left'),
        t('films.leadBack'),
    );
}

export { backFields, backIn, backOf, backOffer, backTo };

import { t } from '../../lib/catalogue.js';
import { inWords } from './marks.js';
import { list } from './walk.js';

/** What makes a question the same; what it says, and where it leads, is each one's own. */
const ASKED = ['ask', 'input', 'clean', 'rounds', 'enough'];

/** Scenes named at most. */
const NAMED = 3;

const read = new WeakMap();

/**
 * Watches over questions that stand in the game twice: when one of them is changed, one press changes the other with
 * it. A recap is changed with its question by itself.
 */
function watchTwins(editor) {
    let before = editor.store.game;
    /** Per lock that was changed, those that asked the same until then. */
    const left = new Map();
    editor.store.news.addEventListener('change', () => {
        const found = parted(before, editor.store.game);
        before = editor.store.game;
        if (found.length > 0) tell(found);
    });

    function tell(found) {
        for (const { id, twins } of found) left.set(id, [...new Set([...(left.get(id) ?? []), ...twins])]);
        const others = found.flatMap(({ id }) => left.get(id));
        editor.alarm(t('workshop.twins.left', { scene: titlesOf(editor.store.game, others) }), {
            text: t('workshop.twins.follow'),
            act: () => follow(found.map(({ id }) => id)),
        });
    }

    function follow(ids) {
        const there = new Set(locksIn(editor.store.game).map((lock) => lock.id));
        const commands = ids
            .map((id) => ({ alike: id, as: left.get(id).filter((twin) => there.has(twin)) }))
            .filter(({ alike, as }) => there.has(alike) && as.length > 0);
        for (const id of ids) left.delete(id);
        if (commands.length > 0) editor.store.edit(commands, t('workshop.twins.label'));
    }
}

/** The locks that were changed from one game to the next, each with those that still ask what it asked before. */
function parted(before, after) {
    if (!before || before === after) return [];
    const was = new Map(locksIn(before).map((lock) => [lock.id, asked(lock)]));
    const locks = locksIn(after);
    const now = new Map(locks.map((lock) => [lock.id, asked(lock)]));
    const again = new Map(locks.map((lock) => [lock.id, askedAgain(lock)]));
    const still = new Map();
    for (const [id, question] of now) if (question) still.set(question, [...(still.get(question) ?? []), id]);

    return [...now]
        .filter(([id, question]) => was.get(id) && was.get(id) !== question)
        .map(([id]) => ({ id, twins: still.get(was.get(id)) ?? [] }))
        .map(({ id, twins }) => ({
            id,
            twins: twins.filter((twin) => again.get(twin) !== id && again.get(id) !== twin),
        }))
        .filter(({ twins }) => twins.length > 0);
}

/** The question that a lock asks once more of those who did not have it right at first try; undefined for others. */
function askedAgain({ if: condition }) {
    const asked = condition && Object.keys(condition).length === 1 ? condition.not?.firstTry : undefined;

    return asked?.length === 1 ? asked[0] : undefined;
}

/** What is asked, and which answers count, as a text that is the same for a copy; null while nothing opens it. */
function asked(lock) {
    if (!read.has(lock)) read.set(lock, isWhole(lock) ? question(lock) : null);

    return read.get(lock);
}

const isWhole = (lock) => Boolean(lock.ask) && (list(lock.rounds).length > 0 || list(lock.rules).some(opens));

const opens = ({ verdict, match }) =>
    verdict === 'open' && match && (!match.equals || list(match.equals).length > 0) && match.mathematics !== '';

function question(lock) {
    const parts = ASKED.map((field) => lock[field] ?? null);
    const rules = list(lock.rules).map(({ match, verdict }) => [match, verdict]);

    return idsIn(parts).reduce(
        (made, id, place) => made.replaceAll(new RegExp(`(["{])${id}(["}])`, 'g'), `$1#${place}$2`),
        JSON.stringify([parts, rules]),
    );
}

const locksIn = (game) => game.scenes.flatMap((scene) => list(scene.things)).filter(({ kind }) => kind === 'lock');

/** The ids of the parts of an input, in their order. */
function idsIn(value) {
    if (typeof value !== 'object' || value === null) return [];
    const below = Object.values(value).flatMap(idsIn);

    return typeof value.id === 'string' ? [value.id, ...below] : below;
}

function titlesOf(game, ids) {
    const titles = game.scenes
        .filter((scene) => list(scene.things).some((thing) => ids.includes(thing.id)))
        .map((scene) => t('workshop.twins.scene', { scene: inWords(scene.title ?? '', game) }));

    return [...titles.slice(0, NAMED), ...(titles.length > NAMED ? ['…'] : [])].join(', ');
}

export { askedAgain, parted, watchTwins };

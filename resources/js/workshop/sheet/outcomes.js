import { filled, wordsAt } from '../../lib/catalogue.js';
import { el, made, redraw, svg } from '../../lib/tree.js';
import { get } from '../../lib/http.js';
import { list } from '../editor/ways.js';

/** How long after the last change the sums are worked out anew, in milliseconds. */
const REST = 500;

/** So many answers are named. */
const MANY = 5;

/**
 * The columns of the table of answers × outcomes: what each option adds to each tally, or “must” or “never”. An empty
 * cell does nothing.
 */
function outcomeColumns(game) {
    return [
        { id: 'scene', width: 150, read: ({ scene }) => scene.title ?? '', write: null },
        { id: 'ask', width: 260, read: ({ thing }) => thing.ask ?? '', write: null },
        {
            id: 'option',
            width: 220,
            read: ({ option }) => option.md ?? '',
            write: ({ thing, option }, text) => withOption(thing, { ...option, md: text }),
        },
        {
            id: 'suppose',
            width: 84,
            read: ({ option }, { supposed }) => (supposed.has(option.id) ? '✓' : ''),
            write: suppose,
        },
        ...(game.tallies ?? []).map((tally) => ({
            id: tally.id,
            name: tally.name,
            width: 110,
            read: ({ option }, { words }) => asText(effectsOn(option, tally.id), words.sheet),
            write: ({ thing, option }, text, { words }) => deciding(thing, option, tally.id, text.trim(), words.sheet),
            isGap: ({ option }) => !list(option.do).some((effect) => effect.add || effect.must || effect.never),
        })),
    ];
}

/**
 * Whether an answer is supposed to be given is no part of the game: it changes only what the sums are worked out for.
 */
function suppose({ option }, text, { supposed }) {
    if (text.trim() === '') supposed.delete(option.id);
    else supposed.add(option.id);

    return [];
}

const effectsOn = (option, tally) =>
    list(option.do).filter((effect) => [effect.add, effect.must, effect.never].includes(tally));

/** What rules out is said before what decides, as it goes before it. */
function asText(effects, words) {
    if (effects.some((effect) => effect.never)) return words.neverWord;
    if (effects.some((effect) => effect.must)) return words.must;

    return effects.length === 0 ? '' : String(effects.reduce((sum, effect) => sum + (effect.by ?? 1), 0));
}

/** The rows: every option of every lock that is answered by choosing. */
function optionRows(game) {
    return game.scenes.flatMap((scene) =>
        (scene.things ?? [])
            .filter((thing) => thing.kind === 'lock' && thing.input?.type === 'options')
            .flatMap((thing) => thing.input.options.map((option) => ({ id: option.id, scene, thing, option }))),
    );
}

function deciding(lock, option, tally, text, words) {
    const rest = list(option.do).filter((effect) => !effectsOn(option, tally).includes(effect));
    const rule = { [words.must]: { must: tally }, [words.neverWord]: { never: tally } }[text.toLowerCase()];
    const by = Number(text.replace(',', '.'));
    if (!rule && !Number.isFinite(by)) return { refusal: 'number' };

    return withOption(lock, {
        ...option,
        do: rule ? [...rest, rule] : by === 0 ? rest : [...rest, { add: tally, by }],
    });
}

function withOption(lock, option) {
    return [
        {
            set: lock.id,
            field: 'input',
            to: { ...lock.input, options: lock.input.options.map((one) => (one.id === option.id ? option : one)) },
        },
    ];
}

/** What it all comes to: for each tally the least and the most, and how often it is the highest. */
function openSums(editor, supposed) {
    const words = wordsAt('workshop.sheet');
    const node = made(el('section', { class: 'sums', 'aria-label': words.sums, hidden: true }));
    let resting = null;

    function soon() {
        clearTimeout(resting);
        resting = setTimeout(draw, REST);
    }

    async function draw() {
        await editor.store.flushed();
        const { body } = await get(
            `${editor.address}/scores?${new URLSearchParams([...supposed].map((id) => ['supposed[]', id]))}`,
        );
        if (!body) return;
        const most = Math.max(
            1,
            ...Object.values(body.ranges).map((range) => Math.max(range.most, Math.abs(range.least))),
        );
        const tallies = (editor.store.game.tallies ?? []).filter((tally) => body.ranges[tally.id]);
        redraw(node, [
            supposed.size > 0 ? el('p', { class: 'help', 'data-key': 'sums.supposed' }, words.supposing) : null,
            tallies.map((tally) => bar(tally, body, most)),
            share('tied', words.tied, body.tied),
            share('none', words.nobody, body.none),
        ]);
    }

    function share(key, said, part) {
        return part > 0
            ? el('p', { class: 'help', 'data-key': `sums.${key}` }, filled(said, { share: percent(part) }))
            : null;
    }

    function bar(tally, body, most) {
        const { least, most: reach } = body.ranges[tally.id];
        const share = body.wins[tally.id];
        const left = (100 * Math.max(0, least)) / most;
        const stretch = svg('rect', {
            class: 'sums-stretch',
            x: left,
            width: Math.max(1.5, (100 * Math.max(0, reach)) / most - left),
            height: 12,
        });
        const never = share === 0;

        return el(
            'div',
            { class: `sums-line${never ? ' sums-never' : ''}`, 'data-key': `sums.${tally.id}` },
            el('strong', {}, tally.name),
            svg(
                'svg',
                { class: 'sums-bar', viewBox: '0 0 100 12', preserveAspectRatio: 'none', 'aria-hidden': 'true' },
                stretch,
            ),
            el('span', {}, filled(words.range, { least, most: reach })),
            el(
                'span',
                {},
                share === undefined ? '' : never ? words.never : filled(words.wins, { share: percent(share) }),
            ),
            share ? el('span', { class: 'help' }, example(body.examples[tally.id])) : null,
        );
    }

    /** Answers by which an outcome wins, the first few of them. */
    function example(options) {
        const names = new Map(optionRows(editor.store.game).map(({ id, option }) => [id, option.md ?? '']));
        const said = options
            .slice(0, MANY)
            .map((id) => names.get(id) ?? '')
            .join(' · ');

        return filled(words.example, { answers: options.length > MANY ? `${said} …` : said });
    }

    return { node, soon };
}

const percent = (share) => `${(100 * share).toFixed(share > 0 && share < 0.01 ? 1 : 0)} %`;

export { openSums, optionRows, outcomeColumns };

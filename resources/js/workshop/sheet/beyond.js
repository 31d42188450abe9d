import { filled, t, wordsAt } from '../../lib/catalogue.js';
import { post } from '../../lib/http.js';
import { blankLock } from '../editor/blank-lock.js';
import { freshId } from '../editor/document.js';

/** What is left out and named one by one. */
const MOST_TOLD = 5;

/**
 * What is written or pasted below the last row makes new rows: `(block, editor)`, a list of rows of texts, by kind of
 * table.
 */
const BEYOND = { lock: questions, named: tokens };

/** Questions with their answers build a ladder behind the last scene; without answers they are scenes to be filled. */
function questions(block, editor) {
    const words = wordsAt('workshop.sheet');
    const last = editor.store.game.scenes.findLast((scene) => !scene.ending) ?? null;
    if (block.every((cells) => cells.slice(1).join('').trim() === ''))
        return editor.store.edit(
            asked(
                block.map(([ask]) => ask),
                last,
            ),
            filled(words.asked, { count: block.length }),
        );
    const text = block.map((cells) => cells.map((cell) => cell.replace(/[\t\n]+/g, ' ')).join('\t')).join('\n');
    const wanted = {
        pattern: 'ladder',
        with: { questions: text },
        after: last?.id ?? null,
        usual: wordsAt('patterns.usuals'),
    };
    editor.store.build(wanted);
    tellLeftOut(wanted, editor);
}

/** Names what of the rows was not taken, and why. */
async function tellLeftOut(wanted, editor) {
    const { body } = await post(`${editor.address}/patterns/preview`, wanted);
    const left = togetherByRow(Object.values(body?.rows ?? {}).flatMap(({ cells }) => cells));
    if (left.length === 0) return;
    const words = wordsAt('workshop.sheet');
    const told = left.slice(0, MOST_TOLD).map((one) => filled(words.leftOut, one));
    const more = left.length - told.length;
    editor.alarm([...told, ...(more > 0 ? [filled(words.moreLeftOut, { count: more })] : [])].join(' '));
}

/** The cells that were left out; those of a row that were so for one reason are told as one. */
function togetherByRow(cells) {
    const left = new Map();
    for (const { row, as, text } of cells.filter(({ taken }) => !taken)) {
        const one = left.get(`${row} ${as}`) ?? { row, as, texts: [] };
        left.set(`${row} ${as}`, { ...one, texts: [...one.texts, text] });
    }

    return [...left.values()].map(({ texts, ...one }) => ({ ...one, text: texts.filter(Boolean).join(' · ') }));
}

/** Questions without an answer yet, a scene for each. */
function asked(asks, last) {
    return asks.map((ask) => {
        const id = freshId('scene');
        const lock = {
            id: id.replace('scene', 'lock'),
            kind: 'lock',
            label: '',
            ...blankLock(ask),
        };
        const insert = {
            insert: 'scenes',
            in: '@game',
            after: last?.id ?? null,
            value: {
                id,
                ...(last?.chapter ? { chapter: last.chapter } : {}),
                title: ask.slice(0, 60),
                layout: 'page',
                waits: true,
                things: [lock],
            },
        };
        last = insert.value;

        return insert;
    });
}

function tokens(block, editor) {
    let after = editor.store.game.tokens?.at(-1)?.id ?? null;
    const names = block.map(([name]) => name.trim()).filter(Boolean);
    const made = names.map((name) => {
        const insert = { insert: 'tokens', in: '@game', after, value: { id: freshId('token'), name, kind: 'item' } };
        after = insert.value.id;

        return insert;
    });
    editor.store.edit(made, t('workshop.sheet.made', { count: made.length }));
}

export { BEYOND };

import { filled, t, wordsAt } from '../../lib/catalogue.js';
import { blankLock } from '../editor/blank-lock.js';
import { freshId } from '../editor/document.js';

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
    editor.store.build({
        pattern: 'ladder',
        with: { questions: text },
        after: last?.id ?? null,
        usual: wordsAt('patterns.usuals'),
    });
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

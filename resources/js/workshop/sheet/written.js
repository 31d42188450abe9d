import { filled, wordsAt } from '../../lib/catalogue.js';
import { post } from '../../lib/http.js';
import { list } from '../editor/ways.js';

/** What opens nothing and is named one by one. */
const MOST_TOLD = 4;

/** Answers that were written are tried at their locks, as the server reads them; those that open nothing are named. */
async function tellShut(cells, refused, editor) {
    const kept = cells
        .filter(({ row, column }) => column === 'answers' && !refused.some((one) => one.row === row))
        .map(({ row, text }) => ({ lock: row, text }));
    if (kept.length === 0) return;
    await editor.store.flushed();
    const { body } = await post(`${editor.address}/written`, { cells: kept });
    const shut = body?.shut ?? [];
    if (shut.length === 0) return;
    const words = wordsAt('workshop.sheet');
    const told = shut
        .slice(0, MOST_TOLD)
        .map(({ lock, text }) => filled(words.shut, { text, ask: askOf(lock, editor) }));
    const more = shut.length - told.length;
    editor.alarm([...told, ...(more > 0 ? [filled(words.moreLeftOut, { count: more })] : [])].join(' '));
}

const askOf = (id, editor) =>
    editor.store.game.scenes.flatMap((scene) => list(scene.things)).find((thing) => thing.id === id)?.ask ?? '';

export { tellShut };

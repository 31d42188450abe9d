import { apply } from '../editor/document.js';
import { rowsOf } from './columns.js';

/**
 * Cells written one after the other as one edit: each is worked out on the game as those before have left it. Gives
 * `{edits, refused}`, the refused ones as `{row, column, key, text}`; what they held is kept.
 */
function changesOf(cells, columns, sheet, kind) {
    let { game, titles } = sheet;
    let rows = null;
    const [edits, refused] = [[], []];
    const asked = askedAnew(cells, columns, sheet, kind);
    for (const { row, column, text } of cells) {
        rows ??= new Map(rowsOf(game, kind).map((one) => [one.id, one]));
        const { read, write, id } = columns.find((one) => one.id === column);
        const now = rows.get(row);
        const context = { ...sheet, game, titles, isAskedAnew: asked.anew.has(row) };
        const held = now && write ? read(now, context) : null;
        // What stands there may be of another kind now.
        const isUnread = held === null && !(now && write && context.isAskedAnew && id === 'answers');
        if (isUnread || held === text) continue;
        if (asked.stays.has(row)) {
            refused.push({ row, column: id, key: 'kind', text });
            continue;
        }
        const made = write(now, text, context);
        if (made.refusal) {
            refused.push({ row, column: id, key: made.refusal, text });
            continue;
        }
        edits.push(...made);
        game = made.reduce(apply, game);
        if (made.some((edit) => edit.insert === 'scenes' || edit.field === 'title'))
            titles = new Map(game.scenes.map((scene) => [scene.id, scene.title ?? '']));
        rows = now.thing && made.length === 1 && made[0].set === row ? rows.set(row, fresh(game, now)) : null;
    }

    return { edits, refused };
}

/**
 * Rows of which question and answer are written at once: the lock is then what the new answer says. Where it can't be
 * that, both stay as they were: a new question never stands over an old answer.
 */
function askedAnew(cells, columns, sheet, kind) {
    const answers = columns.find(({ id }) => id === 'answers');
    const asks = new Set(cells.filter(({ column }) => column === 'ask').map(({ row }) => row));
    const written = cells.filter(({ row, column }) => column === 'answers' && asks.has(row));
    const [anew, stays] = [new Set(written.map(({ row }) => row)), new Set()];
    const held = written.length > 0 ? new Map(rowsOf(sheet.game, kind).map((one) => [one.id, one])) : new Map();
    for (const { row, text } of written) {
        const now = held.get(row);
        if (now && answers.write(now, text, { ...sheet, isAskedAnew: true }).refusal) stays.add(row);
    }

    return { anew, stays };
}

/** The row as it stands after an edit of its thing alone. */
function fresh(game, row) {
    const scene = game.scenes.find((one) => one.id === row.scene.id);

    return { ...row, scene, thing: scene.things.find((one) => one.id === row.id) };
}

export { changesOf };

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
    for (const { row, column, text } of cells) {
        rows ??= new Map(rowsOf(game, kind).map((one) => [one.id, one]));
        const { read, write, id } = columns.find((one) => one.id === column);
        const now = rows.get(row);
        const held = now && write ? read(now, { ...sheet, game, titles }) : null;
        if (held === null || held === text) continue;
        const made = write(now, text, { ...sheet, game, titles });
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

/** The row as it stands after an edit of its thing alone. */
function fresh(game, row) {
    const scene = game.scenes.find((one) => one.id === row.scene.id);

    return { ...row, scene, thing: scene.things.find((one) => one.id === row.id) };
}

export { changesOf };

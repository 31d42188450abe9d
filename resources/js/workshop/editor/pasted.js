import { t } from '../../lib/catalogue.js';
import { post } from '../../lib/http.js';

/** Cells named one by one that were left out. */
const NAMED = 4;

/**
 * Rows that are pasted into a card, read where all rows are read; what is left out of them is told. A text of one cell
 * is pasted as ever.
 *
 * @param {ClipboardEvent} event
 * @param {any} editor
 * @param {'boxes'|'pairs'|'items'} of what the card holds
 * @param {(rows: Record<string, string>[]) => void} take the cells of each row by their columns
 */
async function pasteRows(event, editor, of, take) {
    const rows = event.clipboardData.getData('text').replace(/(\r?\n)+$/, '');
    if (!/[\r\n]|\t\S|\S\t/.test(rows)) return;
    event.preventDefault();
    await read('');

    async function read(heading) {
        const { body } = await post(`${editor.address}/rows`, { of, rows, heading });
        if (!body?.rows) return editor.alarm(body?.message ?? t('workshop.pasted.lost'));
        if (body.rows.length > 0) take(body.rows);
        tell(body);
    }

    function tell({ rows: taken, cells, heading, cut }) {
        const out = cells.filter((cell) => cell.out);
        const names = out.slice(0, NAMED).map(({ row, text, as }) => t('workshop.pasted.cell', { row, text, as }));
        const words = [
            taken.length === 0 ? t('workshop.pasted.none') : '',
            out.length > 0 ? `${names.join('; ')}${out.length > NAMED ? ' …' : '.'}` : '',
            heading ? t('workshop.pasted.heading') : '',
            cut ? t('workshop.pasted.cut') : '',
        ].filter(Boolean);
        if (words.length > 0) {
            editor.alarm(
                words.join(' '),
                heading ? { text: t('workshop.pasted.asRow'), act: () => read('row') } : null,
            );
        }
    }
}

export { pasteRows };

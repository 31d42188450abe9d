import Papa from 'papaparse';
import { el } from '../../lib/dom.js';

/** Tables to and from files. What a file would change is shown before it is taken. */

function save(name, columns, rows) {
    const text = Papa.unparse(
        {
            fields: ['id', ...columns.map((column) => column.title)],
            data: rows.map((row) => [row.id, ...row.cells.map((cell) => cell ?? '')]),
        },
        { escapeFormulae: true },
    );
    const link = el('a', {
        href: URL.createObjectURL(new Blob([`\uFEFF${text}`], { type: 'text/csv' })),
        download: name,
    });
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}

/**
 * The cells of a file that say something else than the table: `{cells, unknown}`, with how many of its rows are not
 * here. Columns are known by their titles, rows by their ids.
 */
async function readChanges(file, columns, rows) {
    const { data } = Papa.parse((await file.text()).replace(/^\uFEFF/, ''), { skipEmptyLines: true });
    const [titles = [], ...lines] = data;
    const known = new Map(rows.map((row) => [row.id, row]));
    const places = titles.map((title) => columns.findIndex((column) => column.title === title.trim()));
    const at = titles.findIndex((title) => title.trim() === 'id');
    const here = lines.filter((line) => known.has(line[at]));
    const cells = here.flatMap((line) =>
        line.flatMap((text, place) => {
            const column = columns[places[place]];
            const held = known.get(line[at]).cells[places[place]];
            const said = /^'[=+\-@\t]/.test(text) ? text.slice(1) : text;

            return !column || column.isFixed || held === null || held === said
                ? []
                : [{ row: line[at], column: column.id, text: said, before: held }];
        }),
    );

    return { cells, unknown: lines.length - here.length, isReadable: at >= 0 };
}

export { readChanges, save };

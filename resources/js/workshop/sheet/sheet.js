import { filled, t, wordsAt } from '../../lib/catalogue.js';
import { el, icon, made, redraw } from '../../lib/tree.js';
import { renamed } from '../editor/chapters.js';
import { freshId } from '../editor/document.js';
import { apply } from '../editor/document.js';
import { BEYOND } from './beyond.js';
import { changesOf } from './changes.js';
import { tellShut } from './written.js';
import { CHOICES, LOCKS, contextOf, rowsOf } from './columns.js';
import { readChanges, save } from './exchange.js';
import { openGrid } from './grid.js';
import { listenToKeys } from './keys.js';
import { NAMED } from './named.js';
import { openSums, outcomeColumns } from './outcomes.js';
import { inMarks, inWords } from '../editor/marks.js';

/** The column with marks in words: whoever writes in it writes them so too. */
function inWordsOf(column) {
    const read = (row, sheet) => inWords(column.read(row, sheet), sheet.game);
    const write = column.write && ((row, text, sheet) => column.write(row, inMarks(text, sheet.game), sheet));

    return { ...column, read, write };
}

const TABLES = { lock: () => LOCKS, choice: () => CHOICES, option: outcomeColumns, named: () => NAMED };

/** Cells that were not taken and are told one by one. */
const MOST_TOLD = 5;

/**
 * The sheet face: every lock a row, every choice another table; written, pasted, sorted and searched as a spreadsheet
 * is.
 */
function openSheet(holder, editor) {
    const words = wordsAt('workshop.sheet');
    const tools = made(el('div', { class: 'sheet-tools' }));
    const offer = made(el('section', { class: 'sheet-offer', 'aria-label': words.changes, hidden: true }));
    const file = made(
        el('input', {
            type: 'file',
            accept: '.csv,.tsv,text/csv',
            hidden: true,
            onchange: () => bring(file.files[0]),
        }),
    );
    const grid = openGrid({
        take: write,
        beyond: { words: () => words.beyond[sheet.kind] ?? '', take: append },
        open: (id) => id && openThing(id),
        label: words.title,
    });
    const sheet = { kind: 'lock', chapter: '', only: '', find: '', replace: '', sort: null };
    listenToKeys(grid);
    grid.node.addEventListener('sorted', ({ detail }) => {
        sheet.sort = detail;
        draw();
    });
    const supposed = new Set();
    const sums = openSums(editor, supposed);
    holder.append(tools, offer, sums.node, grid.node, file);

    function draw() {
        const context = contextNow();
        const columns = columnsOf();
        redraw(tools, toolbar());
        grid.show(columns, shown(context, columns));
        sums.node.hidden = sheet.kind !== 'option';
        holder.classList.toggle('with-sums', !sums.node.hidden);
        if (!sums.node.hidden) sums.soon();
    }

    const contextNow = () => ({
        ...contextOf(editor.store.game, wordsAt('workshop'), editor.findings),
        supposed,
    });

    function columnsOf() {
        return TABLES[sheet.kind](editor.store.game).map((column) => ({
            ...inWordsOf(column),
            title: column.name ?? words.columns[column.id],
            isFixed: column.write === null,
        }));
    }

    /** The rows that are asked for, with their cells as text. */
    function shown(context, columns) {
        const rows = rowsOf(context.game, sheet.kind)
            .filter((row) => !sheet.chapter || (row.scene?.chapter ?? '-') === sheet.chapter)
            .filter((row) => !sheet.only || context.found.has(row.id))
            .map((row) => ({
                id: row.id,
                cells: columns.map((column) => column.read(row, context)),
                gaps: columns.map((column) => column.isGap?.(row) ?? false),
            }));
        const sought = sheet.find.toLowerCase();
        const found =
            sought === '' ? rows : rows.filter((row) => row.cells.some((cell) => cell?.toLowerCase().includes(sought)));
        const place = columns.findIndex((column) => column.id === sheet.sort?.id);
        if (place < 0) return found;
        const order = found.toSorted((a, b) =>
            (a.cells[place] ?? '').localeCompare(b.cells[place] ?? '', context.game.language, { numeric: true }),
        );

        return sheet.sort.isDown ? order.reverse() : order;
    }

    function toolbar() {
        const { game } = editor.store;
        const put =
            (field) =>
            ({ target }) => {
                sheet[field] = target.value;
                draw();
            };
        const option = (value, name, chosen) => el('option', { value, selected: value === chosen }, name);

        return [
            el(
                'div',
                { class: 'sheet-tables', role: 'group' },
                Object.keys(TABLES).map((kind) =>
                    el(
                        'button',
                        {
                            class: 'sheet-table',
                            'data-key': `sheet.${kind}`,
                            'aria-pressed': String(sheet.kind === kind),
                            onclick: () => {
                                Object.assign(sheet, {
                                    kind,
                                    sort: null,
                                    chapter: kind === 'named' ? '' : sheet.chapter,
                                });
                                draw();
                            },
                        },
                        words.tables[kind],
                    ),
                ),
            ),
            sheet.kind === 'named'
                ? null
                : el(
                      'select',
                      { 'data-key': 'sheet.chapter', 'aria-label': words.chapter, onchange: put('chapter') },
                      option('', words.allChapters, sheet.chapter),
                      (game.chapters ?? []).map((chapter) => option(chapter.id, chapter.title, sheet.chapter)),
                  ),
            el(
                'select',
                { 'data-key': 'sheet.only', 'aria-label': words.only, onchange: put('only') },
                option('', words.all, sheet.only),
                option('found', words.toMend, sheet.only),
            ),
            el('input', {
                type: 'search',
                'data-key': 'sheet.find',
                placeholder: words.find,
                'aria-label': words.find,
                value: sheet.find,
                oninput: put('find'),
            }),
            el('input', {
                'data-key': 'sheet.replace',
                placeholder: words.replace,
                'aria-label': words.replace,
                value: sheet.replace,
                oninput: ({ target }) => {
                    sheet.replace = target.value;
                },
            }),
            el(
                'button',
                { class: 'button', 'data-key': 'sheet.replace.all', disabled: sheet.find === '', onclick: replaceAll },
                words.replaceAll,
            ),
            sheet.kind === 'option' ? el('p', { class: 'help sheet-help' }, words.outcomesHelp) : null,
            sheet.kind === 'option'
                ? el(
                      'button',
                      { class: 'button', 'data-key': 'sheet.outcome', onclick: anotherOutcome },
                      icon('plus'),
                      words.outcome,
                  )
                : null,
            el(
                'span',
                { class: 'sheet-files' },
                el(
                    'button',
                    {
                        class: 'link',
                        'data-key': 'sheet.save',
                        onclick: () =>
                            save(
                                `${game.title} ${words.tables[sheet.kind]}.csv`,
                                columnsOf(),
                                shown(contextNow(), columnsOf()),
                            ),
                    },
                    icon('download'),
                    words.save,
                ),
                el(
                    'button',
                    { class: 'link', 'data-key': 'sheet.bring', onclick: () => file.click() },
                    icon('upload'),
                    words.bring,
                ),
            ),
        ];
    }

    function write(cells, label, more = []) {
        const columns = columnsOf();
        const { edits, refused } = changesOf(cells, columns, contextNow(), sheet.kind);
        if (edits.length + more.length > 0)
            editor.store.edit(
                [...edits, ...more],
                label ??
                    (cells.length === 1
                        ? columns.find((column) => column.id === cells[0].column).title
                        : filled(words.wrote, { count: cells.length - refused.length })),
            );
        else draw();
        if (refused.length > 0) editor.alarm(whyRefused(refused));
        if (edits.length > 0) tellShut(cells, refused, editor);
    }

    /** @param {{key: string, text: string}[]} refused */
    function whyRefused(refused) {
        const told = refused.slice(0, MOST_TOLD).map(({ key, text }) => filled(words.refused[key], { text }));
        const more = refused.length - told.length;

        return [...new Set(told), ...(more > 0 ? [filled(words.more, { count: more })] : [])].join(' ');
    }

    function append(block) {
        const make = BEYOND[sheet.kind];
        if (make) make(block, editor);
        else editor.alarm(words.noChoices);
    }

    function anotherOutcome() {
        const { game } = editor.store;
        editor.store.edit(
            {
                insert: 'tallies',
                in: '@game',
                after: game.tallies?.at(-1)?.id ?? null,
                value: {
                    id: freshId('outcome'),
                    name: t('made.new.outcome', { number: (game.tallies?.length ?? 0) + 1 }),
                    start: 0,
                    shown: false,
                },
            },
            words.outcome,
        );
    }

    function replaceAll() {
        const pattern = new RegExp(sheet.find.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'), 'giu');
        const matches = (text) => text.search(pattern) >= 0;
        const columns = columnsOf();
        const found = shown(contextNow(), columns).flatMap((row) =>
            columns.flatMap((column, at) =>
                column.isFixed || row.cells[at] === null || !matches(row.cells[at])
                    ? []
                    : [{ row: row.id, column: column.id, text: row.cells[at].replace(pattern, () => sheet.replace) }],
            ),
        );
        // A chapter has one name, however many rows say it: it is called otherwise, with all its scenes.
        const chapters = found.some((cell) => cell.column === 'chapter')
            ? (editor.store.game.chapters ?? []).filter((chapter) => matches(chapter.title))
            : [];
        const cells = found.filter((cell) => cell.column !== 'chapter');
        const count = cells.length + chapters.length;
        if (count > 0)
            write(
                cells,
                filled(words.replaced, { count }),
                chapters.reduce(
                    (edits, chapter) => [
                        ...edits,
                        ...renamed(
                            edits.reduce(apply, editor.store.game),
                            chapter.id,
                            chapter.title.replace(pattern, () => sheet.replace),
                        ),
                    ],
                    [],
                ),
            );
    }

    /** What a file would change, cell by cell, to be taken or left. */
    async function bring(chosen) {
        file.value = '';
        if (!chosen) return;
        const columns = columnsOf();
        const { cells, unknown, isReadable } = await readChanges(chosen, columns, shown(contextNow(), columns));
        if (!isReadable) return editor.alarm(words.noTable);
        const close = () => {
            offer.hidden = true;
        };
        const head = cells.length === 0 ? words.nothing : filled(words.changed, { count: cells.length });
        redraw(offer, [
            el('p', {}, el('strong', {}, head), unknown > 0 ? ` ${filled(words.unknown, { count: unknown })}` : ''),
            el(
                'ul',
                { class: 'sheet-changes' },
                cells
                    .slice(0, 200)
                    .map((cell) =>
                        el(
                            'li',
                            {},
                            el('span', { class: 'caps' }, columns.find((column) => column.id === cell.column).title),
                            el('del', {}, cell.before),
                            icon('arrow-right'),
                            el('ins', {}, cell.text),
                        ),
                    ),
            ),
            el(
                'div',
                { class: 'sheet-take' },
                cells.length > 0
                    ? el(
                          'button',
                          {
                              class: 'button primary',
                              'data-key': 'sheet.take',
                              onclick: () => {
                                  close();
                                  write(cells, filled(words.brought, { count: cells.length }));
                              },
                          },
                          words.take,
                      )
                    : null,
                el('button', { class: 'link', 'data-key': 'sheet.leave', onclick: close }, words.leave),
            ),
        ]);
        offer.hidden = false;
        offer.querySelector('button')?.focus();
    }

    function openThing(id) {
        const scene = editor.store.game.scenes.find((one) => one.things?.some((thing) => thing.id === id));
        if (scene) editor.walkTo(scene.id, id);
    }

    return { draw };
}

export { openSheet };

import { classes, el } from '../../lib/dom.js';
import { dragOn } from '../../lib/drag.js';

/** Height of a row in pixels, and how many are drawn above and below what is seen. */
const HEIGHT = 36;
const SPARE = 6;

/**
 * A table of cells that is worked in like a spreadsheet. Only the rows in view are drawn, so two thousand are as quick
 * as twenty. `columns` are `{id, title, width, isFixed}`; `take(cells, label)` gets what was written, as `{row, column,
 * text}`;
 * `beyond(text)` gets what is pasted below the last row.
 */
function openGrid({ take, beyond, open, label }) {
    const body = el('div', { class: 'grid-body', role: 'rowgroup' });
    const head = el('div', { class: 'grid-head', role: 'row', 'aria-rowindex': 1 });
    const node = el(
        'div',
        { class: 'sheet-grid', role: 'grid', tabindex: 0, 'aria-label': label, 'aria-multiselectable': 'true' },
        head,
        body,
    );
    const state = { columns: [], rows: [], at: [0, 0], from: [0, 0], editing: null, sort: null };
    const drawn = new Map();

    function show(columns, rows) {
        Object.assign(state, { columns, rows });
        drawn.forEach((row) => row.remove());
        drawn.clear();
        state.at = within(state.at);
        state.from = within(state.from);
        node.setAttribute('aria-rowcount', rows.length + 2);
        node.setAttribute('aria-colcount', columns.length);
        node.style.setProperty('--columns', columns.map((column) => `${column.width}px`).join(' '));
        body.style.height = `${(rows.length + 1) * HEIGHT}px`;
        head.replaceChildren(
            ...columns.map((column, place) =>
                el(
                    'button',
                    {
                        class: 'grid-title',
                        role: 'columnheader',
                        'aria-colindex': place + 1,
                        tabindex: -1,
                        'aria-sort':
                            state.sort?.id === column.id ? (state.sort.isDown ? 'descending' : 'ascending') : 'none',
                        onclick: () => sortBy(column.id),
                    },
                    column.title,
                ),
            ),
        );
        draw();
    }

    /** @param {number[]} place */
    const within = ([row, column]) => [
        Math.max(0, Math.min(row, state.rows.length)),
        Math.max(0, Math.min(column, state.columns.length - 1)),
    ];

    function sortBy(id) {
        state.sort = state.sort?.id === id ? (state.sort.isDown ? null : { id, isDown: true }) : { id, isDown: false };
        node.dispatchEvent(new CustomEvent('sorted', { detail: state.sort }));
    }

    /**
     * Rows that came into view are made, those that left it go; the others stay, and only say anew whether they are
     * picked.
     */
    function draw() {
        const first = Math.max(0, Math.floor(node.scrollTop / HEIGHT) - SPARE);
        const last = Math.min(state.rows.length, first + Math.ceil(node.clientHeight / HEIGHT) + 2 * SPARE);
        for (const [place, row] of drawn) {
            if (place >= first && place <= last) continue;
            row.remove();
            drawn.delete(place);
        }
        for (let place = first; place <= last; place++) {
            if (!drawn.has(place)) body.append(rowNode(place));
            pickedIn(place);
        }
        node.setAttribute('aria-activedescendant', `cell-${state.at.join('-')}`);
    }

    function rowNode(place) {
        const row = state.rows[place];
        const cells = state.columns.map((column, at) => {
            const text = row ? row.cells[at] : at === 0 ? beyond.words() : '';
            const isFixed = column.isFixed || text === null;

            return el(
                'div',
                {
                    role: 'gridcell',
                    id: `cell-${place}-${at}`,
                    'aria-colindex': at + 1,
                    'aria-readonly': isFixed ? 'true' : null,
                    class: classes(
                        'grid-cell',
                        isFixed && 'grid-fixed',
                        !row && 'grid-beyond',
                        row?.gaps[at] && 'grid-gap',
                    ),
                    'data-cell': `${place},${at}`,
                },
                text ?? column.blank ?? '…',
            );
        });
        const made = el(
            'div',
            { class: 'grid-row', role: 'row', 'aria-rowindex': place + 2, 'data-row': row?.id ?? null },
            cells,
        );
        made.style.top = `${place * HEIGHT}px`;
        drawn.set(place, made);

        return made;
    }

    function pickedIn(place) {
        [...drawn.get(place).children].forEach((cell, at) => {
            const picked = isPicked(place, at);
            if (picked !== (cell.ariaSelected === 'true')) cell.ariaSelected = String(picked);
            cell.classList.toggle('grid-picked', picked);
            cell.classList.toggle('grid-at', state.at[0] === place && state.at[1] === at);
        });
    }

    function area() {
        const [[r, c], [fr, fc]] = [state.at, state.from];

        return { top: Math.min(r, fr), bottom: Math.max(r, fr), left: Math.min(c, fc), right: Math.max(c, fc) };
    }

    function isPicked(row, column) {
        const { top, bottom, left, right } = area();

        return row >= top && row <= bottom && column >= left && column <= right;
    }

    function go(to, keeps = false) {
        state.at = within(to);
        if (!keeps) state.from = state.at;
        const top = state.at[0] * HEIGHT;
        if (top < node.scrollTop) node.scrollTop = top;
        if (top + 2 * HEIGHT > node.scrollTop + node.clientHeight - head.offsetHeight)
            node.scrollTop = top + 2 * HEIGHT - node.clientHeight + head.offsetHeight;
        const left = state.columns.slice(0, state.at[1]).reduce((sum, column) => sum + column.width, 0);
        const width = state.columns[state.at[1]]?.width ?? 0;
        if (left < node.scrollLeft) node.scrollLeft = left;
        if (left + width > node.scrollLeft + node.clientWidth) node.scrollLeft = left + width - node.clientWidth;
        draw();
    }

    /** The texts of the picked cells, row by row. */
    function picked() {
        const { top, bottom, left, right } = area();

        return state.rows
            .slice(top, bottom + 1)
            .map((row) => row.cells.slice(left, right + 1).map((text) => text ?? ''));
    }

    /** Writes a block of texts from the upper left of what is picked; what reaches below the last row is given on. */
    function write(block, words) {
        const { top, left } = area();
        const cells = block.flatMap((texts, down) =>
            texts.map((text, along) => ({
                row: state.rows[top + down]?.id,
                column: state.columns[left + along]?.id,
                text,
            })),
        );
        const known = cells.filter((cell) => cell.row !== undefined && cell.column !== undefined);
        const past = block.slice(Math.max(0, state.rows.length - top));
        if (known.length > 0) take(known, words);
        if (past.length > 0) beyond.take(past);
    }

    function fill(text) {
        const { top, bottom, left, right } = area();
        write(
            Array.from({ length: bottom - top + 1 }, (_, down) =>
                Array.from({ length: right - left + 1 }, (_, along) => text(down, along)),
            ),
        );
    }

    function edit(begun = null) {
        const [row, column] = state.at;
        const held = state.rows[row]?.cells[column];
        if (state.columns[column].isFixed || held === null) return;
        const field = el('textarea', {
            class: 'grid-field',
            rows: 1,
            'aria-label': state.columns[column].title,
            value: begun ?? held ?? '',
        });
        Object.assign(field.style, {
            top: `${row * HEIGHT}px`,
            left: `${state.columns.slice(0, column).reduce((sum, one) => sum + one.width, 0)}px`,
            width: `${Math.max(220, state.columns[column].width)}px`,
        });
        const layer = el('div', { role: 'row', class: 'grid-layer' }, el('div', { role: 'gridcell' }, field));
        state.editing = { field, layer, row, column };
        body.append(layer);
        field.focus();
        field.selectionStart = field.value.length;
        field.addEventListener('blur', () => leave(true));
        field.addEventListener('keydown', onFieldKey);
    }

    function onFieldKey(event) {
        event.stopPropagation();
        if (event.key === 'Escape') leave(false);
        else if (event.key === 'Enter' && !event.altKey && !event.shiftKey) leave(true, [1, 0]);
        else if (event.key === 'Tab') leave(true, [0, event.shiftKey ? -1 : 1]);
        else return;
        event.preventDefault();
    }

    function leave(isKept, step = null) {
        if (!state.editing) return;
        const { field, layer, row, column } = state.editing;
        state.editing = null;
        layer.remove();
        node.focus({ preventScroll: true });
        if (isKept && state.rows[row])
            take([{ row: state.rows[row].id, column: state.columns[column].id, text: field.value }], null);
        if (isKept && !state.rows[row] && field.value.trim() !== '') beyond.take([[field.value]]);
        if (step) go([row + step[0], column + step[1]]);
        else draw();
    }

    const api = { node, show, go, edit, fill, picked, write, open: () => open(state.rows[state.at[0]]?.id), state };
    node.addEventListener('scroll', () => requestAnimationFrame(draw), { passive: true });
    dragOn(node, (press, event) => pointAt(press, event, api));
    node.addEventListener('dblclick', (event) => event.target.closest('[data-cell]') && edit());
    new ResizeObserver(draw).observe(node);

    return api;
}

/** A press goes to a cell; drawn on, it picks a block. */
function pointAt(press, event, grid) {
    const cellOf = (one) =>
        document
            .elementFromPoint(one.clientX, one.clientY)
            ?.closest('[data-cell]')
            ?.dataset.cell.split(',')
            .map(Number);
    const cell = cellOf(press);
    if (!cell || press.target.matches('.grid-field')) return null;
    event.preventDefault();
    grid.node.focus({ preventScroll: true });
    grid.go(cell, press.shiftKey);

    return {
        move(moved) {
            const over = cellOf(moved);
            if (over && over.join() !== grid.state.at.join()) grid.go(over, true);
        },
    };
}

export { openGrid };

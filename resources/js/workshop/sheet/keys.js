import Papa from 'papaparse';
import { quoted } from '../../lib/cells.js';

const STEPS = {
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
    PageUp: [-12, 0],
    PageDown: [12, 0],
};

/** The keys and the clipboard of a grid, as a spreadsheet has them. */
function listenToKeys(grid) {
    grid.node.addEventListener('keydown', (event) => onKey(event, grid));
    grid.node.addEventListener('copy', (event) => copy(event, grid));
    grid.node.addEventListener('cut', (event) => {
        copy(event, grid);
        grid.fill(() => '');
    });
    grid.node.addEventListener('paste', (event) => {
        if (event.target.matches('.grid-field')) return;
        event.preventDefault();
        const block = blockOf(event.clipboardData.getData('text/plain'));
        grid.write(block.length === 1 && block[0].length === 1 ? [[block[0][0]]] : block);
    });
}

/** Rows of cells, from the text that a spreadsheet puts on the clipboard. */
const blockOf = (text) => Papa.parse(quoted(text.replace(/\r?\n$/, '')), { delimiter: '\t' }).data;

function copy(event, grid) {
    if (event.target.matches('.grid-field')) return;
    event.preventDefault();
    event.clipboardData.setData('text/plain', Papa.unparse(grid.picked(), { delimiter: '\t', newline: '\n' }));
}

function onKey(event, grid) {
    const { at } = grid.state;
    const step = STEPS[event.key];
    const act = step ? () => grid.go([at[0] + step[0], at[1] + step[1]], event.shiftKey) : keyed(event, grid, at);
    if (!act) return;
    event.preventDefault();
    act();
}

function keyed(event, grid, [row, column]) {
    const isControl = event.ctrlKey || event.metaKey;
    if (isControl && event.key.toLowerCase() === 'd') return () => fillDown(grid);
    if (isControl && event.key === 'Home') return () => grid.go([0, 0], event.shiftKey);
    if (isControl && event.key === 'End')
        return () => grid.go([grid.state.rows.length - 1, grid.state.columns.length - 1], event.shiftKey);
    if (isControl && event.key === 'Enter') return grid.open;
    if (isControl && event.key.toLowerCase() === 'a')
        return () => {
            grid.go([0, 0]);
            grid.go([grid.state.rows.length - 1, grid.state.columns.length - 1], true);
        };
    if (isControl || event.altKey) return null;
    if (event.key === 'Home') return () => grid.go([row, 0], event.shiftKey);
    if (event.key === 'End') return () => grid.go([row, grid.state.columns.length - 1], event.shiftKey);
    if (event.key === 'Tab')
        return leadsOut(event, grid, column) ? null : () => grid.go([row, column + (event.shiftKey ? -1 : 1)]);
    if (event.key === 'Enter' || event.key === 'F2') return () => grid.edit();
    if (event.key === 'Delete' || event.key === 'Backspace') return () => grid.fill(() => '');

    return event.key.length === 1 ? () => grid.edit(event.key) : null;
}

/** Tab leaves the grid at the ends of a row, so that nobody is caught in it. */
function leadsOut(event, grid, column) {
    return event.shiftKey ? column === 0 : column === grid.state.columns.length - 1;
}

/** The uppermost picked cell of each column goes into those below it. */
function fillDown(grid) {
    const [first] = grid.picked();
    if (first) grid.fill((down, along) => first[along]);
}

export { blockOf, listenToKeys };

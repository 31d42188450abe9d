import { t } from '../../lib/catalogue.js';
import { el, targetOf } from '../../lib/dom.js';
import { dragOn } from '../../lib/drag.js';

/**
 * Rows to be put in order: dragged by their grip, or moved by their buttons and by the arrow keys. The order stands in
 * the lists of the form, which stay for those who want them.
 *
 * @param {HTMLElement} field
 */
function dressSorter(field) {
    const lists = [...field.querySelectorAll('[data-plain] select')];
    const rows = field.querySelector('[data-rows]');
    const said = el('span', { class: 'hidden-words', role: 'status' });
    /** @returns {any[]} */
    const all = () => [...rows.children];
    const write = () =>
        all().forEach((row, place) => {
            lists[place].value = row.dataset.item;
        });

    function settle(row) {
        write();
        said.textContent = t('play.inputs.put', { what: row.dataset.say, number: all().indexOf(row) + 1 });
    }

    function step(row, by) {
        const other = all()[all().indexOf(row) + by];
        if (!other) return;
        if (by > 0) other.after(row);
        else other.before(row);
        settle(row);
    }

    for (const row of all()) {
        row.addEventListener('click', (event) => {
            const button = targetOf(event).closest('[data-step]');
            if (!button) return;
            step(row, Number(button.dataset.step));
            button.focus();
        });
        row.addEventListener('keydown', (event) => {
            const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
            if (!by) return;
            event.preventDefault();
            step(row, by);
            targetOf(event).focus();
        });
        dragOn(row.querySelector('[data-grip]'), () => carry(row, () => settle(row)));
    }
    const before = lists.map(({ value }) => value).filter((value) => value !== '');
    for (const id of before) rows.append(all().find((row) => row.dataset.item === id));
    write();
    field.querySelector('[data-plain]').hidden = true;
    rows.hidden = false;
    rows.after(said);
}

/**
 * The row goes with the pointer: those it passes go around it. It is itself never taken out of the page, since a finger
 * on it would be forgotten then.
 */
function carry(row, settle) {
    const end = () => {
        row.classList.remove('carried');
        settle();
    };

    return {
        move({ clientY }) {
            row.classList.add('carried');
            while (row.previousElementSibling && middleOf(row.previousElementSibling) > clientY)
                row.after(row.previousElementSibling);
            while (row.nextElementSibling && middleOf(row.nextElementSibling) < clientY)
                row.before(row.nextElementSibling);
        },
        end,
        cancel: end,
    };
}

function middleOf(row) {
    const { top, height } = row.getBoundingClientRect();

    return top + height / 2;
}

export { dressSorter };

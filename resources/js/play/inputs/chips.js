import { t } from '../../lib/catalogue.js';
import { el } from '../../lib/dom.js';
import { dragOn } from '../../lib/drag.js';

/**
 * Slots to be filled from chips: a chip is dragged to its slot, or the two are tapped one after the other. What is
 * filled stands in the lists of the form, which stay for those who want them. Where there are fewer chips than slots, a
 * chip may be used again.
 *
 * @param {HTMLElement} field
 */
function dressChips(field) {
    const lists = [...field.querySelectorAll('select')];
    const bank = field.querySelector('[data-bank]');
    const chips = [...bank.querySelectorAll('[data-chip]')];
    const said = el('span', { class: 'hidden-words', role: 'status' });
    const isUsedAgain = chips.length < lists.length;
    const slots = lists.map((list) => slotFor(list));
    let picked = null;

    function pick(part) {
        picked = picked === part ? null : part;
        for (const one of [...chips, ...slots]) one.setAttribute('aria-pressed', String(one === picked));
    }

    function fill(slot, chip) {
        const list = lists[slots.indexOf(slot)];
        if (!isUsedAgain) freeOf(chip);
        list.value = chip.dataset.chip;
        list.dataset.from = String(chips.indexOf(chip));
        pick(null);
        draw();
        said.textContent = t('play.inputs.filled', { what: chip.textContent.trim(), where: nameOf(slot) });
    }

    function freeOf(chip) {
        const before = lists.find(({ dataset }) => dataset.from === String(chips.indexOf(chip)));
        if (before) free(before);
    }

    function free(list) {
        list.value = '';
        delete list.dataset.from;
    }

    const nameOf = (slot) => lists[slots.indexOf(slot)].getAttribute('aria-label');
    const inSlot = (slot) => chips[Number(lists[slots.indexOf(slot)].dataset.from ?? NaN)] ?? null;

    function tapSlot(slot) {
        if (chips.includes(picked)) return fill(slot, picked);
        if (!inSlot(slot)) return pick(slot);
        said.textContent = t('play.inputs.freed', { where: nameOf(slot) });
        free(lists[slots.indexOf(slot)]);
        pick(null);
        draw();
    }

    const tapChip = (chip) => (slots.includes(picked) ? fill(picked, chip) : pick(chip));

    /** Lists that were changed by hand, or filled before, say which chip they hold. */
    function follow() {
        const left = new Set(chips);
        for (const list of lists) {
            const chip = chips.find((one) => one.dataset.chip === list.value && (isUsedAgain || left.has(one)));
            if (!chip) delete list.dataset.from;
            else list.dataset.from = String(chips.indexOf(chip));
            left.delete(chip);
        }
        draw();
    }

    function draw() {
        for (const slot of slots) {
            const chip = inSlot(slot);
            slot.replaceChildren(...(chip ? [...chip.cloneNode(true).childNodes] : []));
            slot.classList.toggle('is-filled', chip !== null);
            slot.setAttribute(
                'aria-label',
                `${nameOf(slot)}: ${chip ? chip.textContent.trim() : t('play.inputs.empty')}`,
            );
        }
        const used = new Set(slots.map(inSlot));
        for (const chip of chips) chip.classList.toggle('is-used', !isUsedAgain && used.has(chip));
    }

    function slotFor(list) {
        const slot = el('button', { type: 'button', class: 'slot', 'aria-pressed': 'false' });
        slot.addEventListener('click', () => tapSlot(slot));
        list.before(slot);
        list.addEventListener('change', follow);

        return slot;
    }

    for (const chip of chips) {
        chip.setAttribute('aria-pressed', 'false');
        chip.addEventListener('click', () => tapChip(chip));
        dragOn(chip, () => carryTo(chip, slots, (slot) => fill(slot, chip)));
    }
    const asLists = field.querySelector('[data-as-lists]');
    asLists.addEventListener('click', () => {
        asLists.setAttribute('aria-pressed', String(field.classList.toggle('as-lists')));
    });
    field.querySelector('[data-widget]').hidden = false;
    field.classList.add('is-dressed');
    field.append(said);
    follow();
}

/** The chip goes with the pointer, and falls into the slot under it. */
function carryTo(chip, slots, fill) {
    let start = null;
    const slotAt = ({ clientX, clientY }) =>
        document.elementsFromPoint(clientX, clientY).find((part) => slots.includes(part)) ?? null;
    const mark = (over) => slots.forEach((slot) => slot.classList.toggle('is-under', slot === over));
    const end = () => {
        chip.style.transform = '';
        chip.classList.remove('carried');
        mark(null);
    };

    return {
        move(press) {
            start ??= press;
            chip.classList.add('carried');
            chip.style.transform = `translate(${press.clientX - start.clientX}px, ${press.clientY - start.clientY}px)`;
            mark(slotAt(press));
        },
        end(press) {
            const slot = slotAt(press);
            end();
            if (slot) fill(slot);
        },
        cancel: end,
    };
}

export { dressChips };

import { t } from '../../lib/catalogue.js';
import { el, targetOf } from '../../lib/dom.js';
import { emptyEntry, erase, judged, press } from './entry.js';

/** Full-width digits are typed on some keyboards. */
const plainOf = (typed) => typed.normalize('NFKC').toLowerCase();

/**
 * A code entered key by key: what was entered is seen as places. The keys are buttons that the page has; letters and
 * digits of a keyboard press the key that shows them, arrows press directions, Backspace erases, Enter tries it.
 *
 * @param {HTMLElement} field
 */
function dressPlaces(field) {
    const fields = [...field.querySelectorAll('[data-plain] input, [data-plain] select')];
    const pad = field.querySelector('[data-pad]');
    const keys = new Map([...pad.querySelectorAll('[data-key]')].map((button) => [button.dataset.key, button]));
    const length = Number(field.dataset.length);
    const places = el('div', { class: 'places', role: 'group', tabindex: 0 });
    const said = el('span', { class: 'hidden-words', role: 'status' });
    let entry = emptyEntry(entered(fields).filter((key) => keys.has(key)));

    function set(next, isTold = true) {
        entry = next;
        write(fields, entry.keys);
        draw();
        if (isTold) said.textContent = isFilled() ? `${told()}. ${t('play.inputs.whole')}` : told();
    }

    const isFilled = () => entry.keys.length === length;
    const told = () => entry.keys.map((key) => keys.get(key).dataset.say).join(', ') || t('play.inputs.empty');

    function draw() {
        places.setAttribute('aria-label', `${field.dataset.label}: ${told()}`);
        places.classList.toggle('is-judged', entry.isJudged);
        places.replaceChildren(
            ...Array.from({ length }, (_, place) =>
                el(
                    'span',
                    { class: place === entry.keys.length ? 'place place-next' : 'place', 'aria-hidden': 'true' },
                    entry.keys[place] ? [...keys.get(entry.keys[place]).cloneNode(true).childNodes] : [],
                ),
            ),
        );
    }

    function typed(event) {
        if (event.ctrlKey || event.metaKey || event.altKey) return;
        const key = keyTyped(event.key, keys);
        if (key !== null) set(press(entry, key, length));
        else if (event.key === 'Backspace') set(erase(entry));
        else if (event.key === 'Enter' && event.target === places) field.closest('form').requestSubmit();
        else return;
        event.preventDefault();
    }

    pad.style.setProperty('--columns', field.dataset.columns);
    pad.addEventListener('click', (event) => {
        const button = targetOf(event).closest('button');
        if (button?.dataset.key) set(press(entry, button.dataset.key, length));
        if (button?.dataset.pad === 'erase') set(erase(entry));
        if (button?.dataset.pad === 'clear') set(emptyEntry());
    });
    field.addEventListener('keydown', typed);
    places.addEventListener('paste', (event) => {
        event.preventDefault();
        const pasted = [...event.clipboardData.getData('text')].map((sign) => keyTyped(sign, keys));
        set(pasted.filter((key) => key !== null).reduce((next, key) => press(next, key, length), emptyEntry()));
    });
    field.addEventListener('judged', () => set(judged(entry), false));
    field.querySelector('[data-plain]').hidden = true;
    field.querySelector('[data-widget]').hidden = false;
    pad.before(places, said);
    draw();
}

const ARROWS = { ArrowUp: 'U', ArrowDown: 'D', ArrowLeft: 'L', ArrowRight: 'R' };

/** The one key that shows what was typed, or null. */
function keyTyped(typed, keys) {
    if (ARROWS[typed]) return keys.has(ARROWS[typed]) ? ARROWS[typed] : null;
    if ([...typed].length !== 1) return null;
    const found = [...keys].filter(([, button]) => plainOf(button.dataset.say) === plainOf(typed));

    return found.length === 1 ? found[0][0] : null;
}

/** A code is one text for digits and directions, and a list for everything else. */
function entered(fields) {
    return fields.length === 1 && fields[0].matches('input')
        ? [...fields[0].value]
        : fields.map(({ value }) => value).filter((value) => value !== '');
}

function write(fields, keys) {
    if (fields.length === 1 && fields[0].matches('input')) fields[0].value = keys.join('');
    else
        fields.forEach((one, place) => {
            one.value = keys[place] ?? '';
        });
}

export { dressPlaces };

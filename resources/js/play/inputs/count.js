import { t } from '../../lib/catalogue.js';
import { amount } from './amount.js';

/**
 * How long a text is by now, against the length that was asked for.
 *
 * @param {HTMLElement} field
 */
function dressCount(field) {
    const [text, line] = [field.querySelector('textarea'), field.querySelector('[data-count]')];
    const { least, most } = line.dataset;
    const of = /** @type {'characters' | 'words'} */ (line.dataset.of);
    const count = () => {
        const now = amount(text.value, of);
        const isEnough = now >= Number(least || 0) && (!most || now <= Number(most));
        line.textContent = t(`play.inputs.count.${of}.${most ? (least ? 'between' : 'most') : 'least'}`, {
            now,
            least,
            most,
        });
        line.classList.toggle('is-enough', isEnough);
    };
    text.addEventListener('input', count);
    count();
}

export { dressCount };

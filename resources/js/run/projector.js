import QRCode from 'qrcode/lib/core/qrcode.js';
import { svg } from '../lib/dom.js';
import { refreshed } from './standing.js';

/** Light around a code picture, in its own squares. */
const QUIET = 4;

/** The page that is projected: the address as a code picture (ISO/IEC 18004), and how many are there. */
function begin() {
    const holder = document.querySelector('[data-code-picture]');
    holder.append(codePicture(holder.dataset.codePicture, holder.dataset.name));
    refreshed(document.getElementById('standing'));
}

/**
 * @param {string} text
 * @param {string} name for those who don't see it
 */
function codePicture(text, name) {
    const { size, data } = QRCode.create(text, { errorCorrectionLevel: 'M' }).modules;
    const squares = [...data].map((isDark, at) =>
        isDark ? `M${(at % size) + QUIET} ${Math.floor(at / size) + QUIET}h1v1h-1z` : '',
    );
    const whole = size + 2 * QUIET;

    return svg(
        'svg',
        { viewBox: `0 0 ${whole} ${whole}`, role: 'img', 'aria-label': name, 'shape-rendering': 'crispEdges' },
        svg('rect', { width: whole, height: whole, class: 'code-light' }),
        svg('path', { d: squares.join(''), class: 'code-dark' }),
    );
}

export { begin };

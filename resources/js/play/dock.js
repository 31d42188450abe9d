/** Up to this width of a window there is no room beside the picture. */
const NARROW = 720;

/** A panel at the side, in pixels. */
const WIDTH = 450;

/** Of the height of a window a picture leaves at least so much to what is asked. */
const ROOM = 0.58;

/**
 * Puts a panel where what is looked at stays in sight, and where it stays put whatever it comes to say; anew where the
 * window has become another.
 */
function dock(panel, opener) {
    if (panel.querySelector('.beside')) return;
    place(panel, opener);
    const again = () => place(panel, opener);
    window.addEventListener('resize', again);
    panel.addEventListener('close', () => window.removeEventListener('resize', again));
}

function place(panel, opener) {
    panel.classList.remove('is-left', 'is-right', 'is-below');
    const frame = document.querySelector('[data-stage-frame]');
    if (window.innerWidth > NARROW) {
        const [left, right] = [covered(0, opener), covered(window.innerWidth - WIDTH, opener)];
        panel.classList.add(left < right ? 'is-left' : 'is-right');

        return;
    }
    panel.classList.add('is-below');
    panel.style.setProperty('--panel-top', `${Math.round(seenOf(frame))}px`);
}

/** How much of what is to be looked at a panel would lie over, if it began there. */
function covered(from, opener) {
    const pictures = [...document.querySelectorAll('.stage-mosaic, .stage [data-drawn] image')];
    const looked = opener.matches('.stage-lock-plate, .flow-row') ? pictures : [...pictures, opener];

    return looked
        .map((one) => one.getBoundingClientRect())
        .reduce((sum, { left, right, height }) => {
            const across = Math.max(0, Math.min(right, from + WIDTH) - Math.max(left, from));

            return sum + across * height;
        }, 0);
}

/** How much of the window is left to the picture, which is brought to its top. */
function seenOf(frame) {
    const most = (1 - ROOM) * window.innerHeight;
    if (!frame?.checkVisibility()) return most / 3;
    window.scrollBy({ top: frame.getBoundingClientRect().top, behavior: 'instant' });

    return Math.min(most, Math.max(0, frame.getBoundingClientRect().bottom));
}

export { dock };

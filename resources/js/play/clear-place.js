/** Room between what is said and the edge of the picture, in pixels. */
const RIM = 12;

/**
 * Puts what is said where it lies over nothing: neither over what it is about nor over anything that can be pressed
 * next, as near as possible to what it is about. Where the picture has no such place it stays below the picture.
 *
 * @param {HTMLElement} said
 * @param {HTMLElement} frame of the stage
 * @param {Element | null} about
 */
function clearPlace(said, frame, about) {
    const room = frame.getBoundingClientRect();
    said.classList.add('is-floating');
    const { width, height } = said.getBoundingClientRect();
    const taken = [...frame.querySelectorAll('button, a, .stage-text, .stage-mosaic')].map((part) =>
        part.getBoundingClientRect(),
    );
    const from = about ? middleOf(about.getBoundingClientRect()) : { x: room.width / 2 + room.left, y: room.top };
    const place = places(room, width, height)
        .filter((spot) => !taken.some((box) => isOver(spot, box)))
        .sort((one, other) => apart(middleOf(one), from) - apart(middleOf(other), from))[0];
    said.classList.toggle('is-floating', place !== undefined);
    if (!place) return;
    const scene = said.offsetParent.getBoundingClientRect();
    said.style.left = `${place.left - scene.left}px`;
    said.style.top = `${place.top - scene.top}px`;
}

/** A grid of places inside the picture, none where there is no room. */
function places(room, width, height) {
    const [across, down] = [room.width - width - 2 * RIM, room.height - height - 2 * RIM];
    if (across < 0 || down < 0) return [];
    const parts = [0, 0.125, 0.25, 0.375, 0.5, 0.625, 0.75, 0.875, 1];

    return parts.flatMap((x) =>
        parts.map((y) => new DOMRect(room.left + RIM + x * across, room.top + RIM + y * down, width, height)),
    );
}

const isOver = (one, other) =>
    one.left < other.right && other.left < one.right && one.top < other.bottom && other.top < one.bottom;

const middleOf = ({ left, top, width, height }) => ({ x: left + width / 2, y: top + height / 2 });

const apart = (one, other) => Math.hypot(one.x - other.x, one.y - other.y);

export { clearPlace };

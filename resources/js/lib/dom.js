const SVG = 'http://www.w3.org/2000/svg';

/**
 * An element with attributes, listeners (`onclick` and the like) and children; null children are left out. What is
 * drawn again and again is described instead (`tree.js`).
 */
function el(tag, attributes = {}, ...children) {
    return fill(document.createElement(tag), attributes, children);
}

function svg(tag, attributes = {}, ...children) {
    return fill(document.createElementNS(SVG, tag), attributes, children);
}

function icon(name) {
    return svg('svg', { class: 'icon', 'aria-hidden': 'true' }, svg('use', { href: iconAddress(name) }));
}

/** Where an icon lies: the page says under which name its sprite was built. */
const iconAddress = (name) => `${document.body.dataset.icons}#${name}`;

const SHAPES = {
    open: [
        ['circle', { cx: 12, cy: 12, r: 11, class: 'mark-fill' }],
        ['path', { d: 'M6.5 12.5l3.8 3.8 7.2-8', class: 'mark-tick' }],
    ],
    almost: [
        ['circle', { cx: 12, cy: 12, r: 10, class: 'mark-ring' }],
        ['path', { d: 'M12 2a10 10 0 0 0 0 20z', class: 'mark-half' }],
    ],
    wrong: [
        ['circle', { cx: 12, cy: 12, r: 10, class: 'mark-ring' }],
        ['path', { d: 'M7 12h10', class: 'mark-bar' }],
    ],
};

/** The shape of a verdict. */
function mark(verdict) {
    return svg(
        'svg',
        { class: `mark mark-${verdict}`, viewBox: '0 0 24 24', 'aria-hidden': 'true' },
        ...SHAPES[verdict].map(([tag, attributes]) => svg(tag, attributes)),
    );
}

/** Puts HTML that the server made into an element. */
function html(element, markup) {
    element.innerHTML = markup;

    return element;
}

function fill(element, attributes, children) {
    for (const [name, value] of Object.entries(attributes)) {
        if (value === null || value === undefined || value === false) continue;
        if (name.startsWith('on')) element.addEventListener(name.slice(2), value);
        else if (name === 'value' || name === 'checked' || name === 'selected') element[name] = value;
        else element.setAttribute(name, value === true ? '' : value);
    }
    element.append(...children.flat(3).filter((child) => child !== null && child !== undefined && child !== false));

    return element;
}

/**
 * What an event comes from, to be spoken to as a node.
 *
 * @param {Event} event
 * @returns {Found}
 */
const targetOf = (event) => /** @type {any} */ (event.target);

/** Class names in a row, those that don't hold left out. */
const classes = (...names) => names.filter(Boolean).join(' ');

export { SHAPES, classes, el, html, icon, iconAddress, mark, svg, targetOf };

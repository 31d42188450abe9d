import { html, noChange, nothing, render, svg as drawing } from 'lit-html';
import { Directive, directive } from 'lit-html/directive.js';
import { live } from 'lit-html/directives/live.js';
import { ref } from 'lit-html/directives/ref.js';
import { repeat } from 'lit-html/directives/repeat.js';
import { unsafeHTML } from 'lit-html/directives/unsafe-html.js';
import { SHAPES, iconAddress } from './dom.js';

/**
 * Descriptions of elements, which lit-html brings onto the page (`redraw`): what stays the same is left alone, so a
 * caret, an open list and a pressed button survive. They are written as calls, which are read by the type checker, and
 * kept by lit-html as templates: one for each tag with the names of its attributes.
 *
 * Attributes are those of an element; `on…` listens, `.name` sets a property at every drawing, `ref` gets the element.
 * Children are descriptions, elements, texts and lists of them; null and false are left out. In a list, parts are known
 * by their `data-key`, or by the first one in them.
 */
function el(tag, attributes = {}, ...children) {
    return part(html, tag, attributes, children);
}

function svg(tag, attributes = {}, ...children) {
    return part(drawing, tag, attributes, children);
}

function icon(name) {
    return svg('svg', { class: 'icon', 'aria-hidden': 'true' }, svg('use', { href: iconAddress(name) }));
}

/** The shape of a verdict. */
function mark(verdict) {
    return svg(
        'svg',
        { class: `mark mark-${verdict}`, viewBox: '0 0 24 24', 'aria-hidden': 'true' },
        SHAPES[verdict].map(([tag, attributes]) => svg(tag, attributes)),
    );
}

/** HTML that the server made, or that is made as it does. */
const markup = (text) => unsafeHTML(text);

const EMPTY = new Set(['input', 'img', 'br', 'hr', 'textarea']);

/** What a description is of: tag, and names of attributes → the texts of its template. */
const templates = new Map();

function part(kind, tag, attributes, children) {
    const names = Object.keys(attributes);
    const values = names.map((name) => bound(tag, name, attributes[name]));
    if (!EMPTY.has(tag)) values.push(within(children));
    const described = kind(textsOf(kind, tag, names), ...values);
    described.key = attributes['data-key'] ?? firstKey(children);

    return described;
}

function textsOf(kind, tag, names) {
    const shape = `${kind === html ? '' : 'svg '}${tag} ${names.join(' ')}`;
    if (!templates.has(shape)) templates.set(shape, newTexts(tag, names));

    return templates.get(shape);
}

function newTexts(tag, names) {
    const bindings = names.map((name) => ` ${bindingOf(name)}`);
    const end = EMPTY.has(tag) ? `>${tag === 'textarea' ? '</textarea>' : ''}` : '>';
    const texts = bindings.length === 0 ? [`<${tag}${end}`] : [`<${tag}${bindings[0]}`, ...bindings.slice(1), end];
    if (!EMPTY.has(tag)) texts.push(`</${tag}>`);

    return Object.assign(texts, { raw: texts });
}

const PROPERTIES = new Set(['value', 'checked', 'selected']);

function bindingOf(name) {
    if (name === 'ref') return '';
    if (name.startsWith('on')) return `@${name.slice(2)}=`;

    return PROPERTIES.has(name) ? `.${name}=` : `${name}=`;
}

function bound(tag, name, value) {
    if (name === 'ref') return ref(value);
    if (name.startsWith('on')) return value ?? nothing;
    if (name === 'value' && tag !== 'option') return written(value ?? '');
    if (name.startsWith('.')) return always(value);
    if (PROPERTIES.has(name)) return live(value ?? '');
    if (value === null || value === undefined || value === false) return nothing;

    return value === true ? '' : value;
}

/** What a field holds; while it is written in it is left alone. */
const written = directive(
    class extends Directive {
        /** @param {any} part */
        update({ element }, [value]) {
            const isWrittenIn = element === document.activeElement && 'selectionStart' in element;
            if (!(isWrittenIn && element.value !== element.kept) && element.value !== String(value))
                element.value = value;

            return noChange;
        }

        render(_value) {
            return noChange;
        }
    },
);

/** A property that others set too. */
const always = directive(
    class extends Directive {
        /** @param {any} part */
        update({ element, name }, [value]) {
            element[name] = value;

            return noChange;
        }

        render(_value) {
            return noChange;
        }
    },
);

/** What stands in an element, ready for lit-html; lists keep their parts by key. */
function within(children) {
    if (!Array.isArray(children)) return children === false || children === true ? nothing : (children ?? nothing);
    const parts = children.map(within);
    if (parts.length === 0) return nothing;
    if (parts.length === 1) return parts[0];

    return parts.some((one) => one?.key !== undefined) ? repeat(parts, keysOf(parts), (one) => one) : parts;
}

/**
 * A key for each: its own, or its place among those that have none; of two that are the same the second counts anew.
 */
function keysOf(parts) {
    const seen = new Map();
    const keys = parts.map((one) => {
        const key = one?.key ?? '';
        const time = seen.get(key) ?? 0;
        seen.set(key, time + 1);

        return time === 0 && key !== '' ? key : `${key}#${time}`;
    });

    return (_, place) => keys[place];
}

function firstKey(children) {
    for (const child of children) {
        const key = Array.isArray(child) ? firstKey(child) : child?.key;
        if (key !== undefined) return key;
    }

    return undefined;
}

/** Brings what is drawn in a holder to what is wanted. */
function redraw(holder, children) {
    waiting.set(holder, children);
    if (isDrawing) return;
    isDrawing = true;
    try {
        while (waiting.size > 0) {
            const [[next, parts]] = waiting;
            waiting.delete(next);
            render(within(parts), next);
        }
    } finally {
        isDrawing = false;
    }
}

/**
 * A field that goes is left, and what is kept then may ask for drawing again: that waits until this drawing is done.
 */
const waiting = new Map();
let isDrawing = false;

/**
 * The element that is described, on its own: it is not drawn again.
 *
 * @returns {any}
 */
function made(described) {
    const holder = document.createDocumentFragment();
    render(described, holder);

    return holder.firstElementChild;
}

export { el, icon, made, mark, markup, redraw, svg };

import { el, icon } from '../../lib/dom.js';

/** What stands over the map: at its head what can be done by hand, the list and the search; at its side the tools. */
function mapTools(words, acts) {
    const tool = (sign, name) =>
        el(
            'button',
            {
                class: 'mover',
                'aria-label': words[name],
                title: words[name],
                'data-key': `map.${name}`,
                onclick: acts[name],
            },
            icon(sign),
        );

    return el(
        'div',
        { class: 'map-tools' },
        tool('blocks', 'patterns'),
        tool('list-start', 'first'),
        tool('sparkles', 'tidy'),
        tool('zoom-in', 'nearer'),
        tool('zoom-out', 'farther'),
        tool('maximize', 'all'),
    );
}

/**
 * `seek` gets what is sought with every letter, `found` when it is to be gone to, `turn` when list and drawing change
 * places.
 */
function mapHead(words, { seek, found, turn }) {
    const field = el('input', {
        type: 'search',
        class: 'map-seek',
        'aria-label': words.search,
        placeholder: words.search,
        oninput: () => seek(sought()),
        onkeydown: (event) => event.key === 'Enter' && sought() !== '' && found(sought()),
    });
    const sought = () => field.value.trim().toLowerCase();
    const turner = el(
        'button',
        {
            class: 'link map-as-list',
            'aria-pressed': 'false',
            onclick: () => {
                const isList = turner.getAttribute('aria-pressed') !== 'true';
                turner.setAttribute('aria-pressed', String(isList));
                turner.lastChild.textContent = isList ? words.drawing : words.list;
                turn(isList);
            },
        },
        icon('list'),
        words.list,
    );

    return {
        node: el('div', { class: 'map-head' }, el('p', { class: 'map-help' }, words.help), turner, field),
        sought,
    };
}

export { mapHead, mapTools };

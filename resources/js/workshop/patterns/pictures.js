import { filled } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { takeFile } from '../editor/pictures.js';

/**
 * Many pictures at once, each called by the name of its file: a cell of the rows that says the name means the picture.
 */
function picturesField(field, form) {
    const { words, given } = form;
    const held = given[field.name] ?? [];

    return el(
        'div',
        {
            class: 'field',
            'data-key': `pattern.part.${field.name}`,
            ondragover: (event) => event.preventDefault(),
            ondrop: (event) => {
                event.preventDefault();
                takeAll(event.dataTransfer.files, field, form);
            },
        },
        el('span', {}, words.fields[field.name], el('small', {}, ` ${words.optional}`)),
        el(
            'label',
            { class: 'button file-label' },
            icon('upload'),
            words.chooseFiles,
            el('input', {
                type: 'file',
                multiple: true,
                accept: 'image/png,image/jpeg,image/webp,image/gif,image/svg+xml',
                class: 'plain file-own',
                'data-key': `pattern.field.${field.name}`,
                'aria-label': words.chooseFiles,
                onchange: ({ target }) => takeAll(target.files, field, form),
            }),
        ),
        el(
            'p',
            { class: 'help', role: 'status' },
            given[`${field.name}.taking`]
                ? filled(words.taking, { name: given[`${field.name}.taking`] })
                : filled(words.taken, { count: held.length }),
        ),
        held.length > 0
            ? el(
                  'div',
                  { class: 'pattern-pictures' },
                  held.map(({ name, address }) => el('img', { src: address, alt: name, title: name })),
              )
            : null,
    );
}

/** Takes files one after the other, up to one that can't be taken; a name that comes again replaces the one before. */
async function takeAll(files, { name }, { editor, given, changed, draw }) {
    for (const file of files) {
        const called = file.name.replace(/\.[^.]*$/, '');
        given[`${name}.taking`] = called;
        draw();
        await takeFile(file, editor, ({ id, edits }) => {
            const others = (given[name] ?? []).filter((one) => one.name !== called);
            given[name] = [...others, { name: called, id, edits, address: addressOf(id, edits, editor) }];
        });
        if (!given[name]?.some((one) => one.name === called)) break;
    }
    delete given[`${name}.taking`];
    changed();
    draw();
}

function addressOf(id, edits, editor) {
    const asset = edits[0]?.value ?? editor.store.game.assets?.find((one) => one.id === id);

    return asset ? `/files/${asset.file.split('/').pop()}` : '';
}

/** A name and an id in each line, as the server reads them. */
const pictureLines = (held = []) => held.map(({ name, id }) => `${name}\t${id}`).join('\n');

/** What brings the pictures into the game, each with its name for those who don't see it where that may be told. */
const pictureEdits = (held = [], isTold = false) =>
    held.flatMap(({ name, edits }) =>
        edits.map((edit) => ({ ...edit, value: { ...edit.value, ...(isTold && { alt: name }) } })),
    );

/** A picture with its colours and cells, as the pattern of a hidden picture reads it. */
const cellsLine = (found) => (found?.cells ? [found.id, found.palette.join(' '), found.cells].join('\t') : '');

export { cellsLine, pictureEdits, pictureLines, picturesField };

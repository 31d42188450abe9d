import { filled, wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/tree.js';
import { fileOf } from '../editor/files.js';
import { reduced } from '../editor/reduced.js';
import { picturesField } from './pictures.js';

/** The field of a pattern. What is given is kept under its name, for every pattern that asks for the same. */
function patternField(field, form) {
    return KINDS[field.kind](field, form);
}

const KINDS = {
    questions: rows,
    table: rows,
    text: (field, form) => labelled(field, form, el('textarea', { rows: 2, ...typed(field, form) })),
    line: (field, form) => labelled(field, form, el('input', typed(field, form))),
    number: (field, form) =>
        labelled(field, form, el('input', { type: 'number', min: 1, class: 'tiny', ...typed(field, form) })),
    choice: (field, form) =>
        labelled(
            field,
            form,
            el(
                'select',
                {
                    'data-key': `pattern.field.${field.name}`,
                    onchange: ({ target }) => give(form, field, target.value),
                },
                field.columns.map((id) =>
                    el('option', { value: id, selected: form.given[field.name] === id }, form.words.choices[id]),
                ),
            ),
        ),
    picture: (field, form) => picture(field, form, (found) => found),
    cells: (field, form) => picture(field, form, (found) => inCells(found, form.editor)),
    pictures: picturesField,
};

function typed(field, form) {
    return {
        'data-key': `pattern.field.${field.name}`,
        autocomplete: 'off',
        placeholder: form.words.sample[field.name] ?? '',
        value: form.given[field.name] ?? '',
        oninput: ({ target }) => give(form, field, target.value),
    };
}

function give({ given, changed }, { name }, value) {
    given[name] = value;
    changed();
}

function labelled({ name, needed }, { words }, control) {
    return el(
        'label',
        { class: 'field', 'data-key': `pattern.label.${name}` },
        el('span', {}, words.fields[name], needed ? '' : el('small', {}, ` ${words.optional}`)),
        control,
    );
}

/** A place for rows, under the names of their columns; how many were understood stands below. */
function rows(field, form) {
    const { words, seen } = form;
    const found = seen?.rows[field.name];
    const area = el('textarea', {
        ...typed(field, form),
        rows: 7,
        wrap: 'off',
        class: 'pattern-rows',
        onkeydown: tabulate,
    });

    return el(
        'div',
        { class: 'pattern-part', 'data-key': `pattern.part.${field.name}` },
        labelled(field, form, [
            el(
                'span',
                { class: 'pattern-columns' },
                field.columns.map((column) => el('span', {}, words.columns[column] ?? column)),
            ),
            area,
        ]),
        el('p', { class: 'help', role: 'status' }, found ? inShort(found, words) : words.rows),
        found ? account(field, form, found) : null,
    );
}

const inShort = (found, words) =>
    [
        filled(words.understood, { count: found.count }),
        found.left > 0 ? filled(words.left, { count: found.left }) : null,
        found.cut ? words.cut : null,
        filled(words.partedBy, { by: found.by }),
    ]
        .filter(Boolean)
        .join(' · ');

/** What became of each cell: those that are left out in sight, the others in a fold. */
function account(field, form, found) {
    const { words } = form;
    const left = found.cells.filter(({ taken }) => !taken);
    const name = `${field.name}Heading`;
    const told = ({ row, text, as }) =>
        el(
            'li',
            {},
            el('span', { class: 'cell-row' }, String(row)),
            el('q', { title: text }, text),
            el('span', {}, as),
        );

    return [
        left.length > 0
            ? el('ul', { class: 'cells-left', 'data-key': `pattern.left.${field.name}` }, left.map(told))
            : null,
        found.heading || form.given[name] === 'row'
            ? el(
                  'button',
                  {
                      type: 'button',
                      class: 'link',
                      'data-key': `pattern.heading.${field.name}`,
                      onclick: () => give(form, { name }, found.heading ? 'row' : ''),
                  },
                  found.heading ? words.headingIsRow : words.headingAgain,
              )
            : null,
        el(
            'details',
            { class: 'cells-taken', 'data-key': `pattern.cells.${field.name}` },
            el('summary', {}, words.eachCell),
            el('ul', {}, found.cells.filter(({ taken }) => taken).map(told)),
            el('p', { class: 'help' }, words.grammar),
        ),
    ];
}

/** Tab goes on to the next column where a row is being typed; at an empty row it leaves the field. */
function tabulate(event) {
    const { target } = event;
    const row = target.value.slice(
        target.value.lastIndexOf('\n', target.selectionStart - 1) + 1,
        target.selectionStart,
    );
    if (event.key !== 'Tab' || event.shiftKey || row.trim() === '') return;
    event.preventDefault();
    target.setRangeText('\t', target.selectionStart, target.selectionEnd, 'end');
    target.dispatchEvent(new Event('input', { bubbles: true }));
}

/** Columns, rows and colours of a hidden picture to begin with. */
const GRID = { columns: 32, rows: 24, colours: 10 };

/** The picture that was found, with its cells; as it is where they can't be had. */
async function inCells(found, editor) {
    const file = found.edits[0]?.value?.file;
    const address = file ? `/files/${file.split('/').pop()}` : fileOf(editor.store.game, found.id);

    return { ...found, ...(await reduced(address, GRID, [], editor)) };
}

/** A picture to choose, and what is kept of it. */
function picture(field, form, kept) {
    const { words, given, editor, changed, draw } = form;
    const dialog = () => document.querySelector('dialog.patterns');
    const pick = async () => {
        dialog().close();
        await editor.show('scene');
        editor.pickPicture(async (found) => {
            given[field.name] = await kept(found);
            changed();
            draw();
            editor.draw();
            dialog().showModal();
        });
    };

    return el(
        'div',
        { class: 'field', 'data-key': `pattern.part.${field.name}` },
        el('span', {}, words.fields[field.name]),
        el(
            'button',
            { type: 'button', class: 'button', 'data-key': `pattern.field.${field.name}`, onclick: pick },
            icon('image'),
            given[field.name] ? words.picked : words.picture,
        ),
    );
}

/** What a teacher usually wants of scenes and locks; kept when something is built. */
function usualFields(words, changed) {
    const { usuals } = words;
    const field = (name, label, more = {}) =>
        el(
            'label',
            { class: 'field' },
            el('span', {}, label),
            el('input', {
                'data-key': `usual.${name}`,
                value: usuals[name],
                oninput: ({ target }) => {
                    usuals[name] = target.value;
                    changed();
                },
                ...more,
            }),
        );

    return el(
        'details',
        { class: 'card-more', 'data-key': 'patterns.usual' },
        el('summary', {}, words.usual),
        el(
            'label',
            { class: 'field' },
            el('span', {}, words.usualLook),
            el(
                'select',
                {
                    'data-key': 'usual.look',
                    onchange: ({ target }) => {
                        usuals.look = target.value;
                        changed();
                    },
                },
                el('option', { value: '', selected: !usuals.look }, words.noLook),
                Object.entries(wordsAt('workshop.settings')).flatMap(([kind, name]) =>
                    Object.entries(wordsAt('workshop.tones')).map(([tone, light]) =>
                        el(
                            'option',
                            { value: `${kind}/${tone}`, selected: usuals.look === `${kind}/${tone}` },
                            `${name}, ${light}`,
                        ),
                    ),
                ),
            ),
        ),
        field('right', words.usualRight),
        field('wrong', words.usualWrong),
        el(
            'div',
            { class: 'card-row' },
            field('tries', words.usualTries, { type: 'number', min: 0, max: 20 }),
            field('wait', words.usualWait, { type: 'number', min: 0, max: 600 }),
        ),
    );
}

export { patternField, usualFields };

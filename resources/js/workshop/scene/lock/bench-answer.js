import { t } from '../../../lib/catalogue.js';
import { classes } from '../../../lib/dom.js';
import { el } from '../../../lib/tree.js';
import { line, pick } from '../../editor/fields.js';
import { fileOf } from '../../editor/files.js';
import { list } from '../../editor/ways.js';
import { KINDS } from './kinds.js';
import { recorder } from './recorder.js';

/**
 * An answer given on the bench, in the way of its lock where that is not typed; null where it is.
 *
 * @param {{lock: any, key: string, value: any, editor: any, take: (value: any) => void}} asked
 */
function benchAnswer({ lock, key, value, editor, take }) {
    const { input } = lock;
    const pressed = (held, length, give) =>
        recorder({
            key,
            label: t('cards.bench.tryAnAnswer'),
            choices: KINDS[input.type].choices(input),
            length,
            value: held,
            editor,
            take: give,
        });
    const ways = {
        arrows: () => pressed([...(value ?? '')], input.length, (keys) => take(keys.join(''))),
        keys: () => pressed(list(value), input.length, take),
        colours: () => pressed(list(value), input.length, take),
        order: () => pressed(list(value), input.items.length, take),
        options: () => optionKeys(input, list(value), key, take),
        pairs: () => pairLists(input, value ?? {}, key, take),
        gaps: () => gapLines(input, value ?? {}, key, take),
        point: () => spot(input, key, editor, take),
    };

    return ways[input?.type]?.() ?? null;
}

function optionKeys(input, value, key, take) {
    const next = (id) => {
        if (!input.many) return id;

        return value.includes(id) ? value.filter((one) => one !== id) : [...value, id];
    };

    return el(
        'div',
        { class: 'recorder-keys', role: 'group', 'aria-label': t('cards.bench.tryAnAnswer') },
        input.options.map((option) =>
            el(
                'button',
                {
                    class: classes('recorder-key'),
                    'data-key': `${key}.${option.id}`,
                    'aria-pressed': String(value.includes(option.id)),
                    onclick: () => take(next(option.id)),
                },
                option.md || option.id,
            ),
        ),
    );
}

function pairLists(input, value, key, take) {
    return input.left.map((left) =>
        pick({
            key: `${key}.${left.id}`,
            label: left.md,
            value: value[left.id] ?? '',
            options: [['', '…'], ...input.right.map(({ id, md }) => [id, md])],
            take: (right) => take({ ...value, [left.id]: right }),
        }),
    );
}

function gapLines(input, value, key, take) {
    const ids = Object.keys(KINDS.gaps.match([], input, 0).gaps);

    return ids.map((id, place) =>
        line({
            key: `${key}.${id}`,
            label: t('cards.rules.gap', { number: place + 1 }),
            value: value[id] ?? '',
            take: (word) => take({ ...value, [id]: word }),
        }),
    );
}

/** The picture itself, to be pressed where a student would. */
function spot(input, key, editor, take) {
    const file = fileOf(editor.store.game, input.asset);
    const press = ({ clientX, clientY, currentTarget }) => {
        const { left, top, width, height } = currentTarget.getBoundingClientRect();
        take([(clientX - left) / width, (clientY - top) / height]);
    };

    return file
        ? el('img', {
              src: file,
              alt: t('cards.bench.pressThePicture'),
              class: 'bench-picture',
              'data-key': key,
              onclick: press,
          })
        : null;
}

export { benchAnswer };

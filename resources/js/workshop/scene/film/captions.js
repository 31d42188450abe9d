import { t } from '../../../lib/catalogue.js';
import { el as make } from '../../../lib/dom.js';
import { el, icon } from '../../../lib/tree.js';
import { line, now } from '../../editor/fields.js';
import { clock, round, timeOf } from '../../editor/films.js';
import { list } from '../../editor/walk.js';
import { readCaptions, writeCaptions } from './webvtt.js';

/** Seconds that a new line stays for each letter, and at least. */
const LETTER = 0.065;
const LEAST = 1.6;

/** Captions are written where the film stands, changed in their rows, or brought and taken away as WebVTT. */
function captionsPart(thing, editor, put) {
    const lines = () => list(now(editor, thing).lines);
    const keep = (next) =>
        put({ lines: [...next].sort((one, other) => one.at - other.at) }, t('edits.labels.captions'));
    const change = (place, fields) => keep(lines().map((one, at) => (at === place ? { ...one, ...fields } : one)));

    return el(
        'div',
        { class: 'card-part', 'data-key': `${thing.id}.captions` },
        el('h3', { class: 'caps' }, t('films.captionsHeading', { count: lines().length })),
        writer(thing, editor, lines, keep),
        el(
            'details',
            {
                class: 'card-more',
                'data-key': `${thing.id}.captions.rows`,
                open: lines().length > 0 && lines().length < 12,
            },
            el('summary', {}, t('films.captionRows')),
            lines().map((one, place) => row(thing, one, place, { change, keep, lines })),
        ),
        el(
            'div',
            { class: 'small-line' },
            el(
                'label',
                { class: 'link file-label' },
                icon('upload'),
                t('films.captionsFile'),
                el('input', {
                    type: 'file',
                    class: 'plain file-own',
                    accept: '.vtt,text/vtt',
                    'data-key': `${thing.id}.captions.file`,
                    onchange: ({ target }) => target.files[0] && bring(target.files[0], editor, keep),
                }),
            ),
            lines().length > 0
                ? el(
                      'button',
                      {
                          class: 'link',
                          'data-key': `${thing.id}.captions.save`,
                          onclick: () => save(lines(), thing.label || editor.store.game.title),
                      },
                      icon('download'),
                      t('films.captionsSave'),
                  )
                : null,
        ),
    );
}

/** Stop the film, type what is said, press Enter: the line stands there, and the film goes on. */
function writer(thing, editor, lines, keep) {
    const write = (event) => {
        if (event.key !== 'Enter') return;
        event.preventDefault();
        const text = event.target.value.trim();
        if (text === '') return;
        const at = round(editor.film.head.at);
        const next = lines().find((one) => one.at > at)?.at ?? Infinity;
        const until = round(Math.min(next, at + Math.max(LEAST, text.length * LETTER)));
        event.target.value = '';
        keep([...lines().filter((one) => one.at !== at), { at, until, text }]);
        editor.film.seek(until);
    };

    return el(
        'label',
        { class: 'field' },
        el('span', {}, t('films.saidHere', { time: clock(editor.film.head.at) })),
        el('input', {
            'data-key': `${thing.id}.captions.write`,
            maxlength: 500,
            placeholder: t('films.saidHint'),
            onkeydown: write,
        }),
    );
}

function row(thing, one, place, { change, keep, lines }) {
    const key = `${thing.id}.caption.${place}`;
    const number = place + 1;
    const time = (field) =>
        line({
            key: `${key}.${field}`,
            label: t(`films.caption.${field}`, { number }),
            shown: false,
            width: 'tiny',
            value: clock(one[field]),
            take: (text) => timeOf(text) !== null && change(place, { [field]: round(timeOf(text)) }),
        });

    return el(
        'div',
        { class: 'film-caption-row', 'data-key': key },
        time('at'),
        time('until'),
        line({
            key: `${key}.text`,
            label: t('films.caption.text', { number }),
            shown: false,
            value: one.text,
            take: (text) => change(place, { text: text.slice(0, 500) }),
        }),
        el(
            'button',
            {
                class: 'mover',
                'data-key': `${key}.delete`,
                'aria-label': t('films.caption.delete', { number }),
                onclick: () => keep(lines().filter((other, at) => at !== place)),
            },
            icon('x'),
        ),
    );
}

async function bring(file, editor, keep) {
    const { lines, isReadable } = await readCaptions(await file.text());
    if (!isReadable || lines.length === 0) return editor.alarm(t('films.captionsUnread'));
    keep(lines);
    editor.alarm(t('films.captionsTaken', { count: lines.length }));
}

function save(lines, name) {
    const link = make('a', {
        href: URL.createObjectURL(new Blob([writeCaptions(lines)], { type: 'text/vtt' })),
        download: `${name.replace(/[^\p{L}\p{N}]+/gu, '-')}.vtt`,
    });
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}

export { captionsPart };

import { t } from '../../../lib/catalogue.js';
import { el, icon } from '../../../lib/tree.js';
import { takeFile } from '../../editor/pictures.js';
import { line, now, tick } from '../../editor/fields.js';
import { clock, round, stopsOf, timeOf } from '../../editor/films.js';
import { fileOf } from '../../editor/files.js';
import { list } from '../../editor/walk.js';
import { captionsPart } from './captions.js';
import { cutPart } from './cut.js';
import { rightsFields } from '../../editor/rights.js';

/** The card of a clip: its file, where that comes from, poster, captions and moments. */
function clipBody(thing, editor) {
    const { game } = editor.store;
    const asset = game.assets?.find(({ id }) => id === thing.asset);
    const put = (fields, label, made = []) =>
        editor.store.edit(
            [
                ...made,
                ...Object.entries(fields).map(([field, to]) =>
                    to === undefined ? { set: thing.id, field } : { set: thing.id, field, to },
                ),
            ],
            label,
        );

    return [
        line({
            key: `${thing.id}.label`,
            label: t('films.nameOfFilm'),
            value: thing.label ?? '',
            take: (label) => put({ label }, t('edits.labels.nameOfTheFilm')),
        }),
        fileLine(thing, asset, put, editor),
        rightsFields(asset, editor),
        asset ? cutPart(thing, editor) : null,
        captionsPart(thing, editor, put),
        moments(thing, editor, put),
        posterField(thing, put, editor),
        tick({
            key: `${thing.id}.free`,
            label: t('films.free'),
            value: Boolean(thing.free),
            take: (on) => put({ free: on || undefined }, t('edits.labels.film')),
        }),
    ];
}

function fileLine(thing, asset, put, editor) {
    const length = thing.length ? ` · ${clock(thing.length)}` : '';

    return el(
        'div',
        { class: 'card-part', 'data-key': `${thing.id}.file` },
        el('p', {}, asset ? `${asset.alt || t('films.film')}${length}` : thing.source || t('films.noFile')),
        asset
            ? line({
                  key: `${asset.id}.alt`,
                  label: t('cards.looks.whatItShowsForThose'),
                  value: asset.alt ?? '',
                  take: (alt) =>
                      editor.store.edit({ set: asset.id, field: 'alt', to: alt }, t('edits.labels.wordsForAPicture')),
              })
            : line({
                  key: `${thing.id}.length`,
                  label: t('films.length'),
                  value: thing.length ? clock(thing.length) : '',
                  width: 'tiny',
                  take: (text) => put({ length: timeOf(text) ?? undefined }, t('edits.labels.film')),
              }),
        el(
            'button',
            {
                class: 'link',
                'data-key': `${thing.id}.other`,
                onclick: () => editor.bringFilm(({ fields, edits }) => put(fields, t('edits.labels.otherFilm'), edits)),
            },
            icon('upload'),
            t('films.otherFile'),
        ),
    );
}

/** What stands there before the film runs, and where it can't be played. */
function posterField(thing, put, editor) {
    const file = fileOf(editor.store.game, thing.poster);
    const fromFilm = () => {
        const { media } = editor.film;
        const canvas = Object.assign(document.createElement('canvas'), {
            width: media.videoWidth,
            height: media.videoHeight,
        });
        canvas.getContext('2d').drawImage(media, 0, 0);
        canvas.toBlob((blob) =>
            takeFile(new File([blob], 'poster.png', { type: 'image/png' }), editor, (found) =>
                put({ poster: found.id }, t('edits.labels.poster'), found.edits),
            ),
        );
    };

    return el(
        'div',
        { class: 'small-line', 'data-key': `${thing.id}.poster` },
        file ? el('img', { class: 'film-poster-small', src: file, alt: '' }) : null,
        el(
            'button',
            {
                class: 'link',
                'data-key': `${thing.id}.poster.pick`,
                onclick: () =>
                    editor.pickPicture((found) => put({ poster: found.id }, t('edits.labels.poster'), found.edits)),
            },
            icon('image'),
            t(file ? 'films.otherPoster' : 'films.poster'),
        ),
        editor.film.media.videoWidth > 0
            ? el(
                  'button',
                  { class: 'link', 'data-key': `${thing.id}.poster.film`, onclick: fromFilm },
                  t('films.posterFromFilm'),
              )
            : null,
    );
}

/** Moments and passages that ways lead to, by name and time. */
function moments(thing, editor, put) {
    const all = () => list(now(editor, thing).moments);
    const change = (id, fields) =>
        put({ moments: all().map((one) => (one.id === id ? { ...one, ...fields } : one)) }, t('edits.labels.passage'));
    const times = (moment, field) =>
        line({
            key: `${moment.id}.${field}`,
            label: t(`films.${field}`, { moment: moment.title }),
            shown: false,
            width: 'tiny',
            value: moment[field] === undefined || moment[field] === null ? '' : clock(moment[field]),
            hint: field === 'until' ? t('films.runsOn') : '',
            take: (text) => {
                const at = timeOf(text);
                if (at !== null || (field === 'until' && text.trim() === ''))
                    change(moment.id, { [field]: at === null ? undefined : round(at) });
            },
        });

    return el(
        'div',
        { class: 'card-part', 'data-key': `${thing.id}.moments` },
        el('h3', { class: 'caps' }, t('films.momentsHeading')),
        el('p', { class: 'help' }, t('films.momentsHelp')),
        all().map((moment) =>
            el(
                'div',
                { class: 'film-moment-row', 'data-key': moment.id },
                line({
                    key: `${moment.id}.title`,
                    label: t('films.momentName'),
                    shown: false,
                    value: moment.title ?? '',
                    take: (title) => change(moment.id, { title }),
                }),
                times(moment, 'at'),
                times(moment, 'until'),
                el(
                    'button',
                    {
                        class: 'mover',
                        'data-key': `${moment.id}.delete`,
                        'aria-label': t('films.deleteMoment', { moment: moment.title }),
                        onclick: () =>
                            put(
                                { moments: all().filter(({ id }) => id !== moment.id) },
                                t('edits.labels.deletedPassage'),
                            ),
                    },
                    icon('x'),
                ),
            ),
        ),
        el(
            'button',
            {
                class: 'link',
                'data-key': `${thing.id}.moment.new`,
                onclick: () =>
                    put(
                        { moments: [...all(), editor.film.momentHere(all().length + 1)] },
                        t('edits.labels.newPassage'),
                    ),
            },
            icon('plus'),
            t('films.momentHere'),
        ),
    );
}

/** The commands that take a film out of its scene, its stops with it. */
function withoutFilm(game, thing) {
    const stops = stopsOf(game, thing.id).map(({ id }) => ({ deleteScene: id, lead: null }));

    return [{ remove: thing.id }, ...stops];
}

export { clipBody, withoutFilm };

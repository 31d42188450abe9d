import { t } from '../../../lib/catalogue.js';
import { el as make } from '../../../lib/dom.js';
import { el, icon, made, redraw } from '../../../lib/tree.js';
import { GAME, freshId } from '../../editor/document.js';
import { clock } from '../../editor/films.js';
import { sendInPieces } from '../../editor/incoming.js';

const MEGABYTE = 1_000_000;

/**
 * A film or a sound is chosen: a file, whose size and length are told before it is sent; one that the game has already;
 * or the address of one that lies elsewhere. `take` gets `{fields, edits}`: what the clip says of it, and what adds it.
 */
function bringFilm(editor, take, close) {
    const body = made(el('div', { class: 'card-body', 'data-key': 'bring' }));
    const state = { file: null, seconds: null, part: null, words: '', isLeft: false };

    draw();

    return [
        el(
            'header',
            { class: 'card-head' },
            icon('clapperboard'),
            el('h2', {}, t('films.bring')),
            el(
                'button',
                {
                    class: 'link card-back',
                    'data-key': 'bring.close',
                    onclick: () => {
                        state.isLeft = true;
                        close();
                    },
                },
                t('stage.pictures.close'),
            ),
        ),
        body,
    ];

    function draw() {
        redraw(body, [
            state.part === null ? chooser() : null,
            state.file ? told() : null,
            state.words ? el('p', { class: 'notice', role: 'alert' }, state.words) : null,
            state.part === null ? [used(), elsewhere()] : null,
        ]);
    }

    function chooser() {
        return el(
            'label',
            { class: 'button file-label' },
            icon('upload'),
            t('films.aFile'),
            el('input', {
                type: 'file',
                class: 'plain file-own',
                accept: 'video/*,audio/*',
                'data-key': 'bring.file',
                onchange: ({ target }) => target.files[0] && look(target.files[0]),
            }),
        );
    }

    /** What is known of a file before anything of it is sent. */
    async function look(file) {
        Object.assign(state, { file, words: '', seconds: null });
        draw();
        state.seconds = await secondsOf(file);
        draw();
    }

    function told() {
        const { file, seconds, part } = state;
        const size = t('films.megabytes', { count: (file.size / MEGABYTE).toFixed(file.size < MEGABYTE ? 2 : 1) });

        return el(
            'div',
            { class: 'card-part bring-file' },
            el('strong', {}, file.name),
            el('p', {}, seconds ? `${size} · ${clock(seconds)}` : size),
            seconds === 0 ? el('p', { class: 'help' }, t('films.notHere')) : null,
            part === null
                ? el(
                      'button',
                      { class: 'button primary', 'data-key': 'bring.take', onclick: sendIt },
                      t('films.takeIt'),
                  )
                : [
                      el('progress', {
                          max: 1,
                          value: part,
                          'aria-label': t('films.sending'),
                      }),
                      el('p', { role: 'status' }, t('films.sent', { percent: Math.floor(part * 100) })),
                  ],
        );
    }

    async function sendIt() {
        state.part = 0;
        draw();
        const kept = await sendInPieces(editor.address, state.file, {
            onPart(part) {
                state.part = part;
                state.words = '';
                draw();
            },
            onWait() {
                state.words = t('films.waits');
                draw();
            },
            isLeft: () => state.isLeft,
        });
        if (kept.isLeft) return;
        state.part = null;
        if (!kept.asset) {
            state.words = kept.message ?? t('films.lost');

            return draw();
        }
        takeAsset(kept);
    }

    /**
     * The same file twice is one asset.
     *
     * @param {any} kept
     */
    function takeAsset({ asset, seconds }) {
        const { game } = editor.store;
        const held = game.assets?.find((one) => one.file === asset.file);
        const id = held?.id ?? freshId('film');
        const value = { id, ...asset, alt: nameOf(state.file.name) };
        const edits = held ? [] : [{ insert: 'assets', in: GAME, after: game.assets?.at(-1)?.id ?? null, value }];
        take({ fields: { asset: id, source: undefined, length: seconds }, edits });
    }

    /** Those the game has already. */
    function used() {
        const films = (editor.store.game.assets ?? []).filter(({ type }) => /^(video|audio)\//.test(type));
        if (films.length === 0) return null;

        return el(
            'div',
            { class: 'card-part' },
            el('h3', { class: 'caps' }, t('films.used')),
            films.map((asset) =>
                el(
                    'button',
                    {
                        class: 'link',
                        'data-key': `bring.${asset.id}`,
                        onclick: () =>
                            take({
                                fields: { asset: asset.id, source: undefined, ...lengthOf(asset, editor) },
                                edits: [],
                            }),
                    },
                    icon(asset.type.startsWith('audio') ? 'audio-lines' : 'clapperboard'),
                    asset.alt || t('films.film'),
                ),
            ),
        );
    }

    function elsewhere() {
        return el(
            'div',
            { class: 'card-part' },
            el('h3', { class: 'caps' }, t('films.elsewhere')),
            el('p', { class: 'help' }, t('films.elsewhereHelp')),
            el('input', {
                type: 'url',
                'data-key': 'bring.address',
                'aria-label': t('films.address'),
                placeholder: 'https://',
                onchange: ({ target }) => {
                    const source = target.value.trim();
                    if (/^https:\/\/[a-z0-9.-]+(:\d+)?\/[^\s"'<>;,]*$/i.test(source))
                        return take({ fields: { source, asset: undefined }, edits: [] });
                    state.words = t('films.badAddress');
                    draw();
                },
            }),
        );
    }
}

const nameOf = (name) => name.replace(/\.[^.]*$/, '').replace(/[-_]+/g, ' ');

function lengthOf(asset, editor) {
    const clip = editor.store.game.scenes
        .flatMap((scene) => scene.things ?? [])
        .find((thing) => thing.kind === 'clip' && thing.asset === asset.id);

    return clip?.length ? { length: clip.length } : {};
}

/** How long a file is, as this browser reads it; 0 where it can't. */
function secondsOf(file) {
    const media = make('video', { preload: 'metadata' });
    const address = URL.createObjectURL(file);

    return new Promise((done) => {
        const end = (seconds) => {
            URL.revokeObjectURL(address);
            done(seconds);
        };
        media.onloadedmetadata = () => end(Number.isFinite(media.duration) ? media.duration : 0);
        media.onerror = () => end(0);
        media.src = address;
    });
}

export { bringFilm };

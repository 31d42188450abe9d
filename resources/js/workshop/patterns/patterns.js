import { filled, t, wordsAt } from '../../lib/catalogue.js';
import { el, icon, made, redraw } from '../../lib/tree.js';
import { post } from '../../lib/http.js';
import { miniature } from '../chart/small.js';
import { takeSetting } from '../editor/pictures.js';
import { patternField, usualFields } from './fields.js';
import { cellsLine, pictureEdits, pictureLines } from './pictures.js';

/** How long after the last key the miniature is drawn anew, in milliseconds. */
const REST = 350;

/** What is sent of a field that holds more than words, by its kind. */
const SENT = { picture: (found) => found?.id ?? '', pictures: pictureLines, cells: cellsLine };

/** Ready arrangements: choose one, give its content, see what it will build, and build it behind the present scene. */
function openPatterns(editor) {
    const words = wordsAt('patterns');
    const list = made(el('nav', { class: 'patterns-list', 'aria-label': words.title }));
    const form = made(el('form', { class: 'patterns-form', onsubmit: once }));
    const small = made(el('figure', { class: 'patterns-small', 'aria-label': words.pictures }));
    const dialog = made(
        el(
            'dialog',
            { class: 'patterns', 'aria-labelledby': 'patterns-title' },
            el(
                'header',
                { class: 'card-head' },
                icon('blocks'),
                el('h2', { id: 'patterns-title' }, words.title),
                el('button', { class: 'link card-back', type: 'button', onclick: () => dialog.close() }, words.close),
            ),
            el('div', { class: 'patterns-body' }, list, form, small),
        ),
    );
    document.body.append(dialog);
    const given = {};
    let [pattern, seen, problem, isBuilding] = [null, null, null, false];
    let [asked, resting, looking] = [0, null, null];

    function open(id) {
        choose(words.offered.find((one) => one.id === id) ?? pattern ?? words.offered[0]);
        dialog.showModal();
        list.querySelector('[aria-pressed=true]')?.scrollIntoView({ block: 'nearest' });
    }

    function choose(chosen) {
        pattern = chosen;
        seen = null;
        problem = null;
        draw();
        look();
    }

    function draw() {
        redraw(
            list,
            words.offered.map((one) =>
                el(
                    'button',
                    {
                        type: 'button',
                        class: 'pattern-name',
                        'data-key': `pattern.${one.id}`,
                        'aria-pressed': String(one === pattern),
                        onclick: () => choose(one),
                    },
                    el('strong', {}, one.name),
                    el('span', {}, one.for),
                ),
            ),
        );
        const fields = pattern.fields.map((field) =>
            patternField(field, { editor, words, given, seen, changed, draw }),
        );
        redraw(form, [
            el('h3', { 'data-key': pattern.id }, pattern.name),
            beginsGame() ? titleField() : whichWay(),
            ...fields,
            usualFields(words, changed),
            foot(),
        ]);
    }

    function beginsGame() {
        return editor.store.game.scenes.length === 1;
    }

    function titleField() {
        const isNamed =
            !words.untitled.includes(editor.store.game.title) &&
            !words.offered.some(({ name }) => name === editor.store.game.title);
        given.gameTitle ??= isNamed ? editor.store.game.title : '';

        return el(
            'label',
            { class: 'field', 'data-key': 'pattern.label.gameTitle' },
            el('span', {}, words.gameTitle, el('small', {}, ` ${words.optional}`)),
            el('input', {
                'data-key': 'pattern.field.gameTitle',
                autocomplete: 'off',
                maxlength: 120,
                value: given.gameTitle,
                oninput: ({ target }) => {
                    given.gameTitle = target.value;
                },
            }),
        );
    }

    /** Where several ways lead on from here, which of them it takes over. */
    function whichWay() {
        const ways = seen?.ways ?? [];
        if (ways.length < 2) return null;
        if (!ways.some(({ key }) => key === given.way)) given.way = ways[0].key;

        return el(
            'label',
            { class: 'field', 'data-key': 'pattern.label.way' },
            el('span', {}, words.instead),
            el(
                'select',
                {
                    'data-key': 'pattern.field.way',
                    onchange: ({ target }) => {
                        given.way = target.value;
                    },
                },
                ways.map((way) => el('option', { value: way.key, selected: way.key === given.way }, way.words)),
            ),
        );
    }

    function foot() {
        const isReady = seen !== null && seen.missing.length === 0 && !seen.fault;
        const here = editor.store.game.scenes.find((scene) => scene.id === editor.scene);
        const where = beginsGame() ? words.alone : filled(words.afterHere, { scene: here?.title ?? '' });

        return el(
            'div',
            { class: 'patterns-foot', 'data-key': 'patterns.foot' },
            el(
                'p',
                { class: 'help', role: 'status' },
                problem ??
                    seen?.fault ??
                    (isReady || seen === null ? where : filled(words.needs, { fields: seen.missing.join(', ') })),
            ),
            el('button', { class: 'button primary', 'data-key': 'patterns.build' }, words.build),
        );
    }

    function changed() {
        clearTimeout(resting);
        resting = setTimeout(look, REST);
    }

    /** Asks what the fields come to; whoever waits for an answer that was overtaken waits for the newest. */
    function look() {
        clearTimeout(resting);
        looking = ask();

        return looking;
    }

    async function ask() {
        const turn = ++asked;
        const { body } = await post(`${editor.address}/patterns/preview`, { ...content(), after: editor.scene });
        if (turn !== asked) return looking;
        problem = body?.errors ? body.message : null;
        if (problem) return draw();
        if (!body?.document) return;
        seen = body;
        small.replaceChildren(
            miniature(body.document),
            made(el('figcaption', {}, t('workshop.someScenes', { count: body.document.scenes.length }))),
        );
        draw();
    }

    function content() {
        const named = pattern.fields.map(({ name, kind }) => [name, SENT[kind]?.(given[name]) ?? given[name]]);

        return {
            pattern: pattern.id,
            with: Object.fromEntries([...named, ...headings()].filter(([, value]) => value)),
            usual: words.usuals,
        };
    }

    /** Rows whose first one was said to be no heading. */
    function headings() {
        return pattern.fields.map(({ name }) => [`${name}Heading`, given[`${name}Heading`]]);
    }

    /** Pressed twice in a row it builds once. */
    async function once(event) {
        event.preventDefault();
        if (isBuilding) return;
        isBuilding = true;
        try {
            await build();
        } finally {
            isBuilding = false;
        }
    }

    /** Builds what stands in the fields, once that is known to be enough. Pictures that were chosen come with it. */
    async function build() {
        await look();
        const lacking = pattern.fields.find((field) => seen?.missing.includes(words.fields[field.name]));
        if (problem) return;
        if (seen?.fault) return form.querySelector('[data-key="pattern.field.codes"]')?.focus();
        if (!seen || lacking) return form.querySelector(`[data-key="pattern.field.${lacking?.name}"]`)?.focus();
        const pictures = pattern.fields.flatMap(({ name, kind }) => {
            if (kind === 'picture' || kind === 'cells') return given[name]?.edits ?? [];

            // Where a question is about a picture its name may well be the answer, and is not told.
            return kind === 'pictures' ? pictureEdits(given[name], !['find', 'practice'].includes(pattern.id)) : [];
        });
        if (pictures.length > 0) editor.store.edit(pictures, words.picture);
        const wanted = content();
        const put = (backdrop) =>
            editor.store.build({
                ...wanted,
                usual: { ...wanted.usual, backdrop },
                after: editor.scene,
                ...(beginsGame() ? { title: given.gameTitle ?? '' } : { way: given.way }),
            });
        if (words.usuals.look)
            await takeSetting(...words.usuals.look.split('/'), editor, ({ id, edits }) => {
                editor.store.edit(edits, words.picture);
                put(id);
            });
        else put('');
        dialog.close();
        pattern.fields.forEach(({ name }) => {
            delete given[name];
            delete given[`${name}Heading`];
        });
        ['way', 'gameTitle'].forEach((name) => delete given[name]);
        editor.show('map');
    }

    return { open };
}

export { openPatterns };

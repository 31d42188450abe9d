import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon, made, redraw } from '../../lib/tree.js';
import { get, post } from '../../lib/http.js';
import { fileOf } from './files.js';
import { mendButton } from './mend.js';
import { rightsFields } from './rights.js';

/** How long after the last change the game is looked over, in milliseconds. */
const REST = 250;

/** And before what somebody else has begun is asked for again, in milliseconds. */
const AGAIN = 3000;

/**
 * What the check finds, kept up with every edit: a count in the bar, and a list in which each finding has its place
 * and, where there is one, its mend.
 */
function openFindings(editor) {
    const button = document.getElementById('findings-count');
    const list = made(
        el('section', {
            class: 'findings-list',
            id: 'findings-list',
            'aria-label': t('workshop.findings.title'),
            hidden: true,
        }),
    );
    document.getElementById('faces').before(list);
    let [found, asked, resting] = [null, 0, null];
    const close = () => {
        list.hidden = true;
        button.setAttribute('aria-expanded', 'false');
    };

    editor.offer({ isChecked: () => !list.hasAttribute('data-stale') });
    button.addEventListener('click', () => {
        list.hidden = !list.hidden;
        button.setAttribute('aria-expanded', String(!list.hidden));
        if (!list.hidden) list.querySelector('button, a')?.focus();
    });
    list.addEventListener('keydown', (event) => {
        if (event.key !== 'Escape') return;
        close();
        button.focus();
    });
    editor.store.news.addEventListener('kept', soon);
    editor.store.news.addEventListener('change', soon);
    look();

    /** What was found of an older game is not mended in a newer one. */
    function soon() {
        list.toggleAttribute('data-stale', true);
        clearTimeout(resting);
        resting = setTimeout(look, REST);
    }

    async function look() {
        const turn = ++asked;
        await editor.store.flushed();
        const { body } = await get(`${editor.address}/findings`);
        if (turn !== asked || !body) return;
        // Another page has it looked over just now.
        if (body.pending) resting = setTimeout(look, AGAIN);
        found = body;
        list.toggleAttribute('data-stale', body.revision !== editor.store.revision);
        editor.findings = body.findings.filter((one) => !one.meant);
        editor.draw();
        draw();
    }

    function draw() {
        const words = wordsAt('workshop.findings');
        const toMend = found.findings.filter((one) => !one.meant);
        const errors = toMend.filter((one) => one.severity === 'error').length;
        const count = toMend.length;
        button.hidden = false;
        button.dataset.state = errors > 0 ? 'errors' : count > 0 ? 'warnings' : 'sound';
        button.querySelector('span').textContent =
            count === 0 ? (found.proved ? words.proved : words.sound) : t('workshop.findings.countToMend', { count });
        redraw(list, [
            el(
                'header',
                { class: 'findings-head' },
                el('h2', {}, count === 0 ? words.none : t('workshop.findings.countToMend', { count })),
                el('p', { class: 'help' }, found.proved ? words.covered : told(found.unlooked, words)),
                el(
                    'button',
                    {
                        class: 'mover',
                        'data-key': 'findings.close',
                        'aria-label': t('workshop.findings.close'),
                        onclick: close,
                    },
                    icon('x'),
                ),
            ),
            el(
                'ul',
                {},
                found.findings.map((finding, place) => (finding.meant ? null : item(finding, place))),
            ),
            meantSo(found.findings),
        ]);
    }

    /** What the teacher means so stays in reach, and counts nowhere. */
    function meantSo(findings) {
        const meant = findings.filter((one) => one.meant);
        if (meant.length === 0) return null;

        return el(
            'details',
            { class: 'findings-meant', 'data-key': 'findings.meant' },
            el('summary', {}, t('workshop.findings.meantCount', { count: meant.length })),
            el(
                'ul',
                {},
                findings.map((finding, place) => (finding.meant ? item(finding, place) : null)),
            ),
        );
    }

    /** Says of a warning that it is meant so, or no longer; kept in the part that it is about. */
    function meaning(finding) {
        const part = finding.severity === 'warning' ? partOf(finding.where[0]) : null;
        if (!part) return null;
        const others = (part.meant ?? []).filter((code) => code !== finding.code);
        const to = finding.meant ? others : [...others, finding.code];

        return el(
            'button',
            {
                class: 'link',
                onclick: () =>
                    !list.hasAttribute('data-stale') &&
                    editor.store.edit(
                        { set: part.id, field: 'meant', to: to.length > 0 ? to : undefined },
                        t('edits.labels.meantSo'),
                    ),
            },
            icon(finding.meant ? 'undo-2' : 'check'),
            t(finding.meant ? 'workshop.findings.notMeant' : 'workshop.findings.meantSo'),
        );
    }

    /** A scene or a thing of the game. */
    function partOf(id) {
        for (const scene of editor.store.game.scenes) {
            if (scene.id === id) return scene;
            const thing = scene.things?.find((one) => one.id === id);
            if (thing) return thing;
        }

        return null;
    }

    /** What was not looked at to its end. */
    function told(unlooked, words) {
        return unlooked.length > 0 ? `${words.notLooked} ${unlooked.join(', ')}.` : words.notCovered;
    }

    /** The steps that lead into it then lie ahead in a rehearsal. */
    async function walkInto(place) {
        if (list.hasAttribute('data-stale')) return;
        await post(`${editor.address}/rehearsal/walk`, { finding: place });
        location.href = `${editor.address}/rehearsal`;
    }

    function item(finding, place) {
        const scene = finding.where.find((id) => editor.store.game.scenes.some((one) => one.id === id));
        const thing = finding.where.find(
            (id) =>
                id !== scene &&
                editor.store.game.scenes.find((one) => one.id === scene)?.things?.some((one) => one.id === id),
        );

        return el(
            'li',
            {
                class: `finding finding-${finding.severity}`,
                'data-key': `finding.${finding.code}.${finding.where.join('.')}.${place}`,
            },
            el('p', {}, finding.words),
            finding.code === 'credit.missing' ? finding.where.map((id) => mediumOf(id, editor)) : null,
            el(
                'div',
                { class: 'finding-ways' },
                scene
                    ? el(
                          'button',
                          {
                              class: 'link',
                              onclick: () => {
                                  close();
                                  editor.walkTo(scene, thing ?? null);
                              },
                          },
                          icon('arrow-right'),
                          t('workshop.findings.goThere'),
                      )
                    : null,
                finding.actions.length > 0
                    ? el(
                          'button',
                          { class: 'link', onclick: () => walkInto(place) },
                          icon('footprints'),
                          t('workshop.findings.walkInto'),
                      )
                    : null,
                mendButton(editor, finding, `mend.${finding.code}.${finding.where.join('.')}.${place}`),
                meaning(finding),
            ),
        );
    }
}

/** A file with the fields that say where it is from. */
function mediumOf(id, editor) {
    const asset = editor.store.game.assets?.find((one) => one.id === id);
    if (!asset) return null;

    return el(
        'div',
        { class: 'finding-medium', 'data-key': `medium.${id}` },
        asset.type?.startsWith('image/')
            ? el('img', { src: fileOf(editor.store.game, id), alt: asset.alt ?? '' })
            : el('span', {}, icon('clapperboard'), asset.alt ?? ''),
        rightsFields(asset, editor),
    );
}

export { openFindings };

import { t, wordsAt } from '../../lib/catalogue.js';
import { el, icon } from '../../lib/dom.js';

const foundAt = (desk, id) => (desk.findings ?? []).filter((finding) => finding.where[0] === id);

/** Says at the head of a card that there is something to mend, and leads to it. It moves nothing when it comes. */
function foundSign(desk, id) {
    const count = foundAt(desk, id).length;
    if (count === 0) return null;
    const words = t('workshop.findings.countToMend', { count });

    return el(
        'button',
        {
            class: 'found-sign',
            'data-key': `${id}.sign`,
            title: words,
            'aria-label': words,
            onclick: () =>
                document.querySelector(`[data-key="${CSS.escape(id)}.found"]`)?.scrollIntoView({ block: 'nearest' }),
        },
        '!',
    );
}

/**
 * What the check finds about the part whose card this is, each with its mend; at the foot, so that nothing moves when
 * it comes.
 */
function foundHere(desk, id) {
    const found = foundAt(desk, id);
    if (found.length === 0) return null;
    const words = wordsAt('workshop.findings');

    return el(
        'ul',
        { class: 'found-here', 'aria-label': words.title, 'data-key': `${id}.found` },
        found.map((finding) =>
            el(
                'li',
                { class: `finding-${finding.severity}`, 'data-key': `${id}.found.${finding.code}` },
                el('span', {}, finding.words),
                finding.mend && desk.isChecked()
                    ? el(
                          'button',
                          {
                              class: 'link',
                              'data-key': `${id}.mend.${finding.code}`,
                              onclick: () =>
                                  desk.store.edit(finding.mend, `${words.mended}: ${finding.words}`.slice(0, 190)),
                          },
                          icon('wand-sparkles'),
                          words.mends[finding.mendAs] ?? words.mend,
                      )
                    : null,
            ),
        ),
    );
}

export { foundHere, foundSign };

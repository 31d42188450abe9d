import { t, wordsAt } from '../../lib/catalogue.js';
import { mendButton } from '../editor/mend.js';
import { el } from '../../lib/tree.js';

const foundAt = (editor, id) => editor.findings.filter((finding) => finding.where[0] === id);

/** Says at the head of a card that there is something to mend, and leads to it. It moves nothing when it comes. */
function foundSign(editor, id) {
    const count = foundAt(editor, id).length;
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
function foundHere(editor, id) {
    const found = foundAt(editor, id);
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
                editor.isChecked() ? mendButton(editor, finding, `${id}.mend.${finding.code}`) : null,
            ),
        ),
    );
}

export { foundHere, foundSign };

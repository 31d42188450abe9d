import { t, wordsAt } from '../../lib/catalogue.js';
import { post } from '../../lib/http.js';
import { el, icon } from '../../lib/tree.js';

/** The mend of a finding, to be pressed; null for none. */
function mendButton(editor, finding, key) {
    if (!finding.mend) return null;

    return el(
        'button',
        { class: 'link', 'data-key': key, onclick: () => mend(editor, finding) },
        icon('wand-sparkles'),
        wordsAt('workshop.findings.mends')[finding.mendAs] ?? t('workshop.findings.mend'),
    );
}

/** It is played first; what would not mend is told, and nothing is changed. */
async function mend(editor, finding) {
    const list = document.getElementById('findings-list');
    if (!editor.isChecked() || list.hasAttribute('aria-busy')) return;
    list.setAttribute('aria-busy', 'true');
    const label = `${t('workshop.findings.mended')}: ${finding.words}`.slice(0, 190);
    const { status, body } = await post(`${editor.address}/mend`, { mend: finding.mend });
    list.removeAttribute('aria-busy');
    // Without a network it is made here, and looked over with the rest as soon as there is one.
    const command = status === 0 ? finding.mend : body?.command;
    if (command && editor.isChecked()) return editor.store.edit(command, label);
    editor.alarm(body?.refusal ?? t('workshop.findings.faults.gone'));
}

export { mendButton };

import { el, icon } from '../../lib/dom.js';

/** What the check finds about the part whose card this is, each with its mend. */
function foundHere(desk, id) {
    const found = (desk.findings ?? []).filter((finding) => finding.where[0] === id);
    if (found.length === 0) return null;
    const words = desk.words.findings;

    return el('ul', { class: 'found-here', 'aria-label': words.title, 'data-key': `${id}.found` }, found.map((finding) => el('li', { class: `finding-${finding.severity}`, 'data-key': `${id}.found.${finding.code}` }, el('span', {}, finding.words),
        finding.mend && desk.isChecked() ? el('button', { class: 'link', 'data-key': `${id}.mend.${finding.code}`, onclick: () => desk.store.edit(finding.mend, `${words.mended}: ${finding.words}`.slice(0, 190)) }, icon('wand-sparkles'), words.mends[finding.code] ?? words.mend) : null)));
}

export { foundHere };

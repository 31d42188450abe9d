import { t } from '../lib/catalogue.js';
import { el } from '../lib/dom.js';
import { submit } from '../lib/http.js';

/** Asks for name and two words without leaving the page; what was typed stays in its field and is sent again. */
function offerRejoin(play, words, form) {
    document.querySelector('.rejoin')?.remove();
    const problem = el('p', { class: 'problem', role: 'alert' });
    const panel = el(
        'form',
        { class: 'rejoin', 'aria-label': t('play.rejoin.label') },
        el('p', {}, words),
        el(
            'label',
            { class: 'field' },
            t('play.rejoin.name'),
            el('input', { name: 'name', required: true, autocomplete: 'off' }),
        ),
        el(
            'label',
            { class: 'field' },
            t('play.rejoin.words'),
            el('input', { name: 'words', required: true, autocomplete: 'off', autocapitalize: 'none' }),
        ),
        problem,
        el('button', { class: 'button primary' }, t('play.rejoin.go')),
    );
    panel.addEventListener('submit', async (event) => {
        event.preventDefault();
        event.stopPropagation();
        const reply = await submit(`${play.dataset.address}/again`, new FormData(panel));
        if (reply.status !== 200) {
            problem.textContent = reply.body?.refusal ?? words;

            return;
        }
        document.querySelectorAll('input[name=ticket]').forEach((field) => {
            field.value = reply.body.ticket;
        });
        panel.remove();
        form.requestSubmit();
    });
    document.getElementById('happened').replaceChildren(panel);
    panel.querySelector('input').focus();
    panel.scrollIntoView({ block: 'center' });
}

export { offerRejoin };

import { t } from '../lib/catalogue.js';
import { submit } from '../lib/http.js';

/** Lets the teacher be called without leaving the page; pressed again it is taken back. */
function dressCall() {
    const form = formOf();
    form?.addEventListener('submit', async (event) => {
        event.preventDefault();
        const wanted = form.elements.call.value === '1';
        const { body } = await submit(form.action, new FormData(form));
        if (body) put(body.called, body.called ? t('play.call.called') : '');
        else form.querySelector('[data-call-said]').textContent = t('play.offline');
        if (body && body.called !== wanted) put(body.called, '');
    });
}

/** What is known of it elsewhere: a call that is gone was answered. */
function showCall(isCalling) {
    const form = formOf();
    const isShown = form?.elements.call.value === '0';
    if (form && isShown !== isCalling) put(isCalling, t(isCalling ? 'play.call.called' : 'play.call.seen'));
}

function put(isCalling, words) {
    const form = formOf();
    form.elements.call.value = isCalling ? '0' : '1';
    form.querySelector('button').setAttribute('aria-pressed', String(isCalling));
    form.querySelector('button span').textContent = t(isCalling ? 'play.call.back' : 'play.call.now');
    form.querySelector('[data-call-said]').textContent = words;
}

/** @returns {any} */
const formOf = () => document.querySelector('[data-call]');

export { dressCall, showCall };

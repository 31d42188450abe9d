import { targetOf } from '../lib/dom.js';

/** The page of a worksheet: what is pasted is kept in this tab until it is built, whatever happens to the session. */
function begin() {
    document.querySelectorAll('[data-keep]').forEach(keepTyped);
    const source = document.querySelector('[data-worksheet-source]');
    if (source) watchSource(source);
    document.querySelector('form.preview')?.addEventListener('change', (event) => {
        const tick = targetOf(event);
        if (tick.matches('.row-tick input')) tick.closest('tr').classList.toggle('left-out', !tick.checked);
    });
}

function keepTyped(area) {
    const key = `kept.${area.dataset.keep}`;
    if (area.value === '') area.value = sessionStorage.getItem(key) ?? '';
    area.addEventListener('input', () => {
        try {
            sessionStorage.setItem(key, area.value);
        } catch {
            // More than the tab's store holds: the field itself still has it.
        }
    });
}

function watchSource(form) {
    const area = form.querySelector('textarea');
    const tooLong = form.querySelector('[data-too-long]');
    const tooMuch = form.querySelector('[data-too-much]');
    const sample = form.querySelector('[data-use-sample]');
    const useSample = () => {
        area.value = area.dataset.sample;
        area.dispatchEvent(new Event('input'));
    };
    sample.hidden = false;
    sample.addEventListener('click', useSample);
    if (new URLSearchParams(location.search).has('sample') && area.value === '') useSample();
    // So much text would hold up the whole page: it is not let in at all.
    area.addEventListener('paste', (event) => {
        const isTooLong = new Blob([event.clipboardData?.getData('text') ?? '']).size > Number(area.dataset.most);
        tooMuch.hidden = !isTooLong;
        if (isTooLong) event.preventDefault();
    });
    form.addEventListener('submit', (event) => {
        tooLong.hidden = new Blob([area.value]).size <= Number(area.dataset.most);
        if (!tooLong.hidden) event.preventDefault();
    });
    form.querySelector('input[type=file]').addEventListener('change', (event) => {
        if (event.target.files.length > 0) form.requestSubmit();
    });
}

export { begin };

import { el, html } from '../lib/dom.js';

/** How long pictures are waited for, in milliseconds: what comes later is shown when it comes. */
const PATIENCE = 900;

/** Pictures of what changes in a scene are there when it does: boxes and covers don't come blank. */
async function picturesOf({ things, drawn }) {
    const markup = [...Object.values(things ?? {}), ...Object.values(drawn ?? {})].join('');
    if (!/<image?\s/.test(markup)) return;
    const parts = html(el('template'), markup);
    const addresses = new Set(
        [...(parts.content ?? parts).querySelectorAll('img[src], image[href]')].map(
            (one) => one.getAttribute('src') ?? one.getAttribute('href'),
        ),
    );
    const known = new Set([...document.images].filter((one) => one.complete).map((one) => one.getAttribute('src')));
    const fresh = [...addresses].filter((address) => !known.has(address));
    const all = Promise.all(
        fresh.map((src) =>
            Object.assign(new Image(), { src })
                .decode()
                .catch(() => {}),
        ),
    );
    await Promise.race([all, new Promise((done) => setTimeout(done, PATIENCE))]);
}

export { picturesOf };

/**
 * Sends JSON and gives back `{status, body}`; status 0 when there is no connection. Never throws.
 */
async function post(address, body) {
    return ask(address, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token() },
        body: JSON.stringify(body),
    });
}

/** From the cookie, not the page: signing in again in another tab makes a new one. */
function token() {
    return decodeURIComponent(document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]*)/)?.[1] ?? '');
}

async function get(address) {
    return ask(address, { headers: { Accept: 'application/json' } });
}

/** Sends fields and files from the workshop. */
async function send(address, fields) {
    return ask(address, {
        method: 'POST',
        headers: { Accept: 'application/json', 'X-XSRF-TOKEN': token() },
        body: fields,
    });
}

/** Sends a form's fields, as the form itself would. */
async function submit(address, fields) {
    return ask(address, { method: 'POST', headers: { Accept: 'application/json' }, body: fields });
}

async function ask(address, options) {
    try {
        const response = await fetch(address, { credentials: 'same-origin', ...options });
        const isJson = (response.headers.get('Content-Type') ?? '').includes('json');

        return { status: response.status, body: isJson ? await response.json() : null };
    } catch {
        return { status: 0, body: null };
    }
}

const pause = (milliseconds) => new Promise((done) => setTimeout(done, milliseconds));

/** A key by which the same thing counts once, however often it arrives. */
function newKey() {
    return (
        crypto.randomUUID?.() ??
        Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('')
    );
}

export { get, newKey, pause, post, send, submit };

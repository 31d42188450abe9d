// Students' pages as a phone on a slow line sees them, by Lighthouse, in Chromium: median of so many looks at each.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launch } from 'chrome-launcher';
import lighthouse from 'lighthouse';

const [, , address, looks, ...codes] = process.argv;

/** What is wanted of each page. */
const WANTED = { performance: 95, accessibility: 95, 'best-practices': 95, lcp: 2000, cls: 0.02, page: 120, fonts: 80 };

/** Milliseconds in which a page has loaded. */
const WAIT = 12000;

/** Looks at most for one that has times. */
const AGAIN = 4;

const CATEGORIES = ['performance', 'accessibility', 'best-practices'];
const PAGE = ['Document', 'Stylesheet', 'Script', 'Fetch', 'XHR', 'Other', 'Image'];

const median = (numbers) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)];

const hidden = (html) =>
    new URLSearchParams(
        [...html.matchAll(/<input type="hidden" name="([^"]+)" value="([^"]*)"/g)].map(([, ...one]) => one),
    );

/** A student's ticket for a run, as a cookie; one who watches has gone on to the film. */
async function joined(code, watches) {
    const held = new Map();
    const ask = async (path, body) => {
        const reply = await fetch(`${address}${path}`, {
            method: body ? 'POST' : 'GET',
            body,
            redirect: 'manual',
            headers: { Cookie: [...held.values()].join('; ') },
        });
        for (const one of reply.headers.getSetCookie()) held.set(one.split('=')[0], one.split(';')[0]);

        return reply.text();
    };
    const fields = hidden(await ask(`/p/${code}`));
    // Nobody has joined by this name.
    fields.set('name', `Mia ${Math.random().toString(36).slice(2, 8)}`);
    fields.set('member', 'Mia');
    await ask(`/p/${code}/join`, fields);
    if (watches)
        await ask(`/p/${code}`, hidden((await ask(`/p/${code}`)).match(/<form[^>]*class="act"[^]*?<\/form>/)[0]));

    return [...held.values()].join('; ');
}

/** Kilobytes on the line of what belongs to the page itself; pictures of the game are told apart. */
function weights(audits) {
    const items = audits['network-requests'].details.items;
    const sum = (fits) => Math.round(items.filter(fits).reduce((all, one) => all + one.transferSize, 0) / 102.4) / 10;
    const isGame = (one) => one.url.includes('/files/');

    return {
        page: sum((one) => PAGE.includes(one.resourceType) && !isGame(one)),
        fonts: sum((one) => one.resourceType === 'Font'),
        game: sum(isGame),
    };
}

async function look(url, cookie, port) {
    const { lhr } = await lighthouse(url, {
        port,
        onlyCategories: CATEGORIES,
        extraHeaders: cookie ? { Cookie: cookie } : {},
        // A play looks for news without end; a page is loaded before that.
        maxWaitForLoad: WAIT,
        logLevel: 'silent',
    });
    const { audits, categories } = lhr;

    return {
        ...Object.fromEntries(CATEGORIES.map((name) => [name, Math.round(100 * categories[name].score)])),
        lcp: Math.round(audits['largest-contentful-paint'].numericValue),
        cls: Math.round(1000 * audits['cumulative-layout-shift'].numericValue) / 1000,
        ...weights(audits),
        faults: CATEGORIES.flatMap((name) =>
            categories[name].auditRefs
                .filter(({ id, weight }) => weight > 0 && audits[id].score !== null && audits[id].score < 0.9)
                .map(({ id }) => id),
        ),
    };
}

/** One look; one that came to nothing, or of which a browser kept no times, is taken again. */
async function looked(url, cookie, port) {
    for (let turn = 0; turn < AGAIN; turn++) {
        const one = await look(url, cookie, port).catch(() => null);
        if (one && Number.isFinite(one.lcp)) return one;
    }
    throw new Error(`The browser kept no times of ${url} in ${AGAIN} looks.`);
}

const isMissed = (name, value) => (CATEGORIES.includes(name) ? value < WANTED[name] : value > WANTED[name]);

const folder = mkdtempSync(join(tmpdir(), 'fravel-pages-'));
const chrome = await launch({
    chromePath: process.env.CHROME_PATH,
    userDataDir: folder,
    chromeFlags: ['--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
});
let missed = 0;
console.log('page          speed  access  best   LCP ms  shift   page kB  fonts kB  game kB');
for (const [name, code] of codes.map((one) => one.split('='))) {
    const cookie = name === 'join' ? null : await joined(code, name === 'film');
    const seen = [];
    for (let turn = 0; turn < Number(looks); turn++)
        seen.push(await looked(`${address}/p/${code}`, cookie, chrome.port));
    const of = (key) => median(seen.map((one) => one[key]));
    const keys = [...CATEGORIES, 'lcp', 'cls', 'page', 'fonts', 'game'];
    const widths = [6, 8, 6, 9, 7, 10, 10, 9];
    console.log(name.padEnd(12), ...keys.map((key, place) => String(of(key)).padStart(widths[place] - 1)));
    const short = Object.keys(WANTED).filter((key) => isMissed(key, of(key)));
    if (short.length > 0) {
        const faults = new Set(seen.flatMap((one) => one.faults));
        console.log(`             not reached: ${short.join(', ')} (${[...faults].join(', ')})`);
    }
    missed += short.length;
}
chrome.kill();
rmSync(folder, { recursive: true, force: true });
process.exit(missed > 0 ? 1 : 0);

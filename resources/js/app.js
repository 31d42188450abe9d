/** The one entry: each page says its name, and only its module is loaded. */
const pages = {
    play: () => import('./play/play.js'),
    run: () => import('./run/standing.js'),
    workshop: () => import('./workshop/workshop.js'),
    worksheet: () => import('./worksheet/worksheet.js'),
};

const load = pages[document.body.dataset.page];

if (load) load().then((page) => page.begin());

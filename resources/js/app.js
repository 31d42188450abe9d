import { learnFromPage } from './lib/catalogue.js';
import { tellZone } from './lib/zone.js';

/** The one entry: each page says its name, and only its module is loaded. */
const pages = {
    board: () => import('./board/board.js'),
    emblem: () => import('./play/emblem.js'),
    front: () => import('./run/front.js'),
    play: () => import('./play/play.js'),
    projector: () => import('./run/projector.js'),
    run: () => import('./run/standing.js'),
    trail: () => import('./run/trail.js'),
    workshop: () => import('./workshop/workshop.js'),
    worksheet: () => import('./worksheet/worksheet.js'),
};

learnFromPage();
tellZone();

const load = pages[document.body.dataset.page];

if (load) load().then((page) => page.begin());

document.querySelectorAll('form[data-at-once]').forEach((form) => form.addEventListener('change', () => form.submit()));

import { begin as play } from '../play/play.js';
import { refreshed } from './standing.js';

/** At the front of a class that plays together: the scene is played as anywhere, the vote beside it is live. */
function begin() {
    play();
    refreshed(document.getElementById('votes'));
}

export { begin };

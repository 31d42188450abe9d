import { openStore } from './store.js';

/**
 * What every part of the workshop works with. Faces know this and never each other: what one wants of another it asks
 * of the editor, and whoever can do it has said so.
 */
class Editor {
    /** The scene that is worked on, by its id. */
    scene = '';

    /** The thing that is taken up, by its id; null when the scene itself is. */
    thing = null;

    /** The face that is shown. */
    face = '';

    /** What is picked on the map: a track by its key, scenes by their ids. */
    chosen = { track: null, picked: new Set() };

    /** What the check last found, and whether that is of the game as it stands. */
    findings = [];
    isChecked = () => false;

    /** The view of the stage, while the scene face is open. */
    stage = null;

    /** The film of the scene, as it stands and runs. */
    film = null;

    /** @param {string} address of the game: all that is asked of the server begins with it */
    constructor(address) {
        this.address = address;
        this.store = openStore(address);
    }

    /** @param {Offer} offers what this part can do for the others */
    offer(offers) {
        Object.assign(this, offers);
    }

    /** Picks a scene on the map, or leaves it. */
    togglePicked(id) {
        const picked = new Set(this.chosen.picked);
        if (!picked.delete(id)) picked.add(id);
        this.chosen = { track: null, picked };
        this.draw();
    }

    /** Draws the face that is shown anew. */
    draw() {}

    /** Turns to a face; settles when it is there. */
    async show(_face) {}

    /** Goes to a scene, and takes up a thing there; settles when it is there. */
    async walkTo(_scene, _thing = null) {}

    /** Says for a while what happened. */
    alarm(_words, _link = null) {}

    /** Lets a picture be found or brought, or many until that is closed; `take` gets `{id, edits, width, height}`. */
    pickPicture(_take, _isForMany = false) {}

    /** Lets a film or a sound be chosen or brought; `take` gets `{fields, edits}`. */
    bringFilm(_take) {}

    /** Lets stops be pasted as rows into a clip. */
    pasteStops(_clip) {}

    /** Lets a scene be pointed at or made; `take` gets its id and the commands that make it. */
    pickScene(_take) {}

    /** Makes the background of a thing's picture clear. */
    clearBackground(_thing) {}

    /** Asks for the content of a pattern; of the first when none is named. */
    build(_pattern = null) {}
}

/**
 * @typedef {'draw'|'show'|'walkTo'|'alarm'|'pickPicture'|'pickScene'|'bringFilm'|'pasteStops'|'clearBackground'
 *     |'build'|'isChecked'} Offered
 * @typedef {Partial<Pick<Editor, Offered>>} Offer
 */

export { Editor };

import { apply } from '../../../resources/js/workshop/editor/document.js';

const titleOf = (id) => id[0].toUpperCase() + id.slice(1);

/** A page game of these scenes, beginning in the first. */
const gameOf = (scenes, more = {}) => ({
    title: 'A test game',
    language: 'en',
    start: scenes[0].id,
    chapters: [],
    tokens: [],
    tallies: [],
    ...more,
    scenes: scenes.map((scene) => ({ title: titleOf(scene.id), layout: 'page', things: [], ...scene })),
});

const choice = (id, react) => ({ id, kind: 'choice', md: titleOf(id), react });

/** A lock for words that opens on one; `opening` is added to the rule that opens. */
const lock = (id, answer, opening = {}) => ({
    id,
    kind: 'lock',
    input: { type: 'text' },
    rules: [{ match: { equals: [answer] }, verdict: 'open', ...opening }],
    otherwise: [],
});

/** Four scenes in a row and one apart; the second asks, the third wants a token, the last ends it. */
const fourScenes = () => ({
    start: 'one',
    chapters: [{ id: 'c', title: 'Chapter', start: 'one' }],
    tokens: [
        { id: 'lens', name: 'Lens', kind: 'item' },
        { id: 'mark', name: 'Mark', kind: 'flag' },
    ],
    scenes: [
        { id: 'one', chapter: 'c', title: 'The first of all scenes', things: [choice('go', { go: 'two' })] },
        {
            id: 'two',
            chapter: 'c',
            title: 'Two',
            things: [
                {
                    ...lock('q', 'gull', { do: [{ give: 'lens' }, { give: 'mark' }], go: 'three' }),
                    otherwise: [{ go: 'one' }],
                },
            ],
        },
        { id: 'three', title: 'Three', needs: { has: 'lens' }, things: [], next: [{ go: 'four' }] },
        { id: 'four', title: 'Four', things: [], ending: { kind: 'won', md: '' } },
        { id: 'alone', title: 'Alone', things: [] },
    ],
});

/** A game that has one of everything a condition names. */
const namedParts = () => ({
    start: 'quay',
    tokens: [
        { id: 'lens', name: 'Lens', kind: 'item' },
        { id: 'wick', name: 'Wick', kind: 'item' },
    ],
    tallies: [
        { id: 'bold', name: 'Bold', start: 0 },
        { id: 'calm', name: 'Calm', start: 0 },
    ],
    scenes: [{ id: 'quay', title: 'The quay', things: [] }],
});

/**
 * An editor of which only the store is there: what is edited in it is kept in `made`, as the game after it and its
 * label.
 */
function editorOf(game) {
    const made = { game, label: '', edits: [], said: '' };
    const edit = (edits, label) => {
        made.edits = [edits].flat();
        made.label = label;
        made.game = made.edits.filter((one) => !('deleteScene' in one || 'duplicate' in one)).reduce(apply, game);
    };

    return { desk: { store: { game, edit }, alarm: (words) => (made.said = words) }, made };
}

/** What is written when it is sent: without what is undefined. */
const plain = (value) => JSON.parse(JSON.stringify(value));

export { choice, editorOf, fourScenes, gameOf, lock, namedParts, plain };

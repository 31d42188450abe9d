import { t } from '../../lib/catalogue.js';
import { said } from '../editor/marks.js';

/** The parts of a game that a sentence may name, each as `[id, what a teacher calls it]`. */
const tokens = (game) => (game.tokens ?? []).map((token) => [token.id, said(token.name, game)]);
const tallies = (game) => (game.tallies ?? []).map((tally) => [tally.id, tally.name]);
const chapters = (game) => (game.chapters ?? []).map((chapter) => [chapter.id, chapter.title]);
const scenes = (game) => game.scenes.map((scene) => [scene.id, scene.title]);
const locks = (game) => things(game, 'lock', (lock) => said(lock.label || lock.ask, game));
const boards = (game) => things(game, 'find', (board) => board.label || t('workshop.kinds.find'));
const covers = (game) => things(game, 'cover', (cover) => cover.label || cover.front?.md || cover.id);

function things(game, kind, name) {
    return game.scenes.flatMap((scene) =>
        (scene.things ?? [])
            .filter((thing) => thing.kind === kind)
            .map((thing) => [thing.id, `${name(thing)} (${scene.title})`]),
    );
}

export { boards, chapters, covers, locks, scenes, tallies, tokens };

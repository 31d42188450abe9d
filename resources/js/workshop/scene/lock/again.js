import { t } from '../../../lib/catalogue.js';
import { el, icon } from '../../../lib/tree.js';
import { sceneName } from '../../editor/fields.js';
import { askedAgain } from '../../editor/twins.js';
import { list } from '../../editor/ways.js';

/** Where the same question is asked again of some, or was asked before: the two are changed together. */
function againLines(lock, editor) {
    const { game } = editor.store;
    const others = game.scenes.flatMap((scene) =>
        list(scene.things)
            .filter((one) => one.kind === 'lock')
            .filter((one) => askedAgain(one) === lock.id || askedAgain(lock) === one.id)
            .map((one) => ({ scene, one })),
    );

    return others.map(({ scene, one }) =>
        el(
            'button',
            {
                class: 'link again',
                'data-key': `${lock.id}.again.${one.id}`,
                onclick: () => editor.walkTo(scene.id, one.id),
            },
            icon('repeat'),
            t(askedAgain(lock) === one.id ? 'cards.lock.asksAgain' : 'cards.lock.isAskedAgain', {
                scene: sceneName(game, scene),
            }),
        ),
    );
}

export { againLines };

import { t, wordsAt } from '../../lib/catalogue.js';
import { area, now, pick, tick } from '../editor/fields.js';

/** Whether the play ends here, with what words, and what is left to the student then. */
function endings(scene, editor) {
    const take = (kind) =>
        editor.store.edit(
            { set: scene.id, field: 'ending', to: kind ? { md: '', ...now(editor, scene).ending, kind } : null },
            t('edits.labels.ending'),
        );

    return [
        pick({
            key: 'scene.ending',
            label: t('cards.scene.doesThePlayEndHere'),
            value: scene.ending?.kind ?? '',
            take,
            options: [
                ['', t('cards.scene.noItGoesOn')],
                ...Object.entries(wordsAt('workshop.endings')).map(([id, name]) => [
                    id,
                    t('cards.scene.yesEnding', { ending: name }),
                ]),
            ],
        }),
        scene.ending
            ? area({
                  key: 'scene.ending.md',
                  says: editor,
                  label: t('cards.scene.wordsAtTheEnd'),
                  shown: true,
                  rows: 2,
                  value: scene.ending.md ?? '',
                  take: (md) =>
                      editor.store.edit(
                          { set: scene.id, field: 'ending', to: { ...now(editor, scene).ending, md } },
                          t('edits.labels.wordsAtTheEnd'),
                      ),
              })
            : null,
        scene.ending ? ['receipt', 'again'].map((name) => left(scene, name, editor)) : null,
    ];
}

/** What of the play is left to the student at its end. */
function left(scene, name, editor) {
    return tick({
        key: `scene.ending.${name}`,
        label: t(`cards.scene.leaves.${name}`),
        value: Boolean(scene.ending[name]),
        take: (on) =>
            editor.store.edit(
                { set: scene.id, field: 'ending', to: { ...now(editor, scene).ending, [name]: on || undefined } },
                t('edits.labels.ending'),
            ),
    });
}

export { endings };

import { t } from '../../../lib/catalogue.js';
import { el, icon } from '../../../lib/tree.js';
import { tick } from '../../editor/fields.js';

/** While an area is being drawn: in which shape. */
function areaCard(editor) {
    const { view } = editor.stage;
    const shapes = {
        rect: ['square', t('cards.face.aRectangleDragOverIt')],
        ellipse: ['circle', t('cards.face.anEllipseDragOverIt')],
        polygon: ['pentagon', t('cards.face.anyShapePressAtEach')],
    };
    const use = (kind) => {
        view.use({ ...view.tool, kind });
        editor.draw();
    };

    return [
        el(
            'header',
            { class: 'card-head' },
            icon('square-dashed-mouse-pointer'),
            el('h2', {}, t('cards.face.aClearArea')),
            el(
                'button',
                {
                    class: 'link card-back',
                    'data-key': 'area.stop',
                    onclick: () => {
                        view.use(null);
                        editor.draw();
                    },
                },
                t('cards.face.notNow'),
            ),
        ),
        el(
            'div',
            { class: 'card-body', 'data-key': 'area.card' },
            el('p', {}, t('cards.face.anyPartOfThePicture')),
            Object.entries(shapes).map(([kind, [sign, name]]) =>
                el(
                    'button',
                    {
                        class: `button area-shape${view.tool.kind === kind ? ' chosen' : ''}`,
                        'data-key': `area.${kind}`,
                        'aria-pressed': String(view.tool.kind === kind),
                        onclick: () => use(kind),
                    },
                    icon(sign),
                    name,
                ),
            ),
            tick({
                key: 'area.many',
                label: t('cards.face.severalAreas'),
                value: Boolean(view.tool.isKept),
                take(isKept) {
                    view.use({ ...view.tool, isKept });
                    editor.draw();
                },
            }),
            view.tool.kind === 'polygon'
                ? el(
                      'button',
                      { class: 'button primary', 'data-key': 'area.close', onclick: () => view.drawn(null) },
                      t('cards.face.closeTheShape'),
                  )
                : null,
        ),
    ];
}

export { areaCard };

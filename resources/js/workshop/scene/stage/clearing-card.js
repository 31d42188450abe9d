import { t } from '../../../lib/catalogue.js';
import { el, icon } from '../../../lib/dom.js';
import { address } from './draw.js';
import { takeFile } from '../../editor/pictures.js';

/**
 * Makes the background of a picture clear: press a colour, set how near, see it at once. `take` gets the new picture.
 */
function clearingCard(thing, editor, take, close) {
    const canvas = el('canvas', {
        class: 'clearing-canvas',
        'aria-label': t('stage.clearing.pressTheColourThatShall'),
    });
    const near = el('input', {
        type: 'range',
        min: 1,
        max: 60,
        value: 12,
        'aria-label': t('stage.clearing.howNearAColourMust'),
        oninput: () => work(),
    });
    const touching = el('input', { type: 'checkbox', checked: true, onchange: () => work() });
    const said = el('p', { class: 'help', role: 'status' }, t('stage.clearing.begin'));
    const worker = new Worker(new URL('./clearing-worker.js', import.meta.url), { type: 'module' });
    const paper = canvas.getContext('2d', { willReadFrequently: true });
    let [whole, spot, turn] = [null, null, 0];

    const image = Object.assign(new Image(), { src: address(thing.asset, editor) });
    image.onload = () => {
        [canvas.width, canvas.height] = [image.naturalWidth, image.naturalHeight];
        paper.drawImage(image, 0, 0);
        whole = paper.getImageData(0, 0, canvas.width, canvas.height);
    };
    canvas.addEventListener('pointerdown', (event) => {
        const box = canvas.getBoundingClientRect();
        spot = [
            ((event.clientX - box.left) / box.width) * canvas.width,
            ((event.clientY - box.top) / box.height) * canvas.height,
        ].map(Math.floor);
        work();
    });
    worker.onmessage = ({ data }) => {
        if (data.turn !== turn) return;
        paper.putImageData(new ImageData(data.pixels, canvas.width, canvas.height), 0, 0);
        said.textContent = t('stage.clearing.asItIsNowPress');
    };

    function work() {
        if (!whole || !spot) return;
        worker.postMessage({
            turn: ++turn,
            pixels: whole.data,
            width: canvas.width,
            height: canvas.height,
            x: spot[0],
            y: spot[1],
            near: near.value / 100,
            touching: touching.checked,
        });
    }

    const done = () => {
        worker.terminate();
        close();
    };

    return [
        el(
            'header',
            { class: 'card-head' },
            icon('eraser'),
            el('h2', {}, t('stage.clearing.clearBackground')),
            el('button', { class: 'link card-back', onclick: done }, t('stage.clearing.notNow')),
        ),
        el(
            'div',
            { class: 'card-body', 'data-key': `${thing.id}.clearing` },
            el('div', { class: 'clearing-board' }, canvas),
            said,
            el('label', { class: 'field' }, el('span', {}, t('stage.clearing.howNear')), near),
            el('label', { class: 'tick' }, touching, t('stage.clearing.onlyWhatTouchesThatSpot')),
            el(
                'button',
                {
                    class: 'button primary',
                    onclick: () =>
                        canvas.toBlob((blob) => {
                            takeFile(new File([blob], 'clear.png', { type: 'image/png' }), editor, (found) => {
                                take(found);
                                done();
                            });
                        }, 'image/png'),
                },
                t('stage.clearing.takeIt'),
            ),
        ),
    ];
}

export { clearingCard };

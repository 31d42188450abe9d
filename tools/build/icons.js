import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';

const ICONS = [
    'corner-up-left',
    'audio-lines',
    'ear',
    'hand',
    'skip-forward',
    'skip-back',
    'clapperboard',
    'scissors',
    'volume-x',
    'volume-2',
    'captions',
    'pause',
    'arrow-down',
    'arrow-left',
    'arrow-right',
    'arrow-up',
    'backpack',
    'check',
    'chevron-down',
    'chevron-up',
    'clipboard-paste',
    'copy',
    'delete',
    'download',
    'flag',
    'footprints',
    'key-round',
    'lightbulb',
    'list',
    'lock',
    'lock-open',
    'log-out',
    'map',
    'maximize',
    'minus',
    'pencil-line',
    'plus',
    'redo-2',
    'sailboat',
    'search',
    'signpost',
    'table',
    'timer',
    'trash-2',
    'type',
    'undo-2',
    'x',
    'zoom-in',
    'zoom-out',
    'sparkles',
    'external-link',
    'image',
    'square-dashed-mouse-pointer',
    'layers',
    'eye',
    'eye-off',
    'pin',
    'pin-off',
    'group',
    'ungroup',
    'align-center-horizontal',
    'align-start-vertical',
    'align-horizontal-distribute-center',
    'align-vertical-distribute-center',
    'bring-to-front',
    'send-to-back',
    'rotate-cw',
    'upload',
    'palette',
    'link',
    'wand-sparkles',
    'monitor',
    'file-text',
    'eraser',
    'align-start-horizontal',
    'align-center-vertical',
    'circle',
    'square',
    'pentagon',
    'grip-vertical',
    'blocks',
    'combine',
    'list-start',
    'history',
    'split',
    'play',
    'circle-dot',
    'repeat',
    'scan-eye',
    'text-cursor-input',
    'chevrons-left',
    'chevrons-right',
    'chevrons-up',
    'chevrons-down',
];

const SPRITE = resolve('resources/icons/sprite.svg');

const LOOK = 'fill="none" stroke="currentColor" stroke-width="2" stroke-linecap="round" stroke-linejoin="round"';

/** One sprite of the icons that are used, made of the icon package before the build takes it up as an asset. */
function iconSprite() {
    return { name: 'icon-sprite', config: write };
}

function write() {
    const sprite = `<svg xmlns="http://www.w3.org/2000/svg">${ICONS.map(symbol).join('')}</svg>`;
    if (existsSync(SPRITE) && readFileSync(SPRITE, 'utf8') === sprite) return;
    mkdirSync(resolve('resources/icons'), { recursive: true });
    writeFileSync(SPRITE, sprite);
}

function symbol(name) {
    const svg = readFileSync(resolve(`node_modules/lucide-static/icons/${name}.svg`), 'utf8');
    const inner = svg
        .replace(/<!--[\s\S]*?-->/g, '')
        .replace(/^[\s\S]*?<svg[^>]*>/, '')
        .replace(/<\/svg>\s*$/, '')
        .trim();

    return `<symbol id="${name}" viewBox="0 0 24 24" ${LOOK}>${inner}</symbol>`;
}

export { iconSprite };

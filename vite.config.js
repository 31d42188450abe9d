import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { pictureCollection } from './tools/build/pictures.js';

const ICONS = [
    'arrow-down',
    'arrow-left',
    'arrow-right',
    'arrow-up',
    'backpack',
    'check',
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
];

/** One sprite of the icons that are used, from the icon package. */
function iconSprite() {
    return {
        name: 'icon-sprite',
        generateBundle() {
            const symbols = ICONS.map((name) => {
                const svg = readFileSync(resolve(`node_modules/lucide-static/icons/${name}.svg`), 'utf8');
                const inner = svg
                    .replace(/<!--[\s\S]*?-->/g, '')
                    .replace(/^[\s\S]*?<svg[^>]*>/, '')
                    .replace(/<\/svg>\s*$/, '')
                    .trim();
                return `<symbol id="${name}" viewBox="0 0 24 24" fill="none" stroke="currentColor" stroke-width="2" stroke-linecap="round" stroke-linejoin="round">${inner}</symbol>`;
            });
            this.emitFile({
                type: 'asset',
                fileName: 'icons.svg',
                source: `<svg xmlns="http://www.w3.org/2000/svg">${symbols.join('')}</svg>`,
            });
        },
    };
}

export default defineConfig({
    plugins: [
        laravel({
            input: ['resources/css/app.css', 'resources/css/teacher.css', 'resources/js/app.js'],
            refresh: true,
        }),
        tailwindcss(),
        iconSprite(),
        pictureCollection(),
    ],
    build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 2000 },
});

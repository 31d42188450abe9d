import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { iconSprite } from './tools/build/icons.js';
import { pictureCollection } from './tools/build/pictures.js';

export default defineConfig({
    plugins: [
        iconSprite(),
        laravel({
            input: ['resources/css/player.css', 'resources/css/teacher.css', 'resources/js/app.js'],
            assets: ['resources/icons/*.svg'],
            refresh: true,
        }),
        tailwindcss(),
        pictureCollection(),
    ],
    build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 2000 },
});

import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';
import { fonts } from './resources/fonts/subset.js';

export default defineConfig({
    plugins: [
        fonts(),
        laravel({
            input: ['resources/scss/app.scss', 'resources/js/app.js', 'resources/js/workshop.js', 'resources/images/clue.png', 'resources/images/board.png'],
            refresh: false,
        }),
    ],
    build: { assetsInlineLimit: 0 },
    css: {
        preprocessorOptions: {
            scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
        },
    },
});

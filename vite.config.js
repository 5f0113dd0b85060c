import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import purgeCss from '@fullhuman/postcss-purgecss';
import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';

// Where classes, elements and attributes are named; what none of these files names leaves the styles.
const CONTENT = ['resources/views', 'resources/js', 'app/View'];
const files = CONTENT.flatMap((folder) => readdirSync(folder, { recursive: true }).map((name) => join(folder, name)))
    .filter((name) => /\.(php|js)$/.test(name));
// A class whose end is filled in: "glass--{{ $size }}" keeps every glass--….
const composed = new Set(files.flatMap((name) => readFileSync(name, 'utf8').match(/[a-z][\w-]*(?:--|__)(?![\w-])/g) ?? []));

export default defineConfig({
    plugins: [laravel({ input: ['resources/scss/app.scss', 'resources/js/app.js'], refresh: false })],
    build: { assetsInlineLimit: 0, modulePreload: { polyfill: false } },
    css: {
        preprocessorOptions: {
            scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
        },
        postcss: {
            plugins: [purgeCss({
                content: files,
                safelist: [':focus-visible', ...[...composed].map((start) => new RegExp(`^${start}`))],
                dynamicAttributes: ['data-theme', 'type', 'aria-current', 'aria-pressed', 'aria-invalid'],
            })],
        },
    },
});

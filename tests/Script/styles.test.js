// The built styles hold no class that nothing on a page could have, and lose none that something has.
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';

const root = new URL('../../', import.meta.url).pathname;
const all = (folder) => readdirSync(join(root, folder), { recursive: true }).map((name) => join(root, folder, name))
    .filter((name) => /\.(php|js)$/.test(name)).map((name) => readFileSync(name, 'utf8')).join('\n');
const pages = ['resources/views', 'resources/js', 'app/View'].map(all).join('\n');
const manifest = JSON.parse(readFileSync(join(root, 'public/build/manifest.json')));
const css = readFileSync(join(root, 'public/build', manifest['resources/scss/app.scss'].file), 'utf8').replace(/url\([^)]*\)/g, '');
const styled = new Set([...css.matchAll(/([^{}]+)\{/g)].flatMap(([, selectors]) =>
    selectors.startsWith('@') ? [] : [...selectors.matchAll(/\.([a-z][\w-]*)/g)].map(([, name]) => name)));

test('each class in the styles is named in a view or a script, whole or up to what is filled in', () => {
    const named = new Set(pages.match(/[\w-]+/g));
    const unused = [...styled].filter((name) =>
        ![name, name.replace(/(?<=.*--)[^-].*$/, ''), name.replace(/(?<=__)[^_].*$/, '')].some((start) => named.has(start)));
    assert.deepEqual(unused, []);
});

test('a class that is set in the Sass and named in a view is in the styles', () => {
    const sass = readdirSync(join(root, 'resources/scss'), { recursive: true }).filter((name) => name.endsWith('.scss'))
        .map((name) => readFileSync(join(root, 'resources/scss', name), 'utf8')).join('\n');
    const own = [...sass.matchAll(/^\.([a-z][\w-]*)[ ,{:.]/gm)].map(([, name]) => name);
    const lost = own.filter((name) => new RegExp(`class="[^"]*\\b${name}(?![\\w-])`).test(pages) && !styled.has(name));
    assert.deepEqual(lost, []);
});

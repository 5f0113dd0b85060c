// The browser's projector gives the same answers as the core's: both read the files in tests/fixtures/projector.
import assert from 'node:assert/strict';
import { readFileSync, readdirSync } from 'node:fs';
import { test } from 'node:test';
import { project } from '../../resources/js/offline/projector.js';

const folder = new URL('../fixtures/projector/', import.meta.url);

for (const file of readdirSync(folder)) {
    const { script, cases } = JSON.parse(readFileSync(new URL(file, folder)));
    cases.forEach(({ ticks, state }, i) => test(`${file}, case ${i + 1}`, () => assert.deepEqual(project(script, ticks), state)));
}

test('there are golden files', () => assert.ok(readdirSync(folder).length >= 7));

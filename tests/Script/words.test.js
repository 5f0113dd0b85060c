// What the script says of an arm or a cup is what the page says: both are held to tests/fixtures/flow/words.json.
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { filled, heightOf, judge } from '../../resources/js/flow/cup.js';
import { sentences } from '../../resources/js/flow/sentences.js';
import { flow } from '../../resources/js/flow/spray.js';

const golden = JSON.parse(readFileSync(new URL('../fixtures/flow/words.json', import.meta.url)));
const { words, model, rings } = golden;

test('the same sentences of every arm', () =>
    golden.arms.forEach(([jets, motion, hitsAt, said], i) => {
        const arm = { jets: jets.map(([place, side, bore, blocked]) => ({ place, side, bore, blocked })), motion, hitsAt, rings };
        assert.deepEqual(sentences(arm, flow(arm, model), { words, model }), said, `arm ${i}`);
    }));

test('the same verdict of every cup', () =>
    golden.cups.forEach(([looks, baseline, verdict, rate], i) => {
        const said = judge(looks, baseline, golden.cup);
        assert.equal(said.verdict, verdict, `cup ${i}`);
        assert.ok(Math.abs(said.rate - rate) < 1e-8, `cup ${i}`);
    }));

test('a level and its height are each other’s inverse in every shape', () => {
    for (const flare of [1, 1.5, 2.2]) {
        for (let height = 0; height <= 1; height += 0.1) {
            assert.ok(Math.abs(heightOf(filled(height, flare), flare) - height) < 1e-9);
        }
        assert.ok(Math.abs(filled(1, flare) - 1) < 1e-12);
    }
});

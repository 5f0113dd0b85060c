// What the script says of an arm or a cup is what the page says: both are held to tests/fixtures/flow/words.json.
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { filled, heightOf, judge } from '../../resources/js/flow/cup.js';
import { sentences } from '../../resources/js/flow/sentences.js';
import { flow } from '../../resources/js/flow/spray.js';
import { fill, formOf } from '../../resources/js/words.js';

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

test('a message has the form that its number asks for, in each language', () => {
    assert.equal(formOf('1 step waits|:count steps wait', 1, 'en'), '1 step waits');
    assert.equal(fill(formOf('1 step waits|:count steps wait', 0, 'en'), { count: 0 }), '0 steps wait');
    assert.equal(formOf('un|des', 0, 'fr'), 'un');
    assert.equal(formOf('un|des', 2, 'fr'), 'des');
    assert.deepEqual([1, 3, 5, 22].map((count) => formOf('a|b|c', count, 'pl')), ['a', 'b', 'c', 'b']);
    assert.equal(formOf('only this', 7, 'en'), 'only this');
});

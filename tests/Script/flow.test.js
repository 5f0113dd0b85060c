// What the browser paints of an arm is what the core says of it: both read tests/fixtures/flow.
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { flow } from '../../resources/js/flow/spray.js';

const { model, maps } = JSON.parse(readFileSync(new URL('../fixtures/flow/maps.json', import.meta.url)));
const near = (got, wanted, about) =>
    wanted === null ? assert.equal(got, null, about) : assert.ok(Math.abs(got - wanted) < 1e-8, `${about}: ${got} is not ${wanted}`);

test('the same of every map', () => {
    maps.forEach(([jets, motion, [openness, top, under, coverage, dull]], i) => {
        const read = jets.map(([place, side, bore, blocked]) => ({ place, side, bore, blocked }));
        const painted = flow({ jets: read, motion }, model);
        near(painted.openness, openness, `map ${i}, openness`);
        near(painted.top, top, `map ${i}, top`);
        near(painted.under, under, `map ${i}, under`);
        near(painted.coverage, coverage, `map ${i}, coverage`);
        assert.equal((painted.dull ?? []).length, dull.length, `map ${i}, dull rings`);
        dull.forEach(([inner, outer], n) => {
            near(painted.dull[n][0], inner, `map ${i}, ring ${n}`);
            near(painted.dull[n][1], outer, `map ${i}, ring ${n}`);
        });
    });
});

test('there are five hundred maps', () => assert.equal(maps.length, 500));

import Alpine from '@alpinejs/csp';
import busy from './components/busy.js';
import compose from './components/compose.js';
import copy from './components/copy.js';
import counts from './components/counts.js';
import find from './components/find.js';
import grade from './components/grade.js';
import kit from './components/kit.js';
import level from './cupboard/level.js';
import photo from './components/photo.js';
import pour from './components/pour.js';
import round from './components/round.js';
import session from './sessions/session.js';
import shopping from './cupboard/shopping.js';
import span from './components/span.js';
import stepper from './components/stepper.js';
import summary from './components/summary.js';
import tally from './components/tally.js';
import timer from './components/timer.js';
import traits from './components/traits.js';
import zone from './components/zone.js';
import { startWorker } from './offline/worker.js';

Object.entries({
    busy,
    compose,
    copy,
    counts,
    find,
    grade,
    kit,
    level,
    photo,
    pour,
    round,
    session,
    shopping,
    span,
    stepper,
    summary,
    tally,
    timer,
    traits,
    zone,
}).forEach(([name, component]) => Alpine.data(name, component));

// What only some pages use comes with them. A round takes along what its later steps measure with, in case the network
// drops.
const rare = {
    cells: () => import('./measures/cells.js'),
    compare: () => import('./measures/compare.js'),
    cup: () => import('./measures/cup.js'),
    jetMap: () => import('./measures/jet-map.js'),
    layers: () => import('./measures/layers.js'),
    loudness: () => import('./measures/loudness.js'),
    planLanes: () => import('./sessions/lanes.js'),
    stopwatch: () => import('./measures/stopwatch.js'),
    stream: () => import('./components/stream.js'),
};
const wanted = Object.keys(rare).filter((name) => document.querySelector(
    ['jetMap', 'loudness', 'stopwatch'].includes(name) ? `[x-data=${name}], [data-ahead]` : `[x-data=${name}]`,
));
await Promise.all(wanted.map(async (name) => Alpine.data(name, (await rare[name]()).default)));

Alpine.start();
startWorker();

import Alpine from '@alpinejs/csp';
import busy from './components/busy.js';
import copy from './components/copy.js';
import counts from './components/counts.js';
import grade from './components/grade.js';
import kit from './components/kit.js';
import photo from './components/photo.js';
import round from './components/round.js';
import shopping from './cupboard/shopping.js';
import stepper from './components/stepper.js';
import summary from './components/summary.js';
import tally from './components/tally.js';
import timer from './components/timer.js';
import { startWorker } from './offline/worker.js';

Object.entries({
    busy,
    copy,
    counts,
    grade,
    kit,
    photo,
    round,
    shopping,
    stepper,
    summary,
    tally,
    timer,
}).forEach(([name, component]) => Alpine.data(name, component));

// What only some pages use comes with them. A round takes along what its later steps measure with, in case the network
// drops.
const rare = {
    notices: () => import('./offline/notices.js'),
    compose: () => import('./components/compose.js'),
    pour: () => import('./components/pour.js'),
    traits: () => import('./components/traits.js'),
    zone: () => import('./components/zone.js'),
    find: () => import('./components/find.js'),
    session: () => import('./sessions/session.js'),
    span: () => import('./components/span.js'),
    level: () => import('./cupboard/level.js'),
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
document.documentElement.toggleAttribute('data-listens', true);
startWorker();

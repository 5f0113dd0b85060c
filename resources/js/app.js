import Alpine from '@alpinejs/csp';
import busy from './components/busy.js';
import cells from './measures/cells.js';
import compare from './measures/compare.js';
import compose from './components/compose.js';
import copy from './components/copy.js';
import counts from './components/counts.js';
import cup from './measures/cup.js';
import find from './components/find.js';
import grade from './components/grade.js';
import jetMap from './measures/jet-map.js';
import kit from './components/kit.js';
import loudness from './measures/loudness.js';
import level from './cupboard/level.js';
import layers from './measures/layers.js';
import photo from './components/photo.js';
import planLanes from './sessions/lanes.js';
import pour from './components/pour.js';
import round from './components/round.js';
import session from './sessions/session.js';
import shopping from './cupboard/shopping.js';
import stopwatch from './measures/stopwatch.js';
import stream from './components/stream.js';
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
    cells,
    compare,
    compose,
    copy,
    counts,
    cup,
    find,
    grade,
    jetMap,
    kit,
    layers,
    level,
    loudness,
    photo,
    planLanes,
    pour,
    round,
    session,
    shopping,
    span,
    stepper,
    summary,
    stopwatch,
    stream,
    tally,
    timer,
    traits,
    zone,
}).forEach(([name, component]) => Alpine.data(name, component));

Alpine.start();
startWorker();

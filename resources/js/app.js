import Alpine from '@alpinejs/csp';
import copy from './components/copy.js';
import find from './components/find.js';
import grade from './components/grade.js';
import photo from './components/photo.js';
import pour from './components/pour.js';
import round from './components/round.js';
import timer from './components/timer.js';
import traits from './components/traits.js';
import zone from './components/zone.js';

Object.entries({ copy, find, grade, photo, pour, round, timer, traits, zone }).forEach(([name, component]) => Alpine.data(name, component));

Alpine.start();

import Alpine from '@alpinejs/csp';
import copy from './components/copy.js';
import grade from './components/grade.js';
import photo from './components/photo.js';
import round from './components/round.js';
import timer from './components/timer.js';
import zone from './components/zone.js';

Object.entries({ copy, grade, photo, round, timer, zone }).forEach(([name, component]) => Alpine.data(name, component));

Alpine.start();

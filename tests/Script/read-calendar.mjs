// Reads a calendar with another library than the one that wrote it, and prints what it understands of it.
import ICAL from 'ical.js';
import { readFileSync } from 'node:fs';

const calendar = new ICAL.Component(ICAL.parse(readFileSync(0, 'utf8')));
const read = {};
for (const each of calendar.getAllSubcomponents()) {
    const day = each.getFirstPropertyValue(each.name === 'vtodo' ? 'due' : 'dtstart');
    read[each.getFirstPropertyValue('uid')] = {
        day: day.toICALString(),
        sequence: each.getFirstPropertyValue('sequence'),
        modified: each.getFirstPropertyValue('last-modified').toString(),
    };
}
process.stdout.write(JSON.stringify(read));

// Notifies this device of what has fallen due, where its person has asked for it, for as long as a page lives. Each falling due
// is said once; the server keeps the hour and the quiet.
import { DUE_WANTED_BY, notify } from './notify.js';

const ASK_EVERY = 1_800_000; // ms
const MOST = 3; // at a time; the rest shows on Today
const SAID = 'due-said';
const REMEMBERED = 200; // fallings due; nothing is due in the quiet, and what was said stays said over it

const person = () => document.querySelector('meta[name=person]')?.content ?? '';

export const isWanted = () =>
    'Notification' in window && Notification.permission === 'granted' && localStorage.getItem(DUE_WANTED_BY) === person();

export const want = (wanted) => (wanted ? localStorage.setItem(DUE_WANTED_BY, person()) : localStorage.removeItem(DUE_WANTED_BY));

const look = async () => {
    if (!isWanted()) {
        return;
    }
    const answer = await fetch('/reminders/due', { headers: { Accept: 'application/json' }, redirect: 'error' }).catch(() => null);
    if (!answer?.ok) {
        return; // cut off or logged out: the next time
    }
    const due = await answer.json();
    const said = JSON.parse(localStorage.getItem(SAID) ?? '[]');
    localStorage.setItem(SAID, JSON.stringify([...new Set([...said, ...due.map(({ id }) => id)])].slice(-REMEMBERED)));
    for (const { title, body, path } of due.filter(({ id }) => !said.includes(id)).slice(0, MOST)) {
        await notify(title, body, path);
    }
};

let watch = null;

export const watchDue = () => {
    watch ??= setInterval(look, ASK_EVERY);

    return look();
};

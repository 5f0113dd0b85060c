// Notifies this device of what has fallen due, where its person has asked for it, for as long as a page lives. Each falling due
// is said once; the server keeps the hour and the quiet.
import { notify } from './notify.js';

const ASK_EVERY = 1_800_000; // ms
const MOST = 3; // at a time; the rest shows on Today
const WANTED = 'due-wanted-by';
const SAID = 'due-said';

const person = () => document.querySelector('meta[name=person]')?.content ?? '';

export const isWanted = () =>
    'Notification' in window && Notification.permission === 'granted' && localStorage.getItem(WANTED) === person();

export const want = (wanted) => (wanted ? localStorage.setItem(WANTED, person()) : localStorage.removeItem(WANTED));

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
    localStorage.setItem(SAID, JSON.stringify(due.map(({ id }) => id)));
    for (const { title, body, path } of due.filter(({ id }) => !said.includes(id)).slice(0, MOST)) {
        await notify(title, body, path);
    }
};

export const watchDue = async () => {
    await look();
    setInterval(look, ASK_EVERY);
};

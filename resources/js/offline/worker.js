// Lets the service worker keep the pages of a running round, and says on every page when something still waits
// to be sent.
import { words } from '../words.js';
import { DUE_WANTED_BY } from './notify.js';
import { flush, waiting } from './outbox.js';

const note = (text) => {
    const main = document.getElementById('main');
    let said = document.getElementById('outbox-said');
    if (!said) {
        said = Object.assign(document.createElement('p'), { id: 'outbox-said', className: 'said' });
        said.setAttribute('role', 'status');
        main?.prepend(said);
    }
    said.textContent = text;
};

export const startWorker = async () => {
    if (!document.querySelector('meta[name=person]')) {
        sessionStorage.clear(); // nobody else on this device sees the steps of a round

        return;
    }
    if (localStorage.getItem(DUE_WANTED_BY)) {
        import('./due.js').then(({ watchDue }) => watchDue());
    }
    if ('serviceWorker' in navigator) {
        try {
            await navigator.serviceWorker.register('/worker.js');
            const round = document.querySelector('[data-ahead]')?.dataset;
            const here = document.querySelector('[data-keep]') ? [location.pathname] : [];
            const { active } = await navigator.serviceWorker.ready;
            const built = [...document.querySelectorAll('link[rel=stylesheet], script[src]')].map((node) => node.href || node.src);
            const pages = round ? [round.here, round.ahead] : here;
            if (pages.length > 0 && !navigator.serviceWorker.controller) {
                active.postMessage({ keep: [...pages, ...built] }); // this page came before the worker
            }
        } catch {
            // No worker here: a round still goes on while its page stays open.
        }
    }
    if ('seen' in document.body.dataset) {
        note(words('seen'));

        return;
    }
    if (document.querySelector('[data-ahead], [data-keep]') || (await waiting()).length === 0) {
        return; // a round and a list send their own
    }
    const { sent, said, left } = await flush();
    note([
        sent > 0 ? words('things_sent', { count: sent }) : '',
        left > 0 ? words('things_wait', { count: left }) : '',
        ...said,
    ].filter(Boolean).join(' '));
};

// What could not be sent, kept in the browser until it can be: form fields, files and when it was done.
// The server knows each by its ULID, so sending one twice writes it once.
const open = () =>
    new Promise((resolve, reject) => {
        const wanted = indexedDB.open('good-rinse', 1);
        wanted.onupgradeneeded = () => wanted.result.createObjectStore('outbox', { keyPath: 'seq', autoIncrement: true });
        wanted.onsuccess = () => resolve(wanted.result);
        wanted.onerror = () => reject(wanted.error);
    });

const run = async (mode, work) => {
    const base = await open();
    try {
        return await new Promise((resolve, reject) => {
            const deal = base.transaction('outbox', mode);
            const asked = work(deal.objectStore('outbox'));
            deal.oncomplete = () => resolve(asked?.result);
            deal.onerror = () => reject(deal.error);
            deal.onabort = () => reject(deal.error);
        });
    } finally {
        base.close();
    }
};

// What one person left on this device is not sent by another who logs in after them.
const person = () => document.querySelector('meta[name=person]')?.content ?? '';

// Opening the store takes longer than sending a step, so a mark says whether there is anything in it.
const MARK = 'good-rinse outbox';

export const keep = (url, form) => {
    localStorage.setItem(MARK, 'holds');

    return run('readwrite', (store) =>
        store.add({ url, fields: [...form.entries()].filter(([name]) => name !== '_token'), at: Date.now(), person: person() }),
    );
};

export const waiting = async () => {
    if (!localStorage.getItem(MARK)) {
        return [];
    }
    const items = await run('readonly', (store) => store.getAll()).catch(() => []);
    if (items.length === 0) {
        localStorage.removeItem(MARK);
    }

    return items.filter((item) => item.person === person());
};

const drop = (seq) => run('readwrite', (store) => store.delete(seq));

const post = async (item, token) => {
    const form = new FormData();
    item.fields.forEach(([name, value]) => form.append(name, value));
    form.append('_token', token);
    form.append('ago', String(Math.max(0, Math.round((Date.now() - item.at) / 1000))));

    return fetch(item.url, { method: 'POST', body: form, headers: { Accept: 'application/json' }, redirect: 'error' });
};

let token = null;
let sending = null;

// Sends what waits, the oldest first. What the server refuses is dropped and said; what it cannot take now stays.
const sendAll = async () => {
    const said = [];
    let sent = 0;
    for (const item of await waiting()) {
        try {
            token ??= document.querySelector('meta[name=csrf-token]').content;
            let answer = await post(item, token);
            if (answer.status === 419) {
                const state = await fetch(item.url.replace(/\/ticks$/, '/state'), {
                    headers: { Accept: 'application/json' },
                    redirect: 'error',
                });
                token = (await state.json()).token;
                answer = await post(item, token);
            }
            if (answer.status === 401 || answer.status === 419 || answer.status === 429 || answer.status >= 500) {
                break;
            }
            const told = await answer.json().catch(() => ({}));
            said.push(...[told.warning, told.message].filter(Boolean));
            sent += answer.ok ? 1 : 0;
            await drop(item.seq);
        } catch {
            break; // still cut off
        }
    }

    return { sent, said, left: (await waiting()).length };
};

export const flush = () => {
    const once = () => sendAll();
    // One page at a time sends, so that two open ones don't send the same twice.
    sending ??= (navigator.locks ? navigator.locks.request('good-rinse-outbox', once) : once()).finally(() => {
        sending = null;
    });

    return sending;
};

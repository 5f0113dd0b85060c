// Service worker: keeps the running round's page, the steps ahead of it, the shopping list, Today and the built files, so that a
// reload without network shows them and not an error. Everything else goes to the network as if it were not here.
const PAGES = 'round-pages-1';
const BUILT = 'built-1';
const isKept = (path) => /^\/rounds\/[0-9A-Za-z]{26}(\/ahead)?$/.test(path) || path === '/cupboard/list' || path === '/';
const key = (url) => new URL(url, location.origin).pathname;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

const store = async (name, path, answer) => {
    if (answer.ok && !answer.redirected && answer.type === 'basic') {
        await (await caches.open(name)).put(path, answer.clone());
    } else if (name === PAGES) {
        await (await caches.open(name)).delete(path);
    }
};

self.addEventListener('message', (event) => {
    event.waitUntil(Promise.all((event.data?.keep ?? []).map(async (url) => {
        const path = key(url);
        const name = path.startsWith('/build/') ? BUILT : PAGES;
        if (!(name === BUILT && await (await caches.open(name)).match(path))) {
            await store(name, path, await fetch(url, { credentials: 'same-origin' }));
        }
    })).catch(() => null));
});

const built = async (request) => {
    const path = key(request.url);
    const there = await (await caches.open(BUILT)).match(path);
    if (there) {
        return there;
    }
    const answer = await fetch(request);
    await store(BUILT, path, answer);

    return answer;
};

// A page from before says so itself.
const seen = async (answer) => new Response(
    (await answer.text()).replace('<body', '<body data-seen'),
    { status: answer.status, headers: answer.headers },
);

const page = async (request) => {
    const path = key(request.url);
    try {
        const answer = await fetch(request);
        if (!new URL(request.url).search) {
            await store(PAGES, path, answer);
        }

        return answer;
    } catch (error) {
        const there = await (await caches.open(PAGES)).match(path);
        if (there) {
            return path === '/' ? seen(there) : there;
        }
        throw error;
    }
};

self.addEventListener('fetch', (event) => {
    const { request } = event;
    const url = new URL(request.url);
    if (url.origin !== location.origin) {
        return;
    }
    if (request.method === 'POST' && url.pathname === '/logout') {
        event.waitUntil(caches.delete(PAGES)); // nobody else on this device sees the round
    } else if (request.method === 'GET' && url.pathname.startsWith('/build/')) {
        event.respondWith(built(request));
    } else if (request.method === 'GET' && isKept(url.pathname)) {
        event.respondWith(page(request));
    }
});

// A press on a notification leads to the page that it is about.
self.addEventListener('notificationclick', (event) => {
    event.notification.close();
    const path = event.notification.data?.path ?? '/';
    event.waitUntil(self.clients.matchAll({ type: 'window' }).then((open) => {
        const there = open.find((client) => key(client.url) === key(path));

        return there ? there.focus() : self.clients.openWindow(path);
    }));
});

// Keeps the pocket desk and what it is drawn with, so that it opens without a signal. All else goes straight to the table.
const SHELF = 'wren-pocket';
const DESK = '/gather/pocket';

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

// A page that was on its way while the worker woke up was not there to be claimed; it asks for it itself.
self.addEventListener('message', (event) => {
    if (event.data === 'claim') {
        event.waitUntil(self.clients.claim());
    } else if (event.data?.keep) {
        event.waitUntil(Promise.all(event.data.keep.map(keepNow)));
    }
});

const keep = async (request, response) => {
    if (response.ok && !response.redirected) {
        const shelf = await caches.open(SHELF);
        await shelf.put(request, response.clone());
    }

    return response;
};

// On a first visit the page was there before the worker: it sends the names of what it takes to be drawn again.
const keepNow = async (path) => {
    const isKept = path !== DESK && (await caches.match(path)) !== undefined;

    return isKept || keep(path, await fetch(path)).catch(() => undefined);
};

const desk = async (request) => {
    try {
        return await keep(DESK, await fetch(request));
    } catch (unreachable) {
        const kept = await caches.match(DESK);
        if (kept === undefined) {
            throw unreachable;
        }

        return kept;
    }
};

// Built files carry their content in their names, so a kept one never grows stale.
const built = async (request) => (await caches.match(request)) ?? keep(request, await fetch(request));

self.addEventListener('fetch', (event) => {
    const { pathname, origin } = new URL(event.request.url);
    if (event.request.method !== 'GET' || origin !== self.location.origin) {
        return;
    }
    if (pathname === DESK) {
        event.respondWith(desk(event.request));
    } else if (pathname.startsWith('/build/assets/') || pathname === '/favicon.svg') {
        event.respondWith(built(event.request));
    }
});

// Keeps the page for the shop, the shopping list and what they are drawn with, so that they open without a signal. All else goes straight
// to the table.
const SHELF = 'wren-pocket';
const DESKS = ['/gather/pocket', '/gather/shopping'];

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
    const isKept = !DESKS.includes(path) && (await caches.match(path)) !== undefined;

    return isKept || keep(path, await fetch(path)).catch(() => undefined);
};

const desk = async (request, path) => {
    try {
        return await keep(path, await fetch(request));
    } catch (unreachable) {
        const kept = await caches.match(path);
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
    // A part of a page that is asked for by itself is not kept in the place of the page.
    if (DESKS.includes(pathname) && event.request.mode === 'navigate') {
        event.respondWith(desk(event.request, pathname));
    } else if (pathname.startsWith('/build/assets/') || pathname === '/favicon.svg') {
        event.respondWith(built(event.request));
    }
});

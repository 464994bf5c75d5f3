// Keeps the shopping list and the units that somebody is at at hand where there is no network: their pages, the files that these
// are made of, and what was last answered. Whatever else is asked goes by it untouched.
const SHELF = 'jornel-away-3';
const PATIENCE = 4000;
const PAGES = /^\/(programmes\/\d+\/shopping|units\/\d+(\/proof)?)$/;
const ANSWERS = /^\/api\/v1\/(session|programmes\/\d+|programmes\/\d+\/(shopping|meters)|units\/\d+(\/proof)?)$/;
// A version never changes, nor do the pictures of its steps.
const PICTURES = /^\/api\/v1\/versions\/\d+\/steps\/[a-z0-9-]+$/;
// What is answered to ticks is the unit as it is then.
const TICKS = /^(\/api\/v1\/units\/\d+)\/ticks$/;
// A unit is drawn from each side once.
const POINTS = /^\/api\/v1\/units\/\d+\/points$/;
const FILES = /^\/build\//;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) =>
    event.waitUntil(
        (async () => {
            // What an older one kept.
            for (const name of await caches.keys()) if (name !== SHELF) await caches.delete(name);
            await self.clients.claim();
        })(),
    ),
);

async function keep(request, response) {
    if (response.ok) {
        const shelf = await caches.open(SHELF);
        await shelf.put(request, response.clone());
    }
    return response;
}

/** What is there, or else what was kept; whoever stands in a shop does not wait long. */
async function newest(request) {
    const kept = await caches.match(request);
    const asked = fetch(request).then((response) => keep(request, response));
    if (!kept) return asked;
    const tired = new Promise((resolve) => setTimeout(() => resolve(kept), PATIENCE));
    return Promise.race([asked.then((response) => (response.status >= 500 ? kept : response)).catch(() => kept), tired]);
}

async function once(request) {
    return (await caches.match(request)) ?? fetch(request).then((response) => keep(request, response));
}

self.addEventListener('fetch', (event) => {
    const { request } = event;
    const url = new URL(request.url);
    if (url.origin !== self.location.origin) return;
    const ticked = request.method === 'POST' && TICKS.exec(url.pathname);
    if (ticked) event.respondWith(fetch(request).then((response) => keep(ticked[1], response)));
    if (request.method !== 'GET') return;
    if (FILES.test(url.pathname) || (PICTURES.test(url.pathname) && url.search === '') || POINTS.test(url.pathname)) event.respondWith(once(request));
    else if ((request.mode === 'navigate' && PAGES.test(url.pathname)) || ANSWERS.test(url.pathname)) event.respondWith(newest(request));
});

self.addEventListener('message', (event) => {
    // What the page had loaded before this was here; nothing is kept of somebody who signed out.
    if (event.data?.keep)
        event.waitUntil(caches.open(SHELF).then((shelf) => Promise.allSettled(event.data.keep.map((url) => shelf.add(url)))));
    if (event.data?.forget) event.waitUntil(caches.delete(SHELF));
});

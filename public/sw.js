// Keeps the shopping list and the units that somebody is at at hand where there is no network: their pages, the files that these
// are made of, and what was last answered. Answers belong to whoever they were given to, and go when somebody else signs in or
// the session ends. Whatever else is asked goes by it untouched.
const VERSION = 4;
const FILES_SHELF = `jornel-files-${VERSION}`;
const WHO_SHELF = `jornel-who-${VERSION}`;
const shelfOf = (person) => `jornel-answers-${VERSION}-${person}`;
const PERSON = 'X-Jornel-Person';
const PATIENCE = 4000;
const PAGES = /^\/(programmes\/\d+\/shopping|units\/\d+(\/proof)?)$/;
const SESSION = '/api/v1/session';
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
            for (const name of await caches.keys()) if (!name.includes(`-${VERSION}`)) await caches.delete(name);
            await self.clients.claim();
        })(),
    ),
);

/** Number of whoever is signed in in this browser, as far as is known; it is written down, as workers come and go. */
async function who() {
    const shelf = await caches.open(WHO_SHELF);
    return (await (await shelf.match('/'))?.text()) ?? '0';
}
/** Nothing stays here of anybody else. */
async function know(person) {
    const shelf = await caches.open(WHO_SHELF);
    await shelf.put('/', new Response(person));
    for (const name of await caches.keys()) if (name.startsWith('jornel-answers-') && name !== shelfOf(person)) await caches.delete(name);
}

async function keep(request, response) {
    const path = new URL(typeof request === 'string' ? request : request.url, self.location.origin).pathname;
    const isAnswer = path.startsWith('/api/');
    const person = response.headers.get(PERSON);
    // The session has ended: nothing stays of it.
    if (isAnswer && response.status === 401) await know('0');
    // Pages say who has signed in; an answer does only where nobody is known, as it may be a slow one to somebody who has gone.
    if (path === SESSION && response.ok && person !== null && (await who()) === '0') await know(person);
    // A slow answer to somebody who has gone since is kept by nobody.
    if (!response.ok || (isAnswer && (person === null || person !== (await who())))) return response;
    const shelf = await caches.open(isAnswer ? shelfOf(person) : FILES_SHELF);
    await shelf.put(request, response.clone());
    return response;
}

/** What was kept of files, or for whoever is signed in now. */
async function kept(request) {
    const shelf = await caches.open(new URL(request.url).pathname.startsWith('/api/') ? shelfOf(await who()) : FILES_SHELF);
    return shelf.match(request);
}

/** What is there, or else what was kept; whoever stands in a shop does not wait long. */
async function newest(request) {
    const asked = fetch(request).then((response) => keep(request, response));
    if (!(await kept(request))) return asked;
    // Looked for again when it is needed: somebody else may have signed in while it was waited for.
    const fallback = async (fault) => (await kept(request)) ?? (fault instanceof Response ? fault : Response.error());
    const tired = new Promise((resolve) => setTimeout(resolve, PATIENCE)).then(() => kept(request));
    return Promise.race([
        asked.then((response) => (response.status >= 500 ? fallback(response) : response)).catch(fallback),
        tired.then((copy) => copy ?? asked.catch(fallback)),
    ]);
}

async function once(request) {
    return (await kept(request)) ?? fetch(request).then((response) => keep(request, response));
}

self.addEventListener('fetch', (event) => {
    const { request } = event;
    const url = new URL(request.url);
    if (url.origin !== self.location.origin) return;
    const ticked = request.method === 'POST' && TICKS.exec(url.pathname);
    if (ticked) event.respondWith(fetch(request).then((response) => keep(ticked[1], response)));
    if (request.method !== 'GET') return;
    if (FILES.test(url.pathname) || (PICTURES.test(url.pathname) && url.search === '') || POINTS.test(url.pathname))
        event.respondWith(once(request));
    else if ((request.mode === 'navigate' && PAGES.test(url.pathname)) || ANSWERS.test(url.pathname)) event.respondWith(newest(request));
});

self.addEventListener('message', (event) => {
    const { who: person, keep: urls, forget } = event.data ?? {};
    event.waitUntil(
        (async () => {
            if (person !== undefined) await know(String(person));
            // What the page had loaded before this was here.
            if (urls)
                await Promise.allSettled(
                    urls.map(async (url) => {
                        const request = new Request(url);
                        await keep(request, await fetch(request));
                    }),
                );
            if (forget) for (const name of await caches.keys()) await caches.delete(name);
        })(),
    );
});

import { ExpirationPlugin } from 'workbox-expiration';
import { registerRoute, setCatchHandler } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';

/**
 * Keeps Orbek for when the network is gone: the shell (styles, scripts, type), the pages last seen, the meals ahead
 * and the whole of the open cook. With the network there, every page still comes from it.
 */
const SHELL = 'orbek-shell';
const PAGES = 'orbek-pages';
const SLOW_S = 4;

/** Of pages that were only looked at, so many: a year of dishes would fill a phone. */
const MOST_PAGES = 80;

// A page that asks to sign in, or an error, is not kept in the place of one that was.
const onlyGood = { cacheWillUpdate: async ({ response }) => (response.status === 200 && !response.redirected ? response : null) };

/** A page out of the cache says so: its clock is not the server's. */
async function asKept(response) {
    if (!response || !(response.headers.get('Content-Type') ?? '').includes('text/html')) return response;
    const page = (await response.text()).replace('<html ', '<html data-kept ');
    const headers = new Headers(response.headers);
    headers.set('Orbek-Kept', '1');
    return new Response(page, { status: response.status, headers });
}

const pages = new NetworkFirst({
    cacheName: PAGES, networkTimeoutSeconds: SLOW_S,
    plugins: [
        onlyGood, { cachedResponseWillBeUsed: async ({ cachedResponse }) => asKept(cachedResponse) },
        new ExpirationPlugin({ maxEntries: MOST_PAGES }),
    ],
});
const shell = new CacheFirst({ cacheName: SHELL, plugins: [onlyGood] });

/** The list of files of which all were kept last. */
let keptOf = '';

/** What every page is made of: styles, scripts and the type it is set in; anew when an update brought others. */
async function keepShell() {
    const told = await (await fetch('/build/manifest.json', { cache: 'no-store' })).text();
    const cache = await caches.open(SHELL);
    if (told === keptOf && (await cache.match('/offline'))) return;
    const manifest = JSON.parse(told);
    const files = new Set(['/offline', '/early.js', '/orbek.svg', '/orbek.webmanifest', '/icon-192.png']);
    Object.values(manifest).filter((entry) => entry.name !== 'sw').forEach((entry) => {
        [entry.file, ...(entry.css ?? [])].forEach((file) => files.add(`/build/${file}`));
    });
    Object.values(manifest).filter((entry) => /anek-latin-latin-(standard|wdth)/.test(entry.file)).forEach((entry) =>
        files.add(`/build/${entry.file}`));
    let isWhole = true;
    for (const file of files) {
        const isHere = file.startsWith('/build/assets/') && (await cache.match(file));
        if (!isHere) await cache.add(file).catch(() => { isWhole = false; });
    }
    if (isWhole) keptOf = told;
}

// In hand at once; the shell is fetched when a page says what to keep: no page's own request waits for it.
self.addEventListener('install', (event) => event.waitUntil(self.skipWaiting()));
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

registerRoute(({ url }) => url.pathname.startsWith('/build/assets/'), shell);
registerRoute(({ url }) => ['/early.js', '/orbek.svg', '/orbek.webmanifest'].includes(url.pathname), new NetworkFirst({ cacheName: SHELL,
    networkTimeoutSeconds: SLOW_S, plugins: [onlyGood] }));

// The open cook is found under the Stove's own address as well, which the server answers with where to go.
registerRoute(({ request, url }) => request.mode === 'navigate' && url.pathname === '/stove', async ({ request }) => {
    try {
        return await fetch(request);
    } catch {
        const open = await (await caches.open(PAGES)).match('/stove');
        return (await asKept(open)) ?? offline();
    }
});
registerRoute(({ request }) => request.mode === 'navigate' && request.method === 'GET', pages);
registerRoute(({ url }) => /^\/(meal-)?cooks\/[^/]+\/alone$/.test(url.pathname), pages);

const offline = async () => (await (await caches.open(SHELL)).match('/offline')) ?? Response.error();
setCatchHandler(async ({ request }) => (request.mode === 'navigate' ? offline() : Response.error()));

// A page names what else is to be kept: the meals ahead, the open cook as it now stands.
self.addEventListener('message', (event) => {
    if (event.data?.claim) event.waitUntil(self.clients.claim());
    const keep = event.data?.keep ?? [];
    event.waitUntil((async () => {
        // First what every page is made of, and what says that one is not kept: a kept page without them is no use.
        await keepShell().catch(() => {});
        const cache = await caches.open(PAGES);
        // One after another: a laptop has more to do than to fill a phone.
        for (const path of keep) {
            const response = await fetch(path, { credentials: 'same-origin', headers: { Accept: 'text/html' } }).catch(() => null);
            if (!response || response.status !== 200 || response.redirected) continue;
            if (/^\/(meal-)?cooks\/[^/]+$/.test(path)) await cache.put('/stove', response.clone());
            await cache.put(path, response);
        }
        event.source?.postMessage({ kept: keep });
    })());
});

self.addEventListener('notificationclick', (event) => {
    event.notification.close();
    event.waitUntil((async () => {
        const open = await self.clients.matchAll({ type: 'window' });
        await (open[0]?.focus() ?? self.clients.openWindow('/stove'));
    })());
});

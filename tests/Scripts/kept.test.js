import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const COOK = '01kq0000000000000000000000';
const tap = (n) => ({ id: `01KQ000000000000000000000${n}`, type: 'started', at: 1000 + n, subject: 'rinse' });
const page = (body) => new Response(JSON.stringify(body), { status: 200, headers: { 'Content-Type': 'application/json' } });

const full = () => {
    const open = indexedDB.open.bind(indexedDB);
    return {
        open: (...of) => {
            const request = open(...of);
            const connect = { set: (target, name, value) => { target[name] = value; return true; }, get: (target, name) => (name === 'result' ? fullOf(target.result) : target[name]) };
            return new Proxy(request, connect);
        },
    };
};
const fullOf = (db) => new Proxy(db, {
    get: (target, name) => (name === 'transaction'
        ? (stores, mode) => { if (mode === 'readwrite') throw new DOMException('No room.', 'QuotaExceededError'); return target.transaction(stores, mode); }
        : typeof target[name] === 'function' ? target[name].bind(target) : target[name]),
    set: (target, name, value) => { target[name] = value; return true; },
});

const BROWSERS = [
    ['blocks its storage', () => ({ open: () => { throw new DOMException('Denied.', 'SecurityError'); } })],
    ['has no room', full],
    ['never answers', () => ({ open: () => ({}) })],
];

let queue;
let sent;

/** A server that takes all, with the browser's storage as given. */
async function browser(indexedDb) {
    vi.resetModules();
    vi.stubGlobal('indexedDB', indexedDb());
    vi.stubGlobal('localStorage', new Proxy({}, { get: () => { throw new DOMException('Denied.', 'SecurityError'); }, ownKeys: () => { throw new DOMException('Denied.', 'SecurityError'); } }));
    sent = [];
    vi.stubGlobal('fetch', async (url, { body }) => {
        const { events } = JSON.parse(body);
        sent.push(...events.map((event) => event.id));
        return page({ events: events.map(() => ({ status: 'taken' })) });
    });
    queue = await import('../../resources/js/queue.js');
}

beforeEach(() => { vi.stubGlobal('document', { querySelector: () => ({ content: 'token' }) }); });
afterEach(() => vi.unstubAllGlobals());

describe.each(BROWSERS)('a browser that %s', (what, storage) => {
    it('sends each tap at once, each once, and does not say that it is kept', async () => {
        await browser(storage);
        queue.add(COOK, tap(1));
        expect((await queue.deliver(COOK)).left).toEqual([]);
        expect(sent).toEqual([tap(1).id]);
        await queue.add(COOK, tap(2));
        await queue.deliver(COOK);
        await queue.deliver(COOK);
        expect(sent).toEqual([tap(1).id, tap(2).id]);
        expect(queue.isKept()).toBe(false);
    }, 15_000);

    it('holds a tap in memory while the server is gone', async () => {
        await browser(storage);
        const { fetch } = globalThis;
        vi.stubGlobal('fetch', async () => { throw new TypeError('gone'); });
        await queue.add(COOK, tap(3));
        expect(await queue.deliver(COOK)).toMatchObject({ away: true, left: [tap(3)] });
        vi.stubGlobal('fetch', fetch);
        expect((await queue.deliver(COOK)).left).toEqual([]);
        expect(sent).toEqual([tap(3).id]);
    }, 15_000);

    it('has neither a log nor what it was to remember, and says so of a photograph', async () => {
        await browser(storage);
        const { log, logged } = await import('../../resources/js/alone.js');
        const { names, remember, remembered } = await import('../../resources/js/kept.js');
        const { keep } = await import('../../resources/js/pictures.js');
        await log(COOK, tap(4));
        expect(await logged(COOK)).toEqual([]);
        remember('orbek.clock', '1');
        expect([remembered('orbek.clock'), names()]).toEqual([null, []]);
        vi.stubGlobal('fetch', async () => { throw new TypeError('gone'); });
        const { says } = await keep('A', { to: '/x', fields: { shows: 'boil' }, at: 1, picture: new File(['light'], 'a.jpg') });
        expect(says).toContain('take it again');
    }, 15_000);
});

describe('a browser that keeps', () => {
    it('says so, also after it failed once', async () => {
        await browser(() => indexedDB);
        await queue.add(COOK, tap(5));
        expect(queue.isKept()).toBe(true);
        expect(await queue.waitingOf(COOK)).toEqual([tap(5)]);
    });
});

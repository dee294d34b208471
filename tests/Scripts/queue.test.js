import 'fake-indexeddb/auto';
import { createStore, clear } from 'idb-keyval';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { add, deliver, deliverAll, waitingOf } from '../../resources/js/queue.js';
import { GIVES_UP_MS, reach } from '../../resources/js/reach.js';

const COOK = '01kq0000000000000000000000';
const tap = (n) => ({ id: `01KQ000000000000000000000${n}`, type: 'started', at: 1000 + n, subject: 'rinse' });
const page = (status, body = '', type = 'application/json') => new Response(body, { status, headers: { 'Content-Type': type } });

/** A server that remembers what it took and names a tap of which `bad` is true. */
function server({ bad = () => false } = {}) {
    const taken = [];
    const calls = [];
    return {
        taken,
        calls,
        answer: async (url, options) => {
            calls.push(url);
            if (url === '/token') return page(200, JSON.stringify({ token: 'fresh' }));
            const { events } = JSON.parse(options.body);
            return page(200, JSON.stringify({
                events: events.map((event) => {
                    if (bad(event)) return { status: 'refused', message: `${event.id}: is bad; tap again.` };
                    if (taken.includes(event.id)) return { status: 'known' };
                    taken.push(event.id);
                    return { status: 'taken' };
                }),
                body: '<section></section>', shown: 5, speed: 1,
            }));
        },
    };
}

beforeEach(async () => {
    await clear(createStore('orbek', 'queues'));
    vi.stubGlobal('document', { querySelector: () => ({ content: 'old' }) });
});

describe('what a cook taps', () => {
    it('leaves the queue only when the server took it or named it bad', async () => {
        const there = server({ bad: (event) => event.id === tap(3).id });
        await add(COOK, tap(1), tap(2), tap(3), tap(4));
        vi.stubGlobal('fetch', () => Promise.reject(new TypeError('gone')));
        const away = await deliver(COOK);
        expect(away).toMatchObject({ away: true, why: 'The server does not answer.', refused: [] });
        expect(away.left).toHaveLength(4);

        vi.stubGlobal('fetch', there.answer);
        const told = await deliver(COOK, { body: true });
        expect(there.taken).toEqual([tap(1).id, tap(2).id, tap(4).id]);
        expect(told.refused).toEqual([`${tap(3).id}: is bad; tap again.`]);
        expect(told.answer).toMatchObject({ body: '<section></section>', shown: 5 });
        expect(await waitingOf(COOK)).toEqual([]);
    });

    it('is not swept away with the empty queue it comes into', async () => {
        await add(COOK);
        const looked = waitingOf(COOK);
        for (let n = 1; n <= 4; n++) {
            await Promise.resolve();
            add(COOK, tap(n));
        }
        await looked;
        expect((await waitingOf(COOK)).map((event) => event.id)).toEqual([1, 2, 3, 4].map((n) => tap(n).id));
    });

    it('is sent again with a new token when the session has ended', async () => {
        const there = server();
        await add(COOK, tap(1), tap(2), tap(3), tap(4));
        const tokens = [];
        vi.stubGlobal('fetch', async (url, options) => {
            if (url !== '/token') tokens.push(options.headers['X-CSRF-TOKEN']);
            return url !== '/token' && options.headers['X-CSRF-TOKEN'] === 'old' ? page(419, 'gone', 'text/html') : there.answer(url, options);
        });
        const told = await deliver(COOK);
        expect(told.away).toBe(false);
        expect(there.taken).toHaveLength(4);
        expect(tokens).toEqual(['old', 'fresh']);
        expect(await waitingOf(COOK)).toEqual([]);
    });

    it.each([
        ['the server fails', () => Promise.resolve(page(500, 'oops', 'text/html'))],
        ['something else answers in its place', () => Promise.resolve(page(200, '<h1>Sign in to the network</h1>', 'text/html'))],
        ['the answer says nothing of the events', () => Promise.resolve(page(200, '{"events":[{},{}]}'))],
    ])('stays when %s', async (what, fetch) => {
        await add(COOK, tap(1), tap(2));
        vi.stubGlobal('fetch', fetch);
        expect((await deliver(COOK)).away).toBe(true);
        expect(await waitingOf(COOK)).toHaveLength(2);
    });

    it('is told apart when the list as a whole is refused', async () => {
        const there = server();
        await add(COOK, tap(1), tap(2), tap(3), tap(4));
        vi.stubGlobal('fetch', (url, options) => (JSON.parse(options.body).events.some((event) => event.id === tap(2).id)
            ? Promise.resolve(page(422, JSON.stringify({ message: 'events: will not do.' })))
            : there.answer(url, options)));
        const told = await deliver(COOK);
        expect(told.refused).toEqual(['events: will not do.']);
        expect(there.taken.sort()).toEqual([tap(1).id, tap(3).id, tap(4).id]);
        expect(await waitingOf(COOK)).toEqual([]);
    });

    it('is merged from all tabs, in the order in which it happened, each once', async () => {
        await Promise.all([add(COOK, tap(2)), add(COOK, tap(1)), add(COOK, tap(3)), add(COOK, tap(2))]);
        expect((await waitingOf(COOK)).map((event) => event.id)).toEqual([tap(1).id, tap(2).id, tap(3).id]);
    });

    it('goes out from a page that is not its cook\'s', async () => {
        const there = server();
        vi.stubGlobal('fetch', there.answer);
        await add(COOK, tap(1));
        await add('another', tap(2));
        await deliverAll('another');
        expect(there.calls).toEqual([`/cooks/${COOK}/events`]);
        expect(await waitingOf('another')).toHaveLength(1);
    });

    it('is taken over from where an older edition kept it', async () => {
        const kept = { [`orbek.queue.${COOK}`]: JSON.stringify([tap(1)]), 'orbek.queue.broken': '{' };
        vi.stubGlobal('localStorage', new Proxy(kept, {
            get: (target, name) => ({ getItem: (key) => target[key] ?? null, removeItem: (key) => { delete target[key]; } })[name],
        }));
        expect(await waitingOf(COOK)).toEqual([tap(1)]);
        expect(kept).toEqual({});
        vi.unstubAllGlobals();
    });
});

describe('a request', () => {
    it('gives up on a server that hangs and says so', async () => {
        vi.useFakeTimers();
        vi.stubGlobal('fetch', (url, { signal }) => new Promise((resolve, reject) => { signal.addEventListener('abort', () => reject(signal.reason)); }));
        const asked = reach('/body');
        await vi.advanceTimersByTimeAsync(GIVES_UP_MS - 1);
        let answered = false;
        asked.then(() => { answered = true; });
        await vi.advanceTimersByTimeAsync(0);
        expect(answered).toBe(false);
        await vi.advanceTimersByTimeAsync(2);
        expect(await asked).toMatchObject({ ok: false, status: 0, isBusy: true, message: 'The server does not answer.' });
        vi.useRealTimers();
    });

    it('tells a server that is gone from one that is busy', async () => {
        vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
        expect(await reach('/body')).toMatchObject({ ok: false, status: 0, isBusy: false, message: 'The server does not answer.' });
    });

    it('tells a refusal that is no data by its number', async () => {
        vi.stubGlobal('fetch', () => Promise.resolve(page(404, '<h1>Not found</h1>', 'text/html')));
        expect(await reach('/gone')).toMatchObject({ ok: false, message: 'The server refused (404).' });
    });
});

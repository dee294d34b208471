import 'fake-indexeddb/auto';
import { clear, createStore, set } from 'idb-keyval';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { deliverPictures, keep, picturesWaiting } from '../../resources/js/pictures.js';

const taken = { to: '/cooks/01kq0000000000000000000000/photographs', fields: { shows: 'boil' }, at: 1000, picture: new File(['light'], 'boil.jpg') };
const page = (status, body) => new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

beforeEach(async () => {
    await clear(createStore('orbek-pictures', 'pictures'));
    vi.stubGlobal('document', { querySelector: () => ({ content: 'token' }) });
});

describe('a photograph taken at the stove', () => {
    it('is sent with its id, what it shows and when it was taken, and is let go', async () => {
        const fetch = vi.fn(async () => page(200, { kept: 'a' }));
        vi.stubGlobal('fetch', fetch);
        expect(await keep('A', taken)).toEqual({ isAnswered: true, says: 'Kept with the cook.' });
        const { body, headers } = fetch.mock.calls[0][1];
        expect(Object.fromEntries([...body].filter(([name]) => name !== 'picture'))).toEqual({ id: 'A', shows: 'boil', at: '1000' });
        expect(await body.get('picture').text()).toBe('light');
        expect(headers['Content-Type']).toBeUndefined();
        expect(await picturesWaiting()).toBe(0);
    });

    it('stays while the server is gone and goes out once it is back', async () => {
        vi.stubGlobal('fetch', vi.fn(async () => { throw new TypeError('gone'); }));
        expect((await keep('A', taken)).says).toContain('Kept here');
        expect((await keep('B', taken)).says).toContain('Kept here');
        expect(await deliverPictures()).toEqual([]);
        expect(await picturesWaiting()).toBe(2);
        const ids = [];
        vi.stubGlobal('fetch', vi.fn(async (url, { body }) => { ids.push(body.get('id')); return page(200, {}); }));
        expect(await deliverPictures()).toEqual([]);
        expect(await picturesWaiting()).toBe(0);
        expect(await deliverPictures()).toEqual([]);
        expect(ids).toEqual(['A', 'B']);
    });

    it('that the server cannot take is told and let go; one it could not be asked for stays', async () => {
        vi.stubGlobal('fetch', vi.fn(async () => page(422, { message: 'picture: it is no picture.' })));
        expect(await keep('A', taken)).toEqual({ isAnswered: true, says: 'picture: it is no picture.' });
        expect(await picturesWaiting()).toBe(0);
        vi.stubGlobal('fetch', vi.fn(async () => page(401, { message: 'You are signed out here.' })));
        expect((await keep('B', taken)).says).toContain('Kept here');
        expect(await picturesWaiting()).toBe(1);
    });

    it('that is refused when it arrives at last is told then; one that an older page kept tells what it shows', async () => {
        vi.stubGlobal('fetch', vi.fn(async () => { throw new TypeError('gone'); }));
        await keep('A', taken);
        const { fields, ...older } = taken;
        await set('B', { ...older, shows: fields.shows }, createStore('orbek-pictures', 'pictures'));
        const sent = [];
        vi.stubGlobal('fetch', vi.fn(async (url, { body }) => {
            sent.push([body.get('id'), body.get('shows')]);
            return body.get('id') === 'A' ? page(422, { message: 'picture: no grain of rice is seen in it.' }) : page(200, {});
        }));
        expect(await deliverPictures()).toEqual(['picture: no grain of rice is seen in it.']);
        expect(sent).toEqual([['A', 'boil'], ['B', 'boil']]);
        expect(await picturesWaiting()).toBe(0);
    });

    it('that the server fails on is asked again later and later, and holds up no other', async () => {
        const asked = [];
        vi.stubGlobal('fetch', vi.fn(async (url, { body }) => {
            asked.push(body.get('id'));
            return body.get('id') === 'A' ? page(500, { message: 'Something broke.' }) : page(200, {});
        }));
        vi.useFakeTimers({ toFake: ['Date'], now: 0 });
        expect((await keep('A', taken)).says).toContain('Kept here');
        await set('B', taken, createStore('orbek-pictures', 'pictures'));
        await deliverPictures();
        expect(await picturesWaiting()).toBe(1);
        expect(asked).toEqual(['A', 'B']);
        for (const [now, times] of [[20_000, 2], [50_000, 2], [60_000, 3], [130_000, 3], [140_000, 4]]) {
            vi.setSystemTime(now);
            await deliverPictures();
            expect(await picturesWaiting()).toBe(1);
            expect(asked.filter((id) => id === 'A').length, `${now}`).toBe(times);
        }
        vi.useRealTimers();
    });
});

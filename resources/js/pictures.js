import { createStore, del, entries, set } from 'idb-keyval';
import { asked } from './kept.js';
import { reach } from './reach.js';
import { tell } from './words.js';

/** Photographs taken at the stove, kept in the browser until the server has answered for them: each by its own ULID. */
const NAME = 'orbek-pictures';
const store = createStore(NAME, 'pictures');

/** Done in the store where there is one. */
const stored = (work) => asked(NAME, work).then(() => true, () => false);

/** A photograph is some megabytes: it may take so long on its way. */
const TAKES_MS = 60_000;

/** One that the server fails on is asked again after twice as long each time, up to an hour: the others go before it. */
const AGAIN_MS = 20_000;
const MOST_MS = 3_600_000;

async function post(id, taken) {
    // One that an older page has kept tells what it shows beside the rest.
    const { to, shows, fields = { shows }, at, picture, failed = 0 } = taken;
    const form = new FormData();
    Object.entries({ ...fields, id, at }).forEach(([name, value]) => form.set(name, value));
    form.set('picture', picture, picture.name || 'picture.jpg');
    const reached = await reach(to, { method: 'POST', form, givesUpMs: TAKES_MS });
    // What the server cannot take at all is told and let go; what it could not be asked is asked again.
    const isAnswered = reached.ok || [404, 413, 422].includes(reached.status);
    const isFailed = reached.status === 500;
    if (isAnswered) await stored(() => del(id, store));
    if (isFailed) await stored(() => set(id, { ...taken, failed: failed + 1, notBefore: Date.now() + Math.min(MOST_MS,
        AGAIN_MS * 2 ** failed) }, store));
    return {
        isAnswered, isFailed, isRefused: isAnswered && !reached.ok,
        says: reached.ok ? tell('kept-with-the-cook') : isAnswered ? reached.message : tell('kept-here'),
    };
}

const alone = (work, options = {}) => (globalThis.navigator?.locks ? navigator.locks.request('orbek.pictures', options, work) : work({}));

/**
 * @param {string} id a ULID
 * @param {{to: string, fields: Object<string, string>, at: number, picture: File}} taken where to, with what beside, when (seconds
 *     since 1970)
 * @returns {Promise<{isAnswered: boolean, says: string}>} what is said of it
 */
export async function keep(id, taken) {
    const isStored = await stored(() => set(id, taken, store));
    return alone(async () => {
        const { isAnswered, says } = await post(id, taken);
        return { isAnswered, says: isAnswered || isStored ? says : tell('not-sent') };
    });
}

/** Sends what waits, as long as the server answers; what is said of those it refused. One already on its way is not waited for. */
export const deliverPictures = () => alone(async (lock) => {
    if (lock === null) return [];
    const waiting = await asked(NAME, () => entries(store)).catch(() => []);
    const refused = [];
    for (const [id, taken] of waiting.filter(([, { notBefore = 0 }]) => notBefore <= Date.now())) {
        const { isAnswered, isFailed, isRefused, says } = await post(id, taken);
        if (isRefused) refused.push(says);
        if (!isAnswered && !isFailed) break;
    }
    return refused;
}, { ifAvailable: true });

export const picturesWaiting = async () => (await asked(NAME, () => entries(store)).catch(() => [])).length;

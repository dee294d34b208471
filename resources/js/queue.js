import { createStore, entries, promisifyRequest, update } from 'idb-keyval';
import { asked, names, remember, remembered } from './kept.js';
import { reach } from './reach.js';
import { tell } from './words.js';

/**
 * What happened at the stove, kept in the browser until the server has answered for it.
 *
 * One queue a cook, in IndexedDB, shared by all tabs: an event is added and taken away by its ULID,
 * each in one transaction, and one tab at a time sends (Web Locks). Only what the server took, knew
 * already, or refused by name leaves the queue. Till it is stored an event is held in memory; where
 * the browser stores nothing it stays there, is sent all the same, and `isKept()` says so.
 */
const MOST_A_TIME = 200;
const OLD_KEY = 'orbek.queue.';
const NAME = 'orbek';

const store = createStore(NAME, 'queues');
/** By cook what is not stored, or not yet. */
const held = new Map();
/** Ids that are answered for: where they could not be taken out of the store they are not sent again. */
const answeredFor = new Set();
let isStored = true;

const byId = (one, other) => (one.id < other.id ? -1 : Number(one.id > other.id));
const merged = (queue, more) => [...new Map([...queue, ...more].map((event) => [event.id, event])).values()].sort(byId);
const without = (queue, ids) => queue.filter((event) => !ids.includes(event.id));

/** Whether what is tapped outlives this page; false from when the browser failed to store something till it did. */
export const isKept = () => isStored;

/** What comes of work in the store; `otherwise` where there is none to work in. */
async function stored(work, otherwise = null) {
    try {
        return await asked(NAME, work);
    } catch {
        isStored = false;
        return otherwise;
    }
}

function letGo(cook, ids) {
    const left = without(held.get(cook) ?? [], ids);
    if (left.length) held.set(cook, left);
    else held.delete(cook);
}

/** At once in memory, so that it can be sent; resolves when it is stored, or could not be. */
export async function add(cook, ...events) {
    const ids = events.map((event) => event.id);
    held.set(cook, merged(held.get(cook) ?? [], events));
    await stored(async () => {
        await update(cook, (queue = []) => merged(queue, events), store);
        letGo(cook, ids);
        isStored = held.size === 0;
    });
}

export async function drop(cook, ids) {
    letGo(cook, ids);
    const isDropped = await stored(() => update(cook, (queue = []) => without(queue, ids), store).then(() => true), false);
    if (!isDropped) ids.forEach((id) => answeredFor.add(id));
}

/** Looked at again within the transaction: another tab may have added a tap since. */
const dropEmpty = (cook) => store('readwrite', (queues) => {
    queues.get(cook).onsuccess = ({ target }) => { if (target.result?.length === 0) queues.delete(cook); };
    return promisifyRequest(queues.transaction);
});

/** All that waits, by cook. */
export async function waiting() {
    await takeOver();
    const queues = Object.fromEntries(await stored(() => entries(store), []));
    const empty = Object.keys(queues).filter((cook) => queues[cook].length === 0);
    if (empty.length) await stored(() => Promise.all(empty.map(dropEmpty)));
    held.forEach((events, cook) => { queues[cook] = merged(queues[cook] ?? [], events); });
    const wait = Object.entries(queues).map(([cook, queue]) => [cook, queue.filter((event) => !answeredFor.has(event.id))]);
    return Object.fromEntries(wait.filter(([, queue]) => queue.length > 0));
}

export const waitingOf = async (cook) => (await waiting())[cook] ?? [];

/** Queues that an older edition kept elsewhere. */
async function takeOver() {
    for (const key of names().filter((name) => name.startsWith(OLD_KEY))) {
        try {
            await add(key.slice(OLD_KEY.length), ...JSON.parse(remembered(key)));
        } catch { /* No list: there is nothing to save in it. */ }
        remember(key, null);
    }
}

/** A meal's cook has a queue of its own, named after what it is. */
const placeOf = (cook) => (cook.startsWith('meal-') ? `/meal-cooks/${encodeURIComponent(cook.slice(5))}` :
    `/cooks/${encodeURIComponent(cook)}`);

/**
 * Sends what waits of one cook, as long as the server answers.
 *
 * @param {string} cook
 * @param {object} more what is asked beside it: the stove as it then stands (body), for which pair of hands (who)
 * @returns {Promise<{away: boolean, why: string, refused: string[], answer: object|null, left: object[]}>}
 */
export function deliver(cook, more = {}) {
    const work = () => send(cook, more);
    return globalThis.navigator?.locks ? navigator.locks.request(`orbek.queue.${cook}`, work) : work();
}

async function send(cook, more) {
    const told = { away: false, why: '', refused: [], answer: null, left: [] };
    let most = MOST_A_TIME;
    for (;;) {
        const queue = await waitingOf(cook);
        told.left = queue;
        if (queue.length === 0) return told;
        const events = queue.slice(0, most);
        const reached = await reach(`${placeOf(cook)}/events`, { method: 'POST', json: { events, ...more } });
        if (!reached.ok && [413, 422].includes(reached.status)) {
            // The list as a whole will not do: in smaller parts, down to the one that is at fault.
            if (events.length > 1) {
                most = Math.ceil(events.length / 2);
                continue;
            }
            told.refused.push(reached.message);
            await drop(cook, [events[0].id]);
            continue;
        }
        if (!reached.ok || !Array.isArray(reached.json?.events)) {
            return { ...told, away: true, why: reached.message };
        }
        const answers = reached.json.events;
        const answered = events.filter((event, index) => ['taken', 'known', 'refused'].includes(answers[index]?.status));
        if (answered.length === 0) return { ...told, away: true, why: tell('cannot-be-read') };
        events.forEach((event, index) => {
            if (answers[index]?.status === 'refused') told.refused.push(answers[index].message);
        });
        await drop(cook, answered.map((event) => event.id));
        told.answer = reached.json;
    }
}

/** Sends what waits of every cook but the one whose own page is open. */
export async function deliverAll(except = null) {
    const results = [];
    for (const cook of Object.keys(await waiting()).filter((one) => one !== except)) results.push(await deliver(cook));
    return results;
}

/**
 * What this browser keeps for Orbek. It may keep nothing: storage may be blocked, full, or never answer. Whoever asks
 * is told within a moment, and the page goes on from memory.
 */
const ANSWERS_WITHIN_MS = 2000;

/** Of stores that did not answer: the next question does not wait for them again. */
const silent = new Set();

/** The same promise, failed where it takes too long. */
const within = (promise, ms) => Promise.race([
    promise, new Promise((resolve, reject) => { setTimeout(() => reject(new Error('It does not answer.')), ms); }),
]);

/**
 * What a store answers; fails within two seconds where it cannot be asked.
 *
 * @template T
 * @param {string} name of the store
 * @param {() => Promise<T>} work
 * @returns {Promise<T>}
 */
export async function asked(name, work) {
    if (silent.has(name)) throw new Error('It does not answer.');
    const working = work();
    let isAnswered = false;
    working.catch(() => {}).finally(() => { isAnswered = true; silent.delete(name); });
    try {
        return await within(working, ANSWERS_WITHIN_MS);
    } catch (error) {
        if (!isAnswered) silent.add(name);
        throw error;
    }
}

/** A short text this browser was to remember; null where there is none, or it remembers nothing. */
export function remembered(key, where = 'localStorage') {
    try { return globalThis[where].getItem(key); } catch { return null; }
}

/** Remembers a short text, or forgets it with null. */
export function remember(key, text, where = 'localStorage') {
    try {
        if (text === null) globalThis[where].removeItem(key);
        else globalThis[where].setItem(key, text);
    } catch { /* A browser that remembers nothing shows its page all the same. */ }
}

/** The names it remembers texts under. */
export function names() {
    try { return Object.keys(localStorage); } catch { return []; }
}

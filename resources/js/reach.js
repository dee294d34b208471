import { tell } from './words.js';

/** After so long without an answer a request gives up and says so. */
export const GIVES_UP_MS = 8000;

const gone = () => tell('does-not-answer');

let fresh = null;

/** The page's token; a newer one where the session it came with has ended. */
export const token = () => fresh ?? document.querySelector('meta[name="csrf-token"]')?.content ?? '';

async function once(url, { method = 'GET', json, form, accept = 'application/json, text/html', headers = {}, givesUpMs = GIVES_UP_MS }) {
    const giveUp = new AbortController();
    const timer = setTimeout(() => giveUp.abort(), givesUpMs);
    try {
        const answer = await fetch(url, {
            method,
            signal: giveUp.signal,
            headers: {
                Accept: accept, ...(json || form ? { 'X-CSRF-TOKEN': token() } : {}), ...(json ? { 'Content-Type': 'application/json' } :
                    {}), ...headers,
            },
            ...(json || form ? { body: form ?? JSON.stringify(json) } : {}),
        });
        // The body too must come within the time.
        return { status: answer.status, headers: answer.headers, text: await answer.text() };
    } finally {
        clearTimeout(timer);
    }
}

/**
 * A request that never throws: what came, or why nothing did.
 *
 * An ended session (419) fetches a new token and asks once more.
 *
 * @returns {Promise<{ok: boolean, status: number, isBusy: boolean|undefined, text: string, json: object|null,
 *     headers: Headers|null, message: string}>}
 */
export async function reach(url, options = {}) {
    let came;
    try {
        came = await once(url, options);
        if (came.status === 419) {
            fresh = JSON.parse((await once('/token', {})).text).token;
            came = await once(url, options);
        }
    } catch (error) {
        // One that is only busy may yet do what it was asked.
        return { ok: false, status: 0, isBusy: error.name === 'AbortError', text: '', json: null, headers: null, message: gone() };
    }
    const build = document.querySelector('meta[name="build"]')?.content;
    const served = came.headers?.get?.('Orbek-Build');
    if (build && served && served !== build) document.dispatchEvent(new CustomEvent('orbek:updated'));
    let json = null;
    try { json = JSON.parse(came.text); } catch { /* A page, not data. */ }
    const ok = came.status >= 200 && came.status < 300;
    const message = ok ? '' : json?.message || (came.status >= 500 ? tell('server-failed', { status: came.status }) :
        tell('server-refused', { status: came.status }));
    return { ok, ...came, json, message };
}

import { reach } from './reach.js';
import { tell } from './words.js';

/** The form's own line for what is wrong with it, above its button. */
function says(form, text) {
    let line = form.querySelector('[role=alert]');
    if (!line) {
        line = document.createElement('p');
        line.setAttribute('role', 'alert');
        (form.querySelector('button:not([type=button])') ?? form.lastElementChild).before(line);
    }
    line.textContent = text;
}

/** To an address, also where it is another place of the page that is open: that one has changed. */
function goTo(to) {
    const { pathname, search } = location;
    location.assign(to);
    const next = new URL(to, location.href);
    if (next.hash && next.pathname === pathname && next.search === search) location.reload();
}

/**
 * A form that waits for its answer: what is refused is said in it and stays as it was typed, also with the server gone;
 * what is taken goes on to where the server says.
 *
 * @param {HTMLFormElement} form
 * @param {[string, string]|[]} button name and value of the one that was pressed
 * @param {(to: string) => void} go
 */
export async function send(form, [name, value] = [], go = goTo) {
    if (form.dataset.isSending !== undefined) return;
    form.dataset.isSending = '';
    const fields = new FormData(form);
    if (name) fields.set(name, value);
    const reached = await reach(form.action, { method: 'POST', form: fields, headers: { 'Orbek-Waits': '1' } });
    delete form.dataset.isSending;
    if (reached.ok && reached.json?.to) {
        go(reached.json.to);
        return;
    }
    says(form, reached.message || tell('cannot-be-read'));
    form.elements[reached.json?.field]?.focus?.();
}

/** All plain forms of a page wait; without scripts the server's own page says what was refused. */
export function listen() {
    document.addEventListener('submit', (event) => {
        const { target: form, submitter } = event;
        if (event.defaultPrevented || form.method !== 'post' || !form.matches('.plain')) return;
        event.preventDefault();
        send(form, submitter?.name ? [submitter.name, submitter.value] : []);
    });
    // Back to where something was refused: the browser brings the page with what was typed in it.
    document.addEventListener('click', (event) => {
        if (!event.target.closest('a[data-back]') || history.length < 2) return;
        event.preventDefault();
        history.back();
    });
}

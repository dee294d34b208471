import Alpine from '@alpinejs/csp';

/** Whether something was typed or ticked in it that has not been sent. */
const isInHand = (form) => [...form.querySelectorAll('input, textarea')].some((field) => field.value !== field.defaultValue || field.checked !== field.defaultChecked);

const options = {
    key: (el) => el.id,
    updating(el, to, childrenOnly, skip) {
        if (el.nodeType !== 1) return;
        // Filled by the page itself: the server knows nothing of it.
        if (el.matches('[data-kept]')) {
            skip();
            return;
        }
        // What is half typed stays as it is, whatever comes in meanwhile.
        if (el.matches('form[data-add]') && isInHand(el)) {
            skip();
            return;
        }
        // A picture is replaced whole: its parts have no identity worth keeping.
        if (el.tagName === 'svg') {
            if (el.outerHTML !== to.outerHTML) el.replaceWith(to.cloneNode(true));
            skip();
            return;
        }
        if (el.matches('details[data-keep-open]')) to.toggleAttribute('open', el.open);
        if (el.matches('input.word, select.word')) el.value = to.tagName === 'SELECT' ? to.value : to.getAttribute('value');
    },
};

/** Lays new HTML over #body, keeping what the cook has open or in hand. */
export function redraw(html) {
    const body = document.getElementById('body');
    const next = body.cloneNode(false);
    next.innerHTML = html;
    Alpine.morph(body, next, options);
}

/** Lays new parts over those of the same id. */
export function redrawParts(parts) {
    const holder = document.createElement('template');
    for (const [id, html] of Object.entries(parts)) {
        const part = document.getElementById(id);
        if (!part) continue;
        holder.innerHTML = html.trim();
        const next = holder.content.firstElementChild;
        if (part.tagName === 'svg') part.replaceWith(next);
        else Alpine.morph(part, next, options);
    }
}

/** Hatches that a picture brings along and the page has not. */
export function takeHatches(page) {
    const here = document.querySelector('#hatches defs');
    page.querySelectorAll('pattern.hatch').forEach((pattern) => {
        if (!document.getElementById(pattern.id)) here.append(pattern);
    });
}

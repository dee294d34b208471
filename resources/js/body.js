import Alpine from '@alpinejs/csp';

/** Whether something was typed or ticked in it that has not been sent. */
const isInHand = (form) => [...form.querySelectorAll('input, textarea')].some((field) => field.value !== field.defaultValue || field.checked !== field.defaultChecked);

/** Whether every word in it says what it was drawn with, and none what was chosen or typed since. */
const isAsDrawn = (el) => [...el.querySelectorAll('.word')].concat(el.matches('.word') ? el : []).every((word) => (
    word.tagName === 'SELECT' ? [...word.options].every((option) => option.selected === option.defaultSelected) : word.value === word.defaultValue
));

/**
 * Shapes take over what is different in others of the same names; where there are more or fewer, they are replaced.
 * Cheaper than new ones, which the browser would have to style, place and letter again.
 */
function reshape(from, to) {
    if (from.isEqualNode(to)) return;
    if (from.nodeName !== to.nodeName || from.childNodes.length !== to.childNodes.length) {
        from.replaceWith(to.cloneNode(true));
    } else if (from.nodeType !== Node.ELEMENT_NODE) {
        from.nodeValue = to.nodeValue;
    } else {
        for (const { name } of [...from.attributes]) if (!to.hasAttribute(name)) from.removeAttribute(name);
        for (const { name, value } of to.attributes) if (from.getAttribute(name) !== value) from.setAttribute(name, value);
        const others = [...to.childNodes];
        [...from.childNodes].forEach((child, at) => reshape(child, others[at]));
    }
}

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
        if (el.isEqualNode(to) && isAsDrawn(el)) {
            skip();
            return;
        }
        // No picture has directives in it: Alpine need not look at what changes.
        if (el.tagName === 'svg') {
            Alpine.mutateDom(() => reshape(el, to));
            skip();
            return;
        }
        if (el.matches('details[data-keep-open]')) to.toggleAttribute('open', el.open);
        if (el.matches('input.word, select.word')) {
            const value = to.tagName === 'SELECT' ? to.value : to.getAttribute('value');
            if (el.value !== value) el.value = value;
        }
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

import Alpine from '@alpinejs/csp';

/** Whether something was typed or ticked in it that has not been sent. */
const isInHand = (form) => [...form.querySelectorAll('input, textarea')].some((field) => field.value !== field.defaultValue ||
    field.checked !== field.defaultChecked);

/** Whether every word in it says what it was drawn with, and none what was chosen or typed since. */
const isAsDrawn = (el) => [...el.querySelectorAll('.word')].concat(el.matches('.word') ? el : []).every((word) => (
    word.tagName === 'SELECT' ? [...word.options].every((option) => option.selected === option.defaultSelected) : word.value ===
        word.defaultValue
));

/** Whether it stays as it is: filled by the page itself, of which the server knows nothing; half typed; or the same. */
const stays = (el, to) => el.matches('[data-kept]') || (el.matches('form[data-add]') && isInHand(el)) || (el.isEqualNode(to) &&
    isAsDrawn(el));

const keepOpen = (el, to) => el.matches('details[data-keep-open]') && to.toggleAttribute('open', el.open);

/** A word says what is saved, whatever it was set to. */
function sayWord(el, to) {
    if (!el.matches('input.word, select.word')) return;
    const value = to.tagName === 'SELECT' ? to.value : to.getAttribute('value');
    if (el.value !== value) el.value = value;
}

const isPicture = (el) => el.namespaceURI === 'http://www.w3.org/2000/svg';

/** Whether two elements have children of the same names; in HTML also of the same ids. */
const isBuiltAs = (from, to) => from.childNodes.length === to.childNodes.length && [...from.childNodes].every((child, at) => (
    child.nodeName === to.childNodes[at].nodeName && (isPicture(from) || child.id === to.childNodes[at].id)
));

/**
 * What is built alike takes over what is different, in place: the browser need not style, place and letter it again.
 *
 * @param {Array<[Element, Element]>} left takes what is HTML and built differently: it may be in hand, and is morphed
 */
function takeOver(from, to, left) {
    if (from.nodeType !== Node.ELEMENT_NODE) {
        if (from.nodeValue !== to.nodeValue) from.nodeValue = to.nodeValue;
        return;
    }
    if (isPicture(from) ? from.isEqualNode(to) : stays(from, to)) return;
    if (!isBuiltAs(from, to)) {
        // A picture's shapes have no identity worth keeping.
        if (isPicture(from)) from.replaceWith(to.cloneNode(true));
        else left.push([from, to]);
        return;
    }
    keepOpen(from, to);
    for (const { name } of [...from.attributes]) if (!to.hasAttribute(name)) from.removeAttribute(name);
    for (const { name, value } of to.attributes) if (from.getAttribute(name) !== value) from.setAttribute(name, value);
    const others = [...to.childNodes];
    [...from.childNodes].forEach((child, at) => takeOver(child, others[at], left));
    sayWord(from, to);
}

const options = {
    key: (el) => el.id,
    updating(el, to, childrenOnly, skip) {
        if (el.nodeType !== Node.ELEMENT_NODE) return;
        if (el.tagName === 'svg') Alpine.mutateDom(() => takeOver(el, to, []));
        if (el.tagName === 'svg' || stays(el, to)) return skip();
        keepOpen(el, to);
        sayWord(el, to);
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
        else {
            const left = [];
            // No part has directives that change: Alpine need not look at each difference.
            Alpine.mutateDom(() => takeOver(part, next, left));
            left.forEach(([from, to]) => Alpine.morph(from, to, options));
        }
    }
}

/** A hidden or empty part is as good as in sight: it costs nothing, and may be what a picture is filled with. */
function isInSight(id) {
    const { top, bottom, height } = document.getElementById(id)?.getBoundingClientRect() ?? { height: 0 };
    return height === 0 || (bottom > 0 && top < window.innerHeight);
}

/**
 * Lays the new parts that are in sight, so that they are painted at once.
 *
 * @returns {object} the parts that are left for when they are painted
 */
export function redrawInSight(parts) {
    const inSight = Object.keys(parts).filter(isInSight);
    redrawParts(Object.fromEntries(inSight.map((id) => [id, parts[id]])));
    return Object.fromEntries(Object.entries(parts).filter(([id]) => !inSight.includes(id)));
}

/** What was drawn is painted by then; a page in the background paints nothing and is not waited for. */
export const painted = () => new Promise((done) => {
    setTimeout(done, 100);
    requestAnimationFrame(() => setTimeout(done));
});

/** Hatches that a picture brings along and the page has not. */
export function takeHatches(page) {
    const here = document.querySelector('#hatches defs');
    page.querySelectorAll('pattern.hatch').forEach((pattern) => {
        if (!document.getElementById(pattern.id)) here.append(pattern);
    });
}

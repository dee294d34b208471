import Alpine from 'alpinejs';

export const token = () => document.querySelector('meta[name="csrf-token"]').content;

/** Lays new HTML over #body, keeping what the cook has open or in hand. */
export function redraw(html) {
    const body = document.getElementById('body');
    const next = body.cloneNode(false);
    next.innerHTML = html;
    Alpine.morph(body, next, {
        key: (el) => el.id,
        updating(el, to, childrenOnly, skip) {
            if (el.nodeType !== 1) return;
            // A picture is replaced whole: its parts have no identity worth keeping.
            if (el.tagName === 'svg') {
                el.replaceWith(to.cloneNode(true));
                skip();
                return;
            }
            if (el.matches('details[data-keep-open]')) to.toggleAttribute('open', el.open);
            if (el.matches('input.word, select.word')) el.value = to.tagName === 'SELECT' ? to.value : to.getAttribute('value');
        },
    });
}

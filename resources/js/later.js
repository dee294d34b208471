import { reach } from './reach.js';

/** A piece of a page that takes its time: asked for when the page stands; without scripts a link leads to it. */
export default () => ({
    async init() {
        const reached = await reach(this.$root.dataset.url, { accept: 'text/html, application/json', headers: { 'X-Piece': '1' } });
        this.$root.removeAttribute('aria-busy');
        if (reached.ok) this.$root.innerHTML = reached.text;
        else this.$root.append(` ${reached.message}`);
    },
});

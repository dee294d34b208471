import { reach } from './reach.js';

/** A list whose ticks are kept: each is sent as it is made, and taken back where it could not be. */
export default () => ({
    message: '',

    async tick(event) {
        const box = event.target.closest('input[type=checkbox]');
        if (!box) return;
        const reached = await reach(this.$root.dataset.url, { method: 'POST', json: { entry: box.value, done: box.checked } });
        this.message = reached.ok ? '' : `The tick was not kept. ${reached.message} Try again when it is back.`;
        if (!reached.ok) box.checked = !box.checked;
    },
});

import { inDigits } from './words.js';

/** The two minutes of a session, counted down; the answer after them ends it. */
export default () => ({
    left: 0,

    init() {
        const ends = performance.now() + 1000 * Number(this.$root.dataset.left);
        this.left = Number(this.$root.dataset.left);
        setInterval(() => { this.left = Math.max(0, Math.ceil((ends - performance.now()) / 1000)); }, 250);
    },

    shown() {
        return inDigits(`${Math.floor(this.left / 60)}:${String(this.left % 60).padStart(2, '0')}`);
    },
});

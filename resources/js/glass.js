import { monotonicFactory } from 'ulid';
import { remember, remembered } from './kept.js';
import { inDigits } from './words.js';

/** A bag's test boil: the clock since the rice went in, the same after a reload. */
export default () => ({
    began: '', test: '', since: '', ticking: null,

    get key() { return `orbek.glass.${this.$root.dataset.bag}`; },
    get isRunning() { return this.began !== ''; },
    get isIdle() { return this.began === ''; },

    init() {
        const kept = JSON.parse(remembered(this.key) ?? 'null');
        if (kept) this.run(kept);
    },

    start() {
        const kept = { began: Math.round(Date.now() / 1000), test: monotonicFactory()() };
        remember(this.key, JSON.stringify(kept));
        this.run(kept);
    },

    run({ began, test }) {
        this.began = String(began);
        this.test = test;
        const tick = () => {
            const seconds = Math.max(0, Math.round(Date.now() / 1000 - began));
            this.since = inDigits(`${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`);
        };
        tick();
        this.ticking = setInterval(tick, 1000);
    },

    stop() {
        clearInterval(this.ticking);
        remember(this.key, null);
        this.began = '';
    },
});

import { inDigits, tell } from './words.js';

/** "Lift it": a boil at ten times its speed, read off the course that the core has computed. */
export default () => ({
    course: [],
    running: false,
    seconds: 0,
    felt: tell('press-start'),

    init() {
        this.course = JSON.parse(this.$root.dataset.course);
    },

    get whole() {
        return Math.round(this.seconds);
    },

    start() {
        this.running = true;
        const began = performance.now();
        this.timer = setInterval(() => { this.seconds = Math.min(2400, (performance.now() - began) / 100); }, 50);
    },

    shown() {
        const whole = Math.floor(this.seconds);
        return inDigits(`${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`);
    },

    test() {
        const at = Math.min(this.course.length - 1, Math.round(this.seconds / (this.course[1][0] - this.course[0][0])));
        this.felt = tell('a-grain-at', { at: this.shown(), felt: this.course[at][2] });
    },

    lift() {
        clearInterval(this.timer);
    },
});

/** "Lift it": a boil at ten times its speed, read off the course that the core has computed. */
export default (course) => ({
    running: false,
    seconds: 0,
    felt: 'Press start, test grains, lift.',

    start() {
        this.running = true;
        const began = performance.now();
        this.timer = setInterval(() => { this.seconds = Math.min(2400, (performance.now() - began) / 100); }, 50);
    },

    shown() {
        const whole = Math.floor(this.seconds);
        return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
    },

    test() {
        const at = Math.min(course.length - 1, Math.round(this.seconds / (course[1][0] - course[0][0])));
        this.felt = `At ${this.shown()} a grain ${course[at][2]}.`;
    },

    lift() {
        clearInterval(this.timer);
    },
});

import { redrawParts } from './body.js';
import pot from './pot.js';
import { reach } from './reach.js';
import { tell } from './words.js';

/** To look for a shorter plan takes the server some seconds, more when it has much to do. */
const LOOKS_MS = 60_000;
const ASKS_AGAIN_MS = 2000;

/** What finds again the task or the table that keys move, in a drawing that is made anew under them. */
const heldBy = (focused) => {
    const task = focused?.closest('[data-task]')?.dataset.task;
    if (task) return `[data-task="${task}"][tabindex]`;
    return focused?.closest('[data-table]') ? '[data-table]' : null;
};

/** A meal on the clock: words changed in place, tasks and the table moved by hand or by arrows, a plan bettered beside it. */
export default () => ({
    ...pot(),
    looking: false,
    stopped: false,

    init() {
        this.url = this.$root.dataset.url;
        this.view = 'meal';
        if (this.$root.dataset.better) this.better();
    },

    // Of the Pot's own: nothing of it stands on this page.
    showOpen() {},
    follow() {
        clearTimeout(this.retrying);
        if (! this.stopped) this.better();
    },

    /** Asked again where nothing came; that nothing comes at all is said. */
    async better(again = 2) {
        const { version } = document.getElementById('body').dataset;
        this.looking = true;
        this.stopped = false;
        const reached = await reach(`${this.url}/better`, { method: 'POST', json: { has: this.sums }, givesUpMs: LOOKS_MS });
        // What was changed meanwhile looks for itself.
        if (this.stopped || version !== document.getElementById('body').dataset.version) return;
        if (! reached.ok && again > 0 && (reached.status === 0 || reached.status >= 500)) {
            this.retrying = setTimeout(() => this.better(again - 1), ASKS_AGAIN_MS);
            return;
        }
        this.looking = false;
        if (! reached.ok || ! reached.json) {
            this.message =
                tell('no-shorter-plan', { why: reached.message || tell('cannot-be-read') });
            return;
        }
        const held = heldBy(document.activeElement);
        redrawParts(reached.json.parts);
        this.sums = reached.json.sums;
        if (held && document.activeElement === document.body) document.querySelector(held)?.focus();
    },

    stop() {
        clearTimeout(this.retrying);
        this.looking = false;
        this.stopped = true;
    },

    grabTask(event) {
        const task = event.target.closest('[data-task]');
        const table = event.target.closest('[data-table]');
        const held = task ?? table;
        if (! held || event.button > 0) return;
        event.preventDefault();
        held.focus();
        const svg = held.closest('svg');
        const scale = svg.viewBox.baseVal.height / svg.getBoundingClientRect().height;
        const from = event.clientY;
        const minutes = (moved) => Math.round(((moved.clientY - from) * scale) / Number(svg.dataset.pxPerMin));
        const move = (moved) => held.setAttribute('transform', `translate(0 ${(moved.clientY - from) * scale})`);
        const drop = (dropped) => {
            ['pointermove', 'pointerup', 'pointercancel'].forEach((name) => window.removeEventListener(name, name === 'pointermove' ? move :
                drop));
            held.removeAttribute('transform');
            const by = minutes(dropped);
            if (dropped.type === 'pointercancel' || by === 0) return;
            if (task) this.pin(task, by);
            else this.moveTable(5 * Math.round(by / 5));
        };
        window.addEventListener('pointermove', move);
        window.addEventListener('pointerup', drop);
        window.addEventListener('pointercancel', drop);
    },

    nudgeTask(event) {
        const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
        const task = event.target.closest('[data-task]');
        if (task && (event.key === 'Delete' || event.key === 'Backspace')) {
            event.preventDefault();
            return this.sendFocused(`pin:${task.dataset.task}`, null, `[data-task="${task.dataset.task}"][tabindex]`);
        }
        if (! by) return;
        if (task) {
            event.preventDefault();
            this.pin(task, by);
        } else if (event.target.closest('[data-table]')) {
            event.preventDefault();
            this.moveTable(5 * by);
        }
    },

    pin(task, by) {
        this.sendFocused(`pin:${task.dataset.task}`, Math.min(-1, Number(task.dataset.start) + by),
            `[data-task="${task.dataset.task}"][tabindex]`);
    },

    moveTable(by) {
        if (by === 0) return;
        // Counted without a zone: the table is a time of the kitchen's own clock.
        const at = new Date(`${document.querySelector('[data-path="serve_at"][data-at]').dataset.at}:00Z`);
        at.setUTCMinutes(at.getUTCMinutes() + by);
        this.sendFocused('serve_at', at.toISOString().slice(0, 16), '[data-table]');
    },
});

import { monotonicFactory } from 'ulid';
import { redraw, token } from './body.js';

// Within one millisecond ids still grow: what was tapped later comes later.
const ulid = monotonicFactory();

const clock = (seconds) => {
    const whole = Math.abs(Math.round(seconds));
    if (whole >= 172_800) return `${Math.round(whole / 86_400)} days`;
    const hours = Math.floor(whole / 3600);
    const rest = String(Math.floor((whole % 3600) / 60)).padStart(hours ? 2 : 1, '0');
    return `${seconds < 0 ? '−' : ''}${hours ? `${hours}:` : ''}${rest}:${String(whole % 60).padStart(2, '0')}`;
};

/**
 * The Stove. What happens is queued here first, with its own id and time, and sent; with the
 * server gone the page goes on counting and sends later.
 */
export default ({ cook, events, body, home, clock: practiceUrl, shown, speed, steps }) => ({
    queue: [],
    away: false,
    message: '',
    rescued: '',
    offset: { shown, at: Date.now(), speed },
    called: new Set(),
    delivering: null,

    init() {
        try { this.queue = JSON.parse(localStorage.getItem(this.key()) ?? '[]'); } catch { this.queue = []; }
        if (this.queue.length) this.deliver();
        this.tick();
        setInterval(() => this.tick(), 250);
        setInterval(() => (this.queue.length ? this.deliver() : this.refresh()), 10_000);
        document.addEventListener('visibilitychange', () => document.hidden || this.refresh());
    },

    key: () => `orbek.queue.${cook}`,

    now() {
        return this.offset.shown + ((Date.now() - this.offset.at) / 1000) * this.offset.speed;
    },

    act(event) {
        const button = event.target.closest('button[data-event]');
        if (button) {
            this.wake();
            const more = {
                ...(button.dataset.minutes ? { minutes: Number(button.dataset.minutes) } : {}),
                ...(button.dataset.stage ? { stage: button.dataset.stage } : {}),
            };
            // A second tap while the first is under way is the same tap.
            if (!button.disabled) {
                button.disabled = true;
                this.happen(button.dataset.event, { ...(button.dataset.subject ? { subject: button.dataset.subject } : {}), ...more });
            }
        }
        const hand = event.target.closest('[data-forward], [data-speed]');
        if (hand) this.turn(hand.dataset.forward ? { forward_s: Number(hand.dataset.forward) } : { speed: Number(hand.dataset.speed) });
    },

    note(event) {
        const form = event.target.closest('form[data-event="weighed"]');
        if (form) {
            const { raw_g, drained_g } = Object.fromEntries(new FormData(form));
            form.closest('details').open = false;
            this.wake();
            return this.happen('weighed', { subject: form.dataset.subject, raw_g: Number(raw_g), drained_g: Number(drained_g) });
        }
        const turned = event.target.closest('form[data-event="heat-set"]');
        if (turned) {
            this.wake();
            turned.querySelector('input').blur();
            return this.happen('heat-set', { subject: turned.dataset.subject, setting: Number(new FormData(turned).get('setting')) });
        }
        const { rice, crust, filling, line, where } = Object.fromEntries(new FormData(event.target));
        this.happen('noted', { outcome: { rice, crust, filling, ...(where ? { where } : {}), ...(line.trim() ? { line: line.trim() } : {}) } });
    },

    onKey(event) {
        if (event.target.closest('input, dialog') || event.ctrlKey || event.metaKey) return;
        const press = (selector) => {
            const button = document.querySelector(selector);
            if (button) { event.preventDefault(); button.click(); }
        };
        if (event.key === ' ' && !event.target.closest('button, a, summary')) press('.act.main');
        if (event.key === '+') press('[data-minutes="1"]');
        if (event.key === '-' || event.key === '−') press('[data-minutes="-1"]');
        if (event.key === 't') document.querySelector('.stages button')?.focus();
        if (event.key === 'h') { const set = document.getElementById('setting'); if (set) { event.preventDefault(); set.focus(); set.select(); } }
        if (event.key === 'z') press('[data-event="undone"]');
    },

    happen(type, more) {
        const at = Math.round(1000 * this.now()) / 1000;
        this.queue.push({ id: ulid(Math.round(1000 * at)), type, at, ...more });
        this.keep();
        this.deliver();
    },

    keep() {
        localStorage.setItem(this.key(), JSON.stringify(this.queue));
    },

    // One delivery at a time; what is queued meanwhile goes with the next.
    deliver() {
        this.delivering ??= this.send().finally(() => {
            this.delivering = null;
            if (this.queue.length && !this.away) this.deliver();
        });
    },

    async send() {
        const sending = [...this.queue];
        let answer;
        try {
            answer = await fetch(events, {
                method: 'POST',
                headers: { 'Content-Type': 'application/json', Accept: 'application/json, text/html', 'X-CSRF-TOKEN': token() },
                body: JSON.stringify({ events: sending }),
            });
            if (answer.status >= 500) throw new Error(String(answer.status));
        } catch {
            this.away = true;
            return this.goOnAlone();
        }
        this.away = false;
        this.queue = this.queue.slice(sending.length);
        this.keep();
        if (!answer.ok) {
            this.message = answer.status === 419 ? 'This page is too old to write. Load it again.' : (await answer.json()).message;
            return this.refresh();
        }
        this.message = '';
        return this.draw(answer);
    },

    /** Without the server: say what was noted and offer the next step in the plan's order. */
    goOnAlone() {
        const done = new Set(this.queue.filter((event) => event.type === 'done').map((event) => event.subject));
        const last = this.queue.filter((event) => ['started', 'done'].includes(event.type)).at(-1);
        if (!last) return;
        const now = document.querySelector('.now');
        const running = last.type === 'started' ? steps.find((step) => step.id === last.subject) : null;
        const from = steps.findIndex((step) => step.id === last.subject);
        const step = running ?? steps.slice(from + 1).find((next) => !done.has(next.id));
        if (!step || !now) return;
        now.querySelector('h1').textContent = step.name;
        const count = now.querySelector('.count');
        if (count && running) { count.dataset.until = String(last.at + 60 * step.minutes); delete count.dataset.waiting; }
        const button = now.querySelector('.act.main');
        button.disabled = false;
        button.dataset.event = running ? 'done' : 'started';
        button.dataset.subject = step.id;
        button.textContent = running ? step.finish : step.begin;
    },

    async refresh() {
        try {
            const answer = await fetch(body, { headers: { Accept: 'text/html' } });
            if (answer.ok && this.queue.length === 0) { this.away = false; await this.draw(answer); }
        } catch {
            this.away = true;
        }
    },

    async draw(answer) {
        const html = await answer.text();
        this.offset = { shown: Number(answer.headers.get('X-Shown')), at: Date.now(), speed: Number(answer.headers.get('X-Speed')) };
        redraw(html);
        document.querySelectorAll('#body button[disabled]').forEach((button) => { button.disabled = false; });
        this.tick();
        document.dispatchEvent(new CustomEvent('orbek:drawn'));
    },

    /** What to do about a fault, from where the pot is now. */
    async rescue(complaint) {
        try {
            const answer = await fetch(`${home}/rescue/${complaint}`, { headers: { Accept: 'text/html, application/json' } });
            this.rescued = answer.ok ? await answer.text() : '';
            this.message = answer.ok ? '' : (await answer.json()).message;
        } catch {
            this.message = 'The server does not answer; ask again when it is back.';
        }
    },

    async probe(isIn) {
        try {
            const answer = await fetch(`${home}/probe`, { method: 'POST', headers: { 'Content-Type': 'application/json', Accept: 'text/html', 'X-CSRF-TOKEN': token() }, body: JSON.stringify({ in: isIn }) });
            if (answer.ok) await this.draw(answer);
        } catch {
            this.away = true;
        }
    },

    async turn(hand) {
        await fetch(practiceUrl, { method: 'POST', headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': token() }, body: JSON.stringify(hand) });
        await this.refresh();
    },

    tick() {
        const now = this.now();
        document.querySelectorAll('[data-since]').forEach((count) => { count.textContent = clock(Math.max(0, now - Number(count.dataset.since))); });
        let title = '';
        document.querySelectorAll('[data-until]').forEach((count) => {
            const left = Number(count.dataset.until) - now;
            const due = left <= 0;
            count.textContent = due && 'waiting' in count.dataset ? 'now' : clock(left);
            count.classList.toggle('due', due);
            count.classList.toggle('long', count.textContent.length > 5);
            if (count.matches('.now .count')) title = count.textContent;
            const call = `${count.dataset.name}/${count.dataset.until}`;
            if (due && left > -120 && !this.called.has(call)) { this.called.add(call); this.sound(); }
        });
        const since = document.querySelector('[data-since]');
        document.title = `${since?.textContent ?? title} ${document.querySelector('.now h1')?.textContent ?? ''}`.trim();
        this.drawBoil(now);
    },

    /** The grain and the mark on the hill, read off the course that the core has computed. */
    drawBoil(now) {
        const data = document.querySelector('[data-course]');
        if (!data) return;
        const { startedAt, course } = JSON.parse(data.textContent);
        const seconds = Math.max(0, now - startedAt);
        const step = course[1][0] - course[0][0];
        const index = Math.min(course.length - 2, Math.floor(seconds / step));
        const share = Math.min(1, (seconds - course[index][0]) / step);
        const core = course[index][1] + (course[index + 1][1] - course[index][1]) * share;
        document.querySelector('[data-live-grain] .core')?.style.setProperty('transform', `scale(${core.toFixed(4)})`);
        document.querySelector('[data-live-words]').textContent = `By the model a grain now ${course[index][2]}.`;
        const hill = document.querySelector('[data-live-boil]');
        const mark = hill?.querySelector('.now');
        if (mark) {
            const x = Number(hill.dataset.left) + Number(hill.dataset.width) * Math.min(1, seconds / Number(hill.dataset.end));
            mark.removeAttribute('hidden');
            mark.setAttribute('transform', `translate(${x.toFixed(1)} 0)`);
        }
    },

    sound() {
        if (!this.audio) return;
        [0, 0.25, 0.5].forEach((delay) => {
            const tone = this.audio.createOscillator();
            const gain = this.audio.createGain();
            gain.gain.value = 0.15;
            tone.frequency.value = 880;
            tone.connect(gain).connect(this.audio.destination);
            tone.start(this.audio.currentTime + delay);
            tone.stop(this.audio.currentTime + delay + 0.15);
        });
    },

    /** Sound and a lit screen may only be asked for once a hand has touched the page. */
    wake() {
        this.audio ??= new AudioContext();
        if (navigator.wakeLock && (!this.lock || this.lock.released)) {
            navigator.wakeLock.request('screen').then((lock) => { this.lock = lock; }).catch(() => {});
        }
    },
});

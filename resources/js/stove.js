import { monotonicFactory } from 'ulid';
import { forget, layOver, log, logged, standing } from './alone.js';
import { redraw } from './body.js';
import { again, askForNotices, call, canSpeak, cannot, hush, isOn, ready, set, speak } from './calls.js';
import { remember, remembered } from './kept.js';
import { add, deliver, isKept, waitingOf } from './queue.js';
import { reach } from './reach.js';
import { drawSpoonfuls } from './spoonful.js';
import { clock, fieldsOf } from './told.js';
import { inDigits, tell } from './words.js';

// Within one millisecond ids still grow: what was tapped later comes later.
const ulid = monotonicFactory();

/** What did not come is asked for again after so long. */
const ASKS_AGAIN_MS = 5000;

/** A hand of the practice clock is not moved again by asking twice: it is waited for. */
const TURNS_MS = 30_000;

/**
 * The Stove. What happens is queued in the browser first, with its own id and time, and sent; with
 * the server gone the page goes on counting and sends later.
 */
export default () => ({
    waiting: 0,
    away: false,
    why: '',
    message: '',
    isStored: true,
    called: new Set(),
    delivering: null,
    happened: [],
    keeping: null,
    tried: '',
    steps: null,
    stepsFrom: 0,
    areStepsKept: false,
    ticks: [],
    isAfar: false,

    async init() {
        const early = this.earlyTaps();
        Object.assign(this, JSON.parse(this.$root.dataset.live));
        this.who = remembered(`orbek.who.${this.cook}`) ?? '';
        this.ticks = JSON.parse(remembered(`orbek.ticks.${this.cook}`) ?? '[]');
        this.showTicks();
        this.setClock();
        const before = await logged(this.cook);
        this.happened = [...before.filter((event) => !this.happened.some(({ id }) => id === event.id)), ...this.happened];
        this.tick();
        setInterval(() => this.tick(), 250);
        // Another phone on this cook is seen within three seconds; where nothing happened the answer is empty.
        setInterval(() => this.deliver(), 1_500);
        document.addEventListener('visibilitychange', () => document.hidden || this.deliver());
        this.$nextTick(() => early.forEach((target) => (target.matches('form') ? target.requestSubmit() : target.click())));
        this.showCalls();
        if ('speechSynthesis' in window) window.speechSynthesis.addEventListener?.('voiceschanged', () => this.showCalls());
        this.beAfar(remembered('orbek.afar') === '1');
        this.keep(0);
        if (this.isKept) this.goAlone();
        this.waiting = (await waitingOf(this.cook)).length;
        this.isStored = isKept();
        if (this.waiting || this.who) this.deliver();
    },

    /**
     * What was tapped while the page's scripts were still on their way. Taken over in the same turn in which the page begins to
     * listen: a tap heard by both would count twice.
     */
    earlyTaps() {
        const { taps, keep } = window.early;
        document.removeEventListener('click', keep);
        document.removeEventListener('submit', keep);
        return taps.splice(0);
    },

    /** Whether this page was kept from before: its clock is then the one the server had when it was last there. */
    get isKept() {
        return 'kept' in document.documentElement.dataset;
    },

    setClock() {
        const key = 'orbek.clock';
        const before = this.isKept ? JSON.parse(remembered(key) ?? 'null') : null;
        this.offset = before ?? { shown: this.shown, at: Date.now(), speed: this.speed };
        if (!this.isKept) remember(key, JSON.stringify(this.offset));
    },

    get isUnsent() {
        return this.waiting > 0 && this.away;
    },

    now() {
        return this.offset.shown + ((Date.now() - this.offset.at) / 1000) * this.offset.speed;
    },

    act(event) {
        hush();
        const button = event.target.closest('button[data-event]');
        if (button) {
            this.wake();
            const who = this.who && ['started', 'taken'].includes(button.dataset.event) ? { who: Number(this.who) } : {};
            // A second tap while the first is under way is the same tap.
            if (!button.disabled) {
                button.disabled = true;
                this.happen(button.dataset.event, { ...fieldsOf(button.dataset), ...who, ...this.dishOf(button) });
            }
        }
        const complaint = event.target.closest('[data-rescue]');
        if (complaint) this.rescue(complaint);
        const looks = event.target.closest('[data-look]');
        if (looks) this.look(looks);
        const probe = event.target.closest('[data-probe]');
        if (probe) this.probe(probe);
        const way = event.target.closest('[data-call]');
        if (way) this.turnCall(way);
        if (event.target.closest('[data-try-call]')) this.tryCall();
        if (event.target.closest('[data-say-step]')) this.sayStep();
        if (event.target.closest('.now .count')) again();
        if (event.target.closest('[data-from-afar]')) this.beAfar(!this.isAfar);
        if (event.target.closest('[data-undo-last]')) this.undoLast();
        const who = event.target.closest('[data-who]');
        if (who) this.be(who.dataset.who);
        const hand = event.target.closest('[data-forward], [data-speed]');
        if (hand) this.turn(hand.dataset.forward ? { forward_s: Number(hand.dataset.forward) } : { speed: Number(hand.dataset.speed) });
    },

    /** Which dish of a meal something is about; of one dish, or of the whole meal, nothing is said. */
    dishOf(element) {
        const dish = element.closest('[data-dish]')?.dataset.dish;
        return dish === undefined ? {} : { dish: Number(dish) };
    },

    /** The address of the dish's own cook. */
    homeOf(element) {
        return element.closest('[data-home]')?.dataset.home ?? this.home;
    },

    /** Which pair of hands this phone is. */
    be(who) {
        this.who = who;
        remember(`orbek.who.${this.cook}`, who || null);
        this.refresh();
    },

    note(event) {
        if (event.target.matches('[data-leaves]')) return;
        event.preventDefault();
        const form = event.target.closest('form[data-event="weighed"]');
        if (form) {
            const { raw_g, drained_g } = Object.fromEntries(new FormData(form));
            // What no spoonful can weigh is not queued: it could only come back refused.
            const ratio = Number(drained_g) / Number(raw_g);
            if (ratio < 1 || ratio > 3.5) {
                this.message = ratio < 1 ? tell('drained-weighs-more', { raw_g, drained_g }) :
                    tell('drained-weighs-less', { raw_g, drained_g, most: Math.floor(3.5 * raw_g) });
                return form.querySelector('[name="drained_g"]').focus();
            }
            form.closest('details').open = false;
            this.wake();
            return this.happen('weighed', { subject: form.dataset.subject, raw_g: Number(raw_g), drained_g: Number(drained_g),
                ...this.dishOf(form) });
        }
        const turned = event.target.closest('form[data-event="heat-set"]');
        if (turned) {
            this.wake();
            turned.elements.setting.blur();
            const { setting, ring } = Object.fromEntries(new FormData(turned));
            return this.happen('heat-set', { subject: turned.dataset.subject, setting: Number(setting), ...(ring ? { ring } : {}),
                ...this.dishOf(turned) });
        }
        const left = event.target.closest('form[data-event="chilled"]');
        if (left) return this.happen('chilled', { portions: Number(new FormData(left).get('portions')), ...this.dishOf(left) });
        const noted = new FormData(event.target);
        const { rice, crust, filling, salt, line, where } = Object.fromEntries(noted);
        const also = noted.getAll('also');
        const off = rice === 'right' ? null : where;
        this.happen('noted', { outcome: { rice, filling, ...(crust ? { crust } : {}), ...(salt ? { salt } : {}), ...(off ? { where: off } :
            {}), ...(also.length ? { also } : {}), ...(line.trim() ? { line: line.trim() } : {}) }, ...this.dishOf(event.target) });
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
        if (event.key === 'h') { const set = document.querySelector('[name="setting"]'); if (set) { event.preventDefault(); set.focus();
            set.select?.(); } }
        if (event.key === 'a') again();
        if (event.key === 'z') press('[data-event="undone"]');
    },

    async happen(type, more) {
        const at = Math.round(1000 * this.now()) / 1000;
        const happened = { id: ulid(Math.round(1000 * at)), type, at, ...more };
        this.happened.push(happened);
        this.waiting++;
        // Sent whether or not the browser can store it: storing it is for when there is no server.
        Promise.all([add(this.cook, happened), log(this.cook, happened)]).finally(() => { this.isStored = isKept(); });
        if (!document.getElementById('alone').hidden) this.layOver();
        this.deliver();
    },

    // One delivery at a time; what is queued meanwhile goes with it, or with the next.
    deliver() {
        this.delivering ??= this.send().finally(() => { this.delivering = null; });
        return this.delivering;
    },

    async send() {
        const told = await deliver(this.cook, { body: true, ...(this.who ? { who: this.who } : {}) });
        this.waiting = told.left.length;
        const isBack = this.away && !told.away;
        this.away = told.away;
        this.why = told.why;
        if (told.away) return this.goAlone();
        if (isBack && this.areStepsKept) this.keep(0);
        if (told.refused.length) this.message = told.refused.join(' ');
        else if (told.answer) this.message = '';
        if (!told.answer) return this.refresh();
        this.draw(told.answer);
        // Tapped while this was under way.
        this.waiting = (await waitingOf(this.cook)).length;
        return this.waiting ? this.send() : null;
    },

    /** Without the server: every step with its amounts and cautions, and what was tapped laid over it. */
    async goAlone() {
        const alone = document.getElementById('alone');
        document.querySelectorAll('#body button[disabled]').forEach((button) => { button.disabled = false; });
        if (!this.steps) await this.fetchSteps();
        if (!this.steps) {
            this.message = tell('steps-are-not-kept');
            return;
        }
        if (alone.dataset.has === undefined) {
            alone.querySelector('[data-steps]').innerHTML = this.steps;
            alone.dataset.has = '';
        }
        alone.hidden = false;
        this.layOver();
    },

    undoLast() {
        const last = standing(this.happened).at(-1);
        if (last) this.happen('undone', { subject: last.id, ...(last.dish === undefined ? {} : { dish: last.dish }) });
    },

    async fetchSteps() {
        const reached = await reach(this.alone);
        // Where a server is slow comes what was kept of an earlier answer: never in the place of a later one.
        const from = Date.parse(reached.headers?.get('Date') ?? '') || 0;
        if (reached.ok) this.areStepsKept = reached.headers.get('Orbek-Kept') === '1';
        if (reached.ok && from >= this.stepsFrom) {
            this.steps = reached.text;
            this.stepsFrom = from;
        }
        if ((!reached.ok || this.areStepsKept) && !this.away) this.keep(ASKS_AGAIN_MS);
    },

    layOver() {
        layOver(document.getElementById('alone'), this.happened, this.now());
        document.querySelectorAll('#alone button[disabled]').forEach((button) => { button.disabled = false; });
    },

    /** The server is there: its own page is shown again. */
    goBack() {
        const alone = document.getElementById('alone');
        alone.hidden = true;
        delete alone.dataset.has;
        delete document.documentElement.dataset.kept;
    },

    /** Asks that the page as it now stands is kept for when the network is gone; not at every tap anew. */
    keep(waitMs = 1500) {
        clearTimeout(this.keeping);
        this.keeping = setTimeout(() => {
            this.fetchSteps();
            navigator.serviceWorker?.ready.then(({ active }) => active.postMessage({ keep: [new URL(this.home).pathname] }));
        }, waitMs);
    },

    async refresh() {
        const reached = await reach(`${this.body}?${new URLSearchParams({ seen: this.seen, ...(this.who ? { who: this.who } : {}) })}`);
        this.away = !reached.ok;
        this.why = reached.message;
        if (this.away) return this.goAlone();
        if (!document.getElementById('alone').hidden) this.goBack();
        if (reached.json && this.waiting === 0) this.draw(reached.json);
    },

    draw({ body, seen, shown, speed }) {
        this.goBack();
        this.shown = shown;
        this.speed = speed;
        this.setClock();
        if (this.seen.split('-')[0] !== seen.split('-')[0]) this.keep();
        this.seen = seen;
        redraw(body);
        this.showTicks();
        document.querySelectorAll('[data-say-step]').forEach((one) => { one.hidden = !canSpeak(); });
        if (document.querySelector('.now.noting')) forget(this.cook);
        document.querySelectorAll('#body button[disabled]').forEach((button) => { button.disabled = false; });
        this.tick();
        document.dispatchEvent(new CustomEvent('orbek:drawn'));
    },

    /** What to do about a fault, from where the pot is now. */
    async rescue(button) {
        const reached = await reach(`${this.homeOf(button)}/rescue/${button.dataset.rescue}`);
        button.closest('.lid').querySelector('.rescued').innerHTML = reached.ok ? reached.text : '';
        this.message = reached.ok ? '' : `${reached.message} Ask again when it is back.`;
    },

    /** Of a practice supper: what eye, hand and nose would tell now. */
    async look(button) {
        const reached = await reach(`${this.homeOf(button)}/senses`, { accept: 'text/html, application/json' });
        const place = button.closest('.looks').querySelector('.senses');
        place.innerHTML = reached.ok ? reached.text : reached.message;
        drawSpoonfuls(place);
    },

    async probe(button) {
        const reached = await reach(`${this.homeOf(button)}/probe`, { method: 'POST', json: { in: button.dataset.probe === '1' } });
        this.away = !reached.ok;
        this.why = reached.message;
        this.seen = '';
        await this.refresh();
    },

    async turn(hand) {
        const reached = await reach(this.clock, { method: 'POST', json: hand, givesUpMs: TURNS_MS });
        this.message = reached.message;
        await this.refresh();
    },

    /** How many taps wait, in the digits of the page. */
    unsent() {
        return inDigits(String(this.waiting));
    },

    tick() {
        const now = this.now();
        document.querySelectorAll('[data-since]').forEach((count) => { count.textContent = clock(Math.max(0,
            now - Number(count.dataset.since))); });
        let title = '';
        document.querySelectorAll('[data-until]').forEach((count) => {
            const left = Number(count.dataset.until) - now;
            // Less than a second is now: the server's clock is whole seconds, and a count of 0:00 tells nothing.
            const due = left < 1;
            count.textContent = due && 'waiting' in count.dataset ? tell('now') : clock(left);
            count.classList.toggle('due', due);
            count.classList.toggle('long', count.textContent.length > 5);
            if (count.matches('.now .count')) title = count.textContent;
            const ring = count.parentElement.querySelector('[data-ring-of]');
            if (ring) ring.style.strokeDashoffset = String(1 - Math.max(0, Math.min(1, left / Number(ring.dataset.ringOf))));
            const name = `${count.dataset.name}/${count.dataset.until}`;
            if (due && left > -120 && !this.called.has(name)) {
                this.called.add(name);
                call(count.dataset.says ?? count.dataset.name ?? 'Orbek');
            }
        });
        document.querySelectorAll('[data-shown-from]').forEach((part) => this.askFrom(part, now));
        document.querySelectorAll('[data-says-from]').forEach((act) => {
            if (now >= Number(act.dataset.saysFrom)) act.textContent = act.dataset.says;
        });
        document.querySelectorAll('[data-far-till]').forEach((act) => {
            act.classList.toggle('far', now < Number(act.dataset.farTill));
        });
        document.querySelectorAll('[data-shown-till]').forEach((part) => { part.hidden = now >= Number(part.dataset.shownTill); });
        document.querySelectorAll('[data-call-at]').forEach((window) => {
            const says = window.dataset.says ?? 'Test a grain';
            const name = `window/${says}/${window.dataset.callAt}`;
            const left = Number(window.dataset.callAt) - now;
            window.classList.toggle('due', left <= 0 && left > -60);
            if (left <= 0 && left > -120 && !this.called.has(name)) { this.called.add(name); call(says); }
        });
        const since = document.querySelector('[data-since]');
        if (isOn('title')) document.title = `${since?.textContent ?? title} ${document.querySelector('.now h1')?.textContent ?? ''}`.trim();
        document.querySelectorAll('[data-course]').forEach((data) => this.drawBoil(data, now));
    },

    /** What is asked from a moment on: called once, and drawn anew so that its minutes are those from then. */
    askFrom(part, now) {
        const since = now - Number(part.dataset.shownFrom);
        if (part.hidden && since >= 0 && 'callsLook' in part.dataset) {
            const name = `${part.dataset.callsLook}/${part.dataset.shownFrom}`;
            if (!this.called.has(name)) {
                this.called.add(name);
                if (since < 120) call(part.dataset.callsLook);
                this.seen = '';
                this.refresh();
            }
        }
        part.hidden = since < 0;
    },

    /** What goes in and is in: ticked on this phone, and still ticked when the page is drawn again. */
    tickOff(event) {
        const tick = event.target.closest('[data-tick]');
        if (!tick) return;
        const ticks = new Set(this.ticks).add(tick.dataset.tick);
        if (!tick.checked) ticks.delete(tick.dataset.tick);
        this.ticks = [...ticks];
        this.showTicks();
        remember(`orbek.ticks.${this.cook}`, JSON.stringify(this.ticks));
    },

    showTicks() {
        document.querySelectorAll('[data-in]').forEach((part) => part.classList.toggle('in', this.ticks.includes(part.dataset.in)));
        document.querySelectorAll('[data-tick]').forEach((tick) => { tick.checked = this.ticks.includes(tick.dataset.tick); });
    },

    /** The grain and the mark on the hill, read off the course that the core has computed. */
    drawBoil(data, now) {
        const place = data.closest('.boil-alone') ?? document.getElementById('body');
        const { startedAt, course } = JSON.parse(data.textContent);
        const seconds = Math.max(0, now - startedAt);
        const step = course[1][0] - course[0][0];
        const index = Math.min(course.length - 2, Math.floor(seconds / step));
        const share = Math.min(1, (seconds - course[index][0]) / step);
        const core = course[index][1] + (course[index + 1][1] - course[index][1]) * share;
        place.querySelector('[data-live-grain] .core')?.setAttribute('transform', `scale(${core.toFixed(4)})`);
        place.querySelector('[data-live-words]').textContent = tell('a-grain-now', { feels: course[index][2] });
        const hill = place.querySelector('[data-live-boil]');
        const mark = hill?.querySelector('.now');
        if (mark) {
            const x = Number(hill.dataset.left) + Number(hill.dataset.width) * Math.min(1, seconds / Number(hill.dataset.end));
            mark.removeAttribute('hidden');
            mark.setAttribute('transform', `translate(${x.toFixed(1)} 0)`);
        }
    },

    showCalls() {
        document.querySelectorAll('[data-call]').forEach((way) => way.setAttribute('aria-pressed', String(isOn(way.dataset.call))));
        const missing = cannot();
        document.querySelectorAll('[data-say-step]').forEach((one) => { one.hidden = !canSpeak(); });
        this.tried = missing.length ? tell('browser-will-not', { things: missing.join(tell('nor')) }) : '';
    },

    /** The step at hand with what goes in, aloud. */
    sayStep() {
        const words = [...document.querySelectorAll('.now h1, .now .goes-in li, .now .rows li:not(:has(:checked)) label')];
        speak(words.map((one) => one.textContent.replace(/\s+/g, ' ').trim()).join('. '));
    },

    /** One figure, one verb, to be read from two metres off. */
    beAfar(isAfar) {
        this.isAfar = isAfar;
        remember('orbek.afar', isAfar ? '1' : null);
        this.$root.classList.toggle('afar', isAfar);
        document.querySelectorAll('[data-from-afar]').forEach((one) => one.setAttribute('aria-pressed', String(isAfar)));
    },

    turnCall(way) {
        set(way.dataset.call, way.getAttribute('aria-pressed') !== 'true');
        if (way.dataset.call === 'notice' && isOn('notice')) askForNotices().then(() => this.showCalls());
        this.showCalls();
    },

    async tryCall() {
        ready();
        await askForNotices();
        const done = await call('This is how Orbek calls', true);
        this.showCalls();
        this.tried = `${done.length ? `Called by ${done.join(', ')}.` : 'Nothing is on that this browser can do.'} ${this.tried}`;
    },

    /** Sound and a lit screen may only be asked for once a hand has touched the page. */
    wake() {
        ready();
        if (isOn('lit') && navigator.wakeLock && (!this.lock || this.lock.released)) {
            navigator.wakeLock.request('screen').then((lock) => { this.lock = lock; }).catch(() => {});
        }
    },
});

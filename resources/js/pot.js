import { painted, redraw, redrawInSight, redrawParts, takeHatches } from './body.js';
import { nearest } from './knob.js';
import { reach } from './reach.js';
import { tell } from './words.js';

/** A change waits its turn where the laptop looks for a plan meanwhile. */
const CHANGES_MS = 25_000;

/** What a ring's knob can be set to, per cent. */
const settings = (block) => block.dataset.settings.split(' ').map(Number);

/** The Pot and the Clock: words of a dish that are changed in place. */
export default () => ({
    url: '',
    view: 'pot',
    message: '',
    unsaved: null,
    // Sums of the parts as the server last told them: it sends only what differs.
    sums: {},
    open: 'water',
    sending: Promise.resolve(),

    init() {
        Object.assign(this, this.$root.dataset.url ? { url: this.$root.dataset.url, view: this.$root.dataset.view ?? 'pot' } : {});
        this.open = location.hash.slice(1) || 'water';
        this.showOpen();
        this.follow();
        window.addEventListener('keydown', (event) => {
            if (event.target.closest('input, select, dialog') || !['[', ']'].includes(event.key)) return;
            const stations = [...document.querySelectorAll('[data-station]')].map((station) => station.dataset.station);
            const index = stations.indexOf(this.open) + (event.key === ']' ? 1 : -1);
            if (stations[index]) this.openStation(stations[index]);
        });
    },

    openStation(name) {
        this.open = name;
        history.replaceState(null, '', `#${name}`);
        this.showOpen();
        document.querySelector(`[data-open="${name}"]`)?.focus();
    },

    showOpen() {
        document.querySelectorAll('[data-station]').forEach((station) => {
            const open = station.dataset.station === this.open;
            station.classList.toggle('is-open', open);
            station.querySelector('.more').hidden = !open;
            station.querySelector('[data-open]').setAttribute('aria-expanded', String(open));
        });
        const more = document.querySelector(`[data-station="${this.open}"] .more[data-lazy]`);
        if (more) this.sending = this.sending.then(() => this.fetchMore(this.open, more));
    },

    /** What lies behind the line of a station that is opened for the first time since it was drawn. */
    async fetchMore(station, more) {
        if (!more.isConnected || !('lazy' in more.dataset)) return;
        const reached = await reach(`${this.url}/more/${station}`, { accept: 'text/html, application/json' });
        if (!reached.ok) {
            this.message = tell('open-once-more', { why: reached.message, station });
            return;
        }
        more.innerHTML = reached.text;
        delete more.dataset.lazy;
    },

    change(event) {
        const word = event.target.closest('[data-path]');
        if (!word) return;
        // Only what may be nothing is left empty.
        const mayBeNone = ['optional', 'optional-number'].includes(word.dataset.type);
        const isNone = mayBeNone && (word.value === 'none' || (word.value === '' && !word.required));
        if ((word.value === '' && !isNone) || !word.checkValidity()) {
            this.message =
                `${word.getAttribute('aria-label')}: ${word.title || word.validationMessage}`
                    + (word.min ? ` ${tell('give-between', { least: word.min, most: word.max })}` : '');
            word.value = word.defaultValue ?? word.value;
            return;
        }
        if (word.dataset.part) {
            const part = (name) => document.querySelector(`[data-path="${word.dataset.path}"][data-part="${name}"]`).value;
            return this.send(word.dataset.path, `${part('day')}T${part('time').padStart(5, '0')}`);
        }
        const value = { number: Number(word.value), percent: Number(word.value) / 100, flag: word.value === '1',
            optional: isNone ? null : word.value, 'optional-number': isNone ? null : Number(word.value) }[word.dataset.type];
        this.send(word.dataset.path, value === undefined ? word.value : value);
    },

    act(event) {
        const opener = event.target.closest('[data-open]');
        if (opener) return this.openStation(opener.dataset.open);
        const asks = event.target.closest('button[data-asks]');
        if (asks) this.ask(asks.dataset.asks, '', asks.dataset.into);
        const mend = event.target.closest('[data-mend]');
        if (mend) this.send(mend.dataset.path, JSON.parse(mend.dataset.value));
    },

    /** A form that adds an entry to one of the dish's lists. */
    add(event) {
        const asking = event.target.closest('form[data-ask]');
        if (asking) {
            event.preventDefault();
            this.ask(asking.dataset.ask, `?${new URLSearchParams(new FormData(asking))}`);
            return;
        }
        const form = event.target.closest('form[data-add]');
        if (!form) return;
        event.preventDefault();
        const entry = {};
        form.querySelectorAll('[name]').forEach((field) => {
            if ('list' in field.dataset) {
                if (field.checked) (entry[field.name] ??= []).push(field.value);
            } else if ('flag' in field.dataset) {
                if (field.checked) entry[field.name] = true;
            } else if (field.value.trim() !== '') {
                entry[field.name] = field.type === 'number' ? Number(field.value) : field.value.trim();
            }
        });
        if (form.dataset.add === 'extras' && entry.kind === 'essence') {
            entry.drops_per_kg_rice = entry.g_per_kg_rice;
            delete entry.g_per_kg_rice;
        }
        // What was typed stays till it is taken.
        this.send(`${form.dataset.add}:add`, entry, () => {
            form.reset();
            form.closest('details').open = false;
        });
    },

    /** What the pictures have to take hold of; they have no listeners of their own. */
    take(event) {
        if (event.button > 0) return;
        const layer = event.target.closest('[data-layer]');
        const block = event.target.closest('[data-block]');
        if (layer) this.grab(event, layer);
        else if (block) this.hold(event, block);
    },

    press(event) {
        const layer = event.target.closest('[data-layer]');
        const block = event.target.closest('[data-block]');
        if (layer) this.nudge(event, layer);
        else if (block) this.turn(event, block);
    },

    /** A layer taken by hand in the drawing goes to where it is let go. */
    grab(event, layer) {
        event.preventDefault();
        const svg = layer.closest('svg');
        const scale = svg.viewBox.baseVal.height / svg.getBoundingClientRect().height;
        const from = event.clientY;
        layer.classList.add('held');
        const move = (moved) => layer.setAttribute('transform', `translate(0 ${(moved.clientY - from) * scale})`);
        const drop = (dropped) => {
            window.removeEventListener('pointermove', move);
            window.removeEventListener('pointerup', drop);
            window.removeEventListener('pointercancel', drop);
            layer.classList.remove('held');
            layer.removeAttribute('transform');
            if (dropped.type === 'pointercancel' || Math.abs(dropped.clientY - from) < 6) return;
            const layers = [...svg.querySelectorAll('[data-layer]')];
            const middle = (other) => { const box = other.getBoundingClientRect(); return box.top + box.height / 2; };
            // Layers count from the base up: as many stand below as have their middle lower on the screen.
            const to = layers.filter((other) => other !== layer && middle(other) > dropped.clientY).length;
            if (to !== Number(layer.dataset.layer)) this.send(`layers:to:${layer.dataset.layer}`, to);
        };
        window.addEventListener('pointermove', move);
        window.addEventListener('pointerup', drop);
        window.addEventListener('pointercancel', drop);
    },

    /** A stretch of heat taken at its end makes it longer; taken anywhere else, hotter. */
    hold(event, block) {
        event.preventDefault();
        block.focus();
        const svg = block.closest('svg');
        const scale = svg.viewBox.baseVal.width / svg.getBoundingClientRect().width;
        const isEnd = event.target.classList.contains('grip');
        const { clientX, clientY } = event;
        const shape = block.querySelector('.block');
        const was = ['x', 'y', 'width', 'height'].map((name) => Number(shape.getAttribute(name)));
        const value = (moved) => isEnd
            ? Math.max(0.5, Math.round(2 * (Number(block.dataset.minutes) +
                ((moved.clientX - clientX) * scale) / Number(svg.dataset.pxPerMin))) / 2)
            : nearest(settings(block),
                Number(block.dataset.setting) - ((moved.clientY - clientY) * scale * 100) / Number(svg.dataset.high));
        const move = (moved) => {
            if (isEnd) shape.setAttribute('width', Math.max(3, was[2] + (moved.clientX - clientX) * scale));
            else {
                const height = Math.max(2, (value(moved) / 100) * Number(svg.dataset.high));
                shape.setAttribute('height', height);
                shape.setAttribute('y', was[1] + was[3] - height);
            }
        };
        const drop = (dropped) => {
            ['pointermove', 'pointerup', 'pointercancel'].forEach((name) => window.removeEventListener(name, name === 'pointermove' ? move :
                drop));
            const now = value(dropped);
            const [path, before] = isEnd ? ['minutes', Number(block.dataset.minutes)] : ['setting', Number(block.dataset.setting)];
            if (dropped.type === 'pointercancel' || now === before) return;
            this.sendFocused(`heat:${path}:${block.dataset.block}`, now, `[data-block="${block.dataset.block}"]`);
        };
        window.addEventListener('pointermove', move);
        window.addEventListener('pointerup', drop);
        window.addEventListener('pointercancel', drop);
    },

    /** Arrows make a stretch longer or hotter, p puts it on the plate. */
    turn(event, block) {
        if (event.ctrlKey || event.metaKey) return;
        const [minutes, setting] = [Number(block.dataset.minutes), Number(block.dataset.setting)];
        const change = {
            ArrowRight: ['minutes', minutes + 1],
            ArrowLeft: ['minutes', Math.max(0.5, minutes - 1)],
            ArrowUp: ['setting', settings(block).find((one) => one > setting) ?? setting],
            ArrowDown: ['setting', settings(block).findLast((one) => one < setting) ?? setting],
            p: ['plate', block.dataset.plate ? null : block.closest('svg').dataset.plate || null],
        }[event.key];
        if (!change) return;
        event.preventDefault();
        this.sendFocused(`heat:${change[0]}:${block.dataset.block}`, change[1], `[data-block="${block.dataset.block}"]`);
    },

    sendFocused(path, value, selector) {
        this.send(path, value);
        this.sending = this.sending.then(() => document.querySelector(selector)?.focus());
    },

    /** The pot's section as it would be at a minute. */
    slide(event) {
        const { value, dataset } = event.target;
        clearTimeout(this.sliding);
        this.sliding = setTimeout(async () => {
            const reached = await reach(`${dataset.url}/${value}`);
            if (!reached.ok) {
                this.message = tell('slide-once-more', { why: reached.message });
                return;
            }
            const page = new DOMParser().parseFromString(reached.text, 'text/html');
            takeHatches(page);
            document.getElementById('section').replaceChildren(...page.querySelector('[data-picture]').childNodes);
            document.querySelector('[data-slid]').textContent = page.querySelector('[data-words]').textContent.trim();
            const line = document.querySelector('.drawing.heat .slid');
            const svg = line.closest('svg');
            line.setAttribute('transform', `translate(${44 + Number(value) * Number(svg.dataset.pxPerMin)} 0)`);
            line.setAttribute('visibility', 'visible');
        }, 50);
    },

    /** In how many kitchens it comes out right, and what would mend it: both take longer than a page may. */
    follow() {
        document.querySelectorAll('[data-right], [data-mends]').forEach((place) => place.setAttribute('aria-busy', 'true'));
        clearTimeout(this.following);
        // Of changes one right after another the last is asked about.
        this.following = setTimeout(() => this.askSlow(), 120);
    },

    /** @param {boolean} again whether one that is not answered is asked for once more */
    askSlow(again = true) {
        const { version } = document.getElementById('body').dataset;
        for (const [what, selector] of [['right', '[data-right]'], ['mends', '[data-mends]']]) {
            const place = document.querySelector(selector);
            if (!place) continue;
            reach(`${this.url}/heat/${what}`, { accept: 'text/html, application/json', givesUpMs: CHANGES_MS }).then((reached) => {
                // A later change asks for itself.
                if (version !== document.getElementById('body').dataset.version) return;
                const now = document.querySelector(selector);
                if (!now) return;
                if (reached.status === 0 && again) return setTimeout(() => this.askSlow(false), 1000);
                now.removeAttribute('aria-busy');
                now.innerHTML = reached.ok ? reached.text : '';
            });
        }
        // One guest more or less is what changes most: found while nothing else is asked.
        clearTimeout(this.nearing);
        this.nearing = setTimeout(() => reach(`${this.url}/heat/near`), 700);
    },

    /** What is asked of the Heat station comes as a piece of page under it. */
    async ask(what, query = '', into = '[data-answer]') {
        const place = document.querySelector(into);
        if (into !== '[data-answer]') place.textContent = tell('changes-are-tried');
        const reached = await reach(`${this.url}/heat/${what}${query}`, { accept: 'text/html, application/json', givesUpMs: CHANGES_MS });
        if (reached.ok) place.innerHTML = reached.text;
        else place.textContent = tell('ask-again', { why: reached.message });
    },

    /** Arrows move the layer that has the focus; it keeps it. */
    nudge(event, layer) {
        const by = { ArrowUp: 1, ArrowDown: -1 }[event.key];
        if (!by) return;
        event.preventDefault();
        const to = Number(layer.dataset.layer) + by;
        if (!document.querySelector(`[data-layer="${to}"]`)) return;
        this.send(`layers:to:${layer.dataset.layer}`, to);
        this.sending = this.sending.then(() => document.querySelector(`[data-layer="${to}"]`)?.focus());
    },

    // One change after another, so that each is made to the version the one before left.
    send(path, value, taken = () => {}) {
        this.sending = this.sending.then(() => this.deliver(path, value, taken)).catch(() => {
            this.message = tell('page-went-wrong');
        });
    },

    async deliver(path, value, taken) {
        const body = document.getElementById('body');
        const reached = await reach(this.url, { method: 'PATCH', givesUpMs: CHANGES_MS, json: { path, value, view: this.view,
            version: Number(body.dataset.version), open: this.open, has: this.sums } });
        if (!reached.ok || !reached.json) {
            if (reached.ok) this.message = tell('nothing-known-to-be-changed');
            else if (reached.isBusy) this.message = tell('may-be-changed', { seconds: CHANGES_MS / 1000 });
            else this.message = reached.status === 0 ? tell('nothing-was-changed', { why: reached.message }) : reached.message;
            if (reached.status !== 409) return this.reset();
            // Changed in another window: what was wanted here is kept, to be said again over what is there now.
            this.unsaved = { path, value };
            return this.reload();
        }
        this.message = '';
        this.unsaved = null;
        taken();
        const later = redrawInSight(reached.json.parts);
        this.sums = reached.json.sums;
        body.dataset.version = reached.json.version;
        document.dispatchEvent(new CustomEvent('orbek:seen'));
        if (Object.keys(later).length > 0) await painted();
        redrawParts(later);
        this.showOpen();
        this.follow();
        document.dispatchEvent(new CustomEvent('orbek:drawn'));
    },

    dismiss() {
        this.message = '';
        this.unsaved = null;
    },

    again() {
        const { path, value } = this.unsaved;
        this.send(path, value);
    },

    /** Words that were not taken go back to what is saved. */
    reset() {
        document.querySelectorAll('input.word').forEach((word) => { word.value = word.defaultValue; });
        document.querySelectorAll('select.word').forEach((word) => {
            word.value = [...word.options].find((option) => option.defaultSelected)?.value ?? word.value;
        });
    },

    async reload() {
        const reached = await reach(location.href, { accept: 'text/html' });
        if (!reached.ok) {
            this.message = reached.message;
            return;
        }
        const page = new DOMParser().parseFromString(reached.text, 'text/html').getElementById('body');
        redraw(page.innerHTML);
        this.sums = {};
        document.getElementById('body').dataset.version = page.dataset.version;
        this.showOpen();
    },

    beginOnce(event) {
        const button = event.target.querySelector('button');
        if (button.disabled) return event.preventDefault();
        button.disabled = true;
    },

});

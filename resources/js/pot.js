import { redraw, token } from './body.js';

/** The Pot and the Clock: words of a dish that are changed in place. */
export default ({ url, view = 'pot' }) => ({
    message: '',
    open: 'water',
    sending: Promise.resolve(),

    init() {
        this.open = location.hash.slice(1) || 'water';
        this.showOpen();
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
    },

    change(event) {
        const word = event.target.closest('[data-path]');
        if (!word) return;
        if (word.value === '' || !word.checkValidity()) {
            this.message = `${word.getAttribute('aria-label')}: ${word.title || word.validationMessage}${word.min ? ` Give ${word.min} to ${word.max}.` : ''}`;
            word.value = word.defaultValue ?? word.value;
            return;
        }
        if (word.dataset.part) {
            const part = (name) => document.querySelector(`[data-path="${word.dataset.path}"][data-part="${name}"]`).value;
            return this.send(word.dataset.path, `${part('day')}T${part('time').padStart(5, '0')}`);
        }
        const value = { number: Number(word.value), percent: Number(word.value) / 100, flag: word.value === '1' }[word.dataset.type] ?? word.value;
        this.send(word.dataset.path, value);
    },

    act(event) {
        const opener = event.target.closest('[data-open]');
        if (opener) return this.openStation(opener.dataset.open);
        const mend = event.target.closest('[data-mend]');
        if (mend) this.send(mend.dataset.path, JSON.parse(mend.dataset.value));
    },

    /** A form that adds an entry to one of the dish's lists. */
    add(event) {
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
        this.send(`${form.dataset.add}:add`, entry);
        form.reset();
        form.closest('details').open = false;
    },

    /** A layer taken by hand in the drawing goes to where it is let go. */
    grab(event) {
        const layer = event.target.closest('[data-layer]');
        if (!layer || event.button > 0) return;
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

    /** Arrows move the layer that has the focus; it keeps it. */
    nudge(event) {
        const layer = event.target.closest('[data-layer]');
        const by = { ArrowUp: 1, ArrowDown: -1 }[event.key];
        if (!layer || !by) return;
        event.preventDefault();
        const to = Number(layer.dataset.layer) + by;
        if (!document.querySelector(`[data-layer="${to}"]`)) return;
        this.send(`layers:to:${layer.dataset.layer}`, to);
        this.sending = this.sending.then(() => document.querySelector(`[data-layer="${to}"]`)?.focus());
    },

    // One change after another, so that each is made to the version the one before left.
    send(path, value) {
        this.sending = this.sending.then(() => this.deliver(path, value));
    },

    async deliver(path, value) {
        const body = document.getElementById('body');
        let answer;
        try {
            answer = await fetch(url, {
                method: 'PATCH',
                headers: { 'Content-Type': 'application/json', Accept: 'application/json, text/html', 'X-CSRF-TOKEN': token() },
                body: JSON.stringify({ path, value, view, version: Number(body.dataset.version) }),
            });
        } catch {
            this.message = 'The server does not answer. Nothing was changed; start it again and repeat the change.';
            return this.reset();
        }
        if (!answer.ok) {
            this.message = (await answer.json()).message;
            return answer.status === 409 ? this.reload() : this.reset();
        }
        this.message = '';
        redraw(await answer.text());
        body.dataset.version = answer.headers.get('X-Dish-Version');
        this.showOpen();
        document.dispatchEvent(new CustomEvent('orbek:drawn'));
    },

    /** Words that were not taken go back to what is saved. */
    reset() {
        document.querySelectorAll('input.word').forEach((word) => { word.value = word.defaultValue; });
        document.querySelectorAll('select.word').forEach((word) => {
            word.value = [...word.options].find((option) => option.defaultSelected)?.value ?? word.value;
        });
    },

    async reload() {
        const page = new DOMParser().parseFromString(await (await fetch(location.href)).text(), 'text/html').getElementById('body');
        redraw(page.innerHTML);
        document.getElementById('body').dataset.version = page.dataset.version;
        this.showOpen();
    },

    beginOnce(event) {
        const button = event.target.querySelector('button');
        if (button.disabled) return event.preventDefault();
        button.disabled = true;
    },

});

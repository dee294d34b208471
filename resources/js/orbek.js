import Alpine from '@alpinejs/csp';
import morph from '@alpinejs/morph';
import { monotonicFactory } from 'ulid';
import begin from './begin.js';
import crust from './crust.js';
import drill from './drill.js';
import glass from './glass.js';
import { listen } from './forms.js';
import { names, remember, remembered } from './kept.js';
import later from './later.js';
import meal from './meal.js';
import { deliverPictures, keep as keepPicture, picturesWaiting } from './pictures.js';
import minutes from './minutes.js';
import pot from './pot.js';
import { deliverAll, waiting } from './queue.js';
import { reach } from './reach.js';
import { drawSpoonfuls } from './spoonful.js';
import stove from './stove.js';
import ticks from './ticks.js';
import { inDigits, readsDigits, tell } from './words.js';

window.Alpine = Alpine;
Alpine.plugin(morph);
Alpine.data('begin', begin);
Alpine.data('crust', crust);
Alpine.data('drill', drill);
Alpine.data('glass', glass);
Alpine.data('far', () => ({ said: 50, shown() { return inDigits(String(this.said)); } }));
Alpine.data('later', later);
Alpine.data('meal', meal);
Alpine.data('minutes', minutes);
Alpine.data('pot', pot);
Alpine.data('stove', stove);
Alpine.data('ticks', ticks);
Alpine.data('resubmits', () => ({ submit() { this.$refs.form.requestSubmit(); } }));
Alpine.start();
listen();
readsDigits();
drawSpoonfuls();

const typing = (target) => target.closest('input, select, textarea, dialog, [contenteditable]') !== null;

document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
    if (event.key === '?') document.getElementById('keys').showModal();
    if (/^[1-8]$/.test(event.key)) document.querySelector(`[data-place="${event.key}"]`)?.click();
});

// One figure's reasons at a time; Escape or a tap elsewhere closes them.
const closeFigures = (except) => document.querySelectorAll('details.figure[open]').forEach((figure) => {
    if (figure !== except) figure.open = false;
});
// Reasons that would open past the edge of the page are moved in.
document.addEventListener('toggle', ({ target }) => {
    if (! target.matches?.('details.figure[open]')) return;
    const why = target.querySelector('.why');
    why.style.removeProperty('--shift');
    const { left, right } = why.getBoundingClientRect();
    const past = Math.max(0, right + 16 - document.documentElement.clientWidth);
    if (past > 0 || left < 8) why.style.setProperty('--shift', `${past > 0 ? -Math.min(past, left - 8) : 8 - left}px`);
}, true);
document.addEventListener('click', (event) => closeFigures(event.target.closest('details.figure')));
document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape') closeFigures(null);
});

// What was tapped at the Stove while the server was gone is sent from whichever page is open.
const unsent = document.getElementById('unsent');
const refusedPictures = new Set();
const live = document.querySelector('[data-live]');
const ownCook = live ? JSON.parse(live.dataset.live).cook : null;
async function sendWhatWaits() {
    deliverPictures().then((told) => told.forEach((one) => refusedPictures.add(one)));
    const pictures = await picturesWaiting();
    const results = await deliverAll(ownCook);
    const refused = results.flatMap((told) => told.refused);
    const left = Object.entries(await waiting()).reduce((sum, [cook, queue]) => (cook === ownCook ? sum : sum + queue.length), 0);
    unsent.hidden = left === 0 && pictures === 0 && refused.length === 0 && refusedPictures.size === 0;
    unsent.textContent = [
        ...(left ? [tell('noted-not-sent', { left, why: results.find((told) => told.away)?.why ?? '' })] : []),
        ...(pictures ? [tell('photographs-not-sent', { pictures })] : []), ...refused, ...refusedPictures,
    ].join(' ');
}
if (unsent) {
    sendWhatWaits();
    setInterval(sendWhatWaits, 10_000);
    window.addEventListener('online', sendWhatWaits);
}

// Kept for when the network is gone: the shell, the pages last seen, the meals ahead.
if (navigator.serviceWorker && window.isSecureContext) {
    const FRESH_MS = 300_000;
    const KEEPS_AFTER_MS = 4000;
    const keep = ({ active }) => {
        // A page that was on its way when the worker came is not in its hands yet.
        if (!navigator.serviceWorker.controller) active.postMessage({ claim: true });
        // Beside what the page itself asks for, not before it.
        setTimeout(() => {
            const ahead = [...document.querySelectorAll('.meals-ahead a[href]')].map((link) => new URL(link.href).pathname);
            const isFresh = Date.now() - Number(remembered('orbek.shelf-kept', 'sessionStorage') ?? 0) < FRESH_MS;
            if (!isFresh) remember('orbek.shelf-kept', String(Date.now()), 'sessionStorage');
            active.postMessage({ keep: [...(isFresh ? [] : ['/shelf']), ...new Set(ahead)].slice(0, 7) });
        }, KEEPS_AFTER_MS);
    };
    navigator.serviceWorker.register('/build/sw.js', { scope: '/' }).then(() => navigator.serviceWorker.ready).then(keep).catch(() => {});
}

// Signed out, nothing of this member stays on a shared phone; what was tapped goes out first.
document.addEventListener('submit', async (event) => {
    const form = event.target.closest('form[data-signs-out]');
    if (!form) return;
    event.preventDefault();
    await Promise.all([deliverAll(), deliverPictures()]);
    const left = Object.values(await waiting()).reduce((sum, queue) => sum + queue.length, await picturesWaiting());
    if (left > 0 && !form.dataset.asked) {
        form.dataset.asked = '';
        unsent.hidden = false;
        unsent.textContent =
            tell('would-be-lost', { left });
        return;
    }
    await Promise.all((await caches?.keys() ?? []).filter((name) => name === 'orbek-pages').map((name) => caches.delete(name)));
    ['orbek', 'orbek-log', 'orbek-pictures', 'workbox-expiration'].forEach((name) => indexedDB.deleteDatabase(name));
    names().filter((name) => name.startsWith('orbek.')).forEach((name) => remember(name, null));
    form.submit();
});

// The laptop serves a newer Orbek than this page came from: said, not forced; a cook in the middle goes on.
document.addEventListener('orbek:updated', () => {
    if (!document.getElementById('updated')) {
        const line = document.createElement('p');
        line.id = 'updated';
        line.className = 'unsent';
        line.setAttribute('role', 'status');
        line.innerHTML =
            tell('was-updated');
        document.querySelector('main')?.before(line);
    }
});

// A photograph goes out as soon as it is taken, or stays here till it can.
const ulid = monotonicFactory();
document.addEventListener('change', async ({ target }) => {
    if (!target.matches('input[data-sends]') || target.files.length === 0) return;
    const { form } = target;
    const says = form.querySelector('output');
    const atStove = form.closest('.stove');
    const at = atStove ? Alpine.$data(atStove).now() : Date.now() / 1000;
    const fields = Object.fromEntries([...new FormData(form)].filter(([name]) => !['_token', 'picture'].includes(name)));
    says.textContent = tell('on-its-way');
    const { isAnswered, says: told } = await keepPicture(ulid(), { to: form.action, fields, at, picture: target.files[0] });
    says.textContent = told;
    target.value = '';
    if (isAnswered && form.dataset.then === 'again') location.reload();
});

// A grain under glass that is outlined wrongly counts no more.
async function countGrain(grain) {
    const form = new FormData();
    form.set('grain', grain.dataset.grain);
    form.set('counts', grain.dataset.counts);
    const reached = await reach(grain.closest('[data-grains]').dataset.grains, { method: 'POST', form });
    const says = grain.closest('figure').querySelector('[data-grain-says]');
    if (!reached.ok) says.textContent = reached.message;
    else if (grain.closest('.stove')) Alpine.$data(grain.closest('.stove')).keep(0);
    else location.reload();
}
document.addEventListener('click', ({ target }) => { if (target.matches('[data-grain]')) countGrain(target); });
document.addEventListener('keydown', (event) => {
    if (!event.target.matches?.('[data-grain]') || !['Enter', ' '].includes(event.key)) return;
    event.preventDefault();
    countGrain(event.target);
});

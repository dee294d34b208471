import Alpine from '@alpinejs/csp';
import morph from '@alpinejs/morph';
import begin from './begin.js';
import drill from './drill.js';
import meal from './meal.js';
import pot from './pot.js';
import { deliverAll, waiting } from './queue.js';
import stove from './stove.js';
import ticks from './ticks.js';

window.Alpine = Alpine;
Alpine.plugin(morph);
Alpine.data('begin', begin);
Alpine.data('drill', drill);
Alpine.data('meal', meal);
Alpine.data('pot', pot);
Alpine.data('stove', stove);
Alpine.data('ticks', ticks);
Alpine.data('resubmits', () => ({ submit() { this.$refs.form.requestSubmit(); } }));
Alpine.start();

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
document.addEventListener('click', (event) => closeFigures(event.target.closest('details.figure')));
document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape') closeFigures(null);
});

// What was tapped at the Stove while the server was gone is sent from whichever page is open.
const unsent = document.getElementById('unsent');
const live = document.querySelector('[data-live]');
const ownCook = live ? JSON.parse(live.dataset.live).cook : null;
async function sendWhatWaits() {
    const results = await deliverAll(ownCook);
    const refused = results.flatMap((told) => told.refused);
    const left = Object.entries(await waiting()).reduce((sum, [cook, queue]) => (cook === ownCook ? sum : sum + queue.length), 0);
    unsent.hidden = left === 0 && refused.length === 0;
    unsent.textContent = [...(left ? [`${left} noted at the stove, not sent yet: ${results.find((told) => told.away)?.why ?? ''}`] : []), ...refused].join(' ');
}
if (unsent) {
    sendWhatWaits();
    setInterval(sendWhatWaits, 10_000);
    window.addEventListener('online', sendWhatWaits);
}

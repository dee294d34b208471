import Alpine from 'alpinejs';
import morph from '@alpinejs/morph';
import drill from './drill.js';
import pot from './pot.js';
import stove from './stove.js';
import ticks from './ticks.js';

window.Alpine = Alpine;
Alpine.plugin(morph);
Alpine.data('drill', drill);
Alpine.data('pot', pot);
Alpine.data('stove', stove);
Alpine.data('ticks', ticks);
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

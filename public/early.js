// What is tapped before the Stove's scripts are there is kept for them (stove.js): no tap is lost.
window.early = {
    taps: [],
    keep(event) {
        const target = event.target.closest('.stove button, .stove form');
        if (!target) return;
        event.preventDefault();
        window.early.taps.push(target);
    },
};
document.addEventListener('click', window.early.keep);
document.addEventListener('submit', window.early.keep);

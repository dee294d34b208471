import { remember, remembered } from './kept.js';

/** Where it stands how the Stove calls for the hand: each way can be switched off, on this device. */
const KEY = 'orbek.calls';

const off = () => {
    try { return JSON.parse(remembered(KEY) ?? '[]'); } catch { return []; }
};

export const isOn = (way) => !off().includes(way);

export function set(way, on) {
    remember(KEY, JSON.stringify([...off().filter((one) => one !== way), ...(on ? [] : [way])]));
}

/** What this browser will not do, said before it is missed. */
export function cannot() {
    const missing = [];
    if (!('vibrate' in navigator)) missing.push('vibrate');
    if (!('wakeLock' in navigator)) missing.push('keep the screen lit');
    if (!('Notification' in window)) missing.push('show notices');
    else if (Notification.permission === 'denied') missing.push('show notices (they are forbidden in its settings)');
    if (!navigator.serviceWorker ||
        !window.isSecureContext) missing.push('keep Orbek for when the network is gone (this address is not trusted)');
    return missing;
}

/** Notices may only be asked for at a tap. */
export async function askForNotices() {
    if ('Notification' in window && Notification.permission === 'default') await Notification.requestPermission();
}

let audio = null;

/** Sound may only begin once a hand has touched the page. */
export function ready() {
    audio ??= new AudioContext();
}

function tones() {
    if (!audio) return;
    [0, 0.25, 0.5].forEach((delay) => {
        const tone = audio.createOscillator();
        const gain = audio.createGain();
        gain.gain.value = 0.15;
        tone.frequency.value = 880;
        tone.connect(gain).connect(audio.destination);
        tone.start(audio.currentTime + delay);
        tone.stop(audio.currentTime + delay + 0.15);
    });
}

/** Calls in every way that is on and that there is; says in which. */
export async function call(what, isTest = false) {
    const done = [];
    if (isOn('sound') && audio) { tones(); done.push('sound'); }
    if (isOn('vibration') && navigator.vibrate?.([200, 100, 200])) done.push('vibration');
    if (isOn('notice') && (document.hidden || isTest) && 'Notification' in window && Notification.permission === 'granted') {
        const worker = await navigator.serviceWorker?.getRegistration();
        await worker?.showNotification(what, { tag: 'orbek', icon: '/icon-192.png', renotify: true });
        if (worker) done.push('notice');
    }
    return done;
}

import { remember, remembered } from './kept.js';
import { tell } from './words.js';

/** Where it stands how the Stove calls for the hand: each way can be switched off, on this device. */
const KEY = 'orbek.calls';

const off = () => {
    try { return JSON.parse(remembered(KEY) ?? '[]'); } catch { return []; }
};

export const isOn = (way) => !off().includes(way);

export function set(way, on) {
    remember(KEY, JSON.stringify([...off().filter((one) => one !== way), ...(on ? [] : [way])]));
}

/** Whether this browser has a voice of its own to speak with. */
export const canSpeak = () => 'speechSynthesis' in window && 'SpeechSynthesisUtterance' in window
    && window.speechSynthesis.getVoices().length > 0;

/** What this browser will not do, said before it is missed. */
export function cannot() {
    const missing = [];
    if (!canSpeak()) missing.push(tell('cannot-speak'));
    if (!('vibrate' in navigator)) missing.push(tell('cannot-vibrate'));
    if (!('wakeLock' in navigator)) missing.push(tell('cannot-keep-lit'));
    if (!('Notification' in window)) missing.push(tell('cannot-show-notices'));
    else if (Notification.permission === 'denied') missing.push(tell('may-not-show-notices'));
    if (!navigator.serviceWorker ||
        !window.isSecureContext) missing.push(tell('cannot-keep-orbek'));
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

let last = '';

/** Says something aloud in the page's language, in place of what was being said; true where there is a voice. */
export function speak(what) {
    last = what;
    if (!canSpeak()) return false;
    const said = new SpeechSynthesisUtterance(what);
    said.lang = document.documentElement.lang || 'en';
    // Slower than talk, and as loud as it goes: a fan is on.
    said.rate = 0.9;
    said.volume = 1;
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(said);
    return true;
}

/** What was said last, once more. */
export const again = () => last !== '' && speak(last);

/** A tap ends what is being said. */
export function hush() {
    if ('speechSynthesis' in window) window.speechSynthesis.cancel();
}

/** Calls in every way that is on and that there is; says in which. */
export async function call(what, isTest = false) {
    const done = [];
    if (isOn('voice') && speak(what)) done.push('voice');
    if (isOn('sound') && audio) { tones(); done.push('sound'); }
    if (isOn('vibration') && navigator.vibrate?.([200, 100, 200])) done.push('vibration');
    if (isOn('notice') && (document.hidden || isTest) && 'Notification' in window && Notification.permission === 'granted') {
        const worker = await navigator.serviceWorker?.getRegistration();
        await worker?.showNotification(what, { tag: 'orbek', icon: '/icon-192.png', renotify: true });
        if (worker) done.push('notice');
    }
    return done;
}

import { inDigits, tell } from './words.js';

/** Fields that are names, whatever they look like. */
const NAMES = ['subject', 'stage', 'ring', 'plate'];

/** What a button that tells an event has besides its kind are that event's fields. */
export const fieldsOf = ({ event, ...fields }) => Object.fromEntries(Object.entries(fields)
    .map(([field, value]) => [field, NAMES.includes(field) || !/^-?\d+(\.\d+)?$/.test(value) ? value : Number(value)]));

/** What is left, as fine as it matters: seconds, hours, days. */
export const clock = (seconds) => {
    const whole = Math.abs(Math.round(seconds));
    if (whole >= 172_800) return tell('days', { days: Math.round(whole / 86_400) });
    const hours = Math.floor(whole / 3600);
    const rest = String(Math.floor((whole % 3600) / 60)).padStart(hours ? 2 : 1, '0');
    return inDigits(`${seconds < 0 ? '−' : ''}${hours ? `${hours}:` : ''}${rest}:${String(whole % 60).padStart(2, '0')}`);
};

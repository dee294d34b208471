import { createStore, del, get, update } from 'idb-keyval';
import { asked } from './kept.js';

/**
 * What a page needs to go on without its server: every step of the plan, and all that was tapped here.
 *
 * The queue forgets an event when the server has taken it; the log keeps it till the cook is over, since a page that is
 * opened again without the network may be older than that.
 */
const NAME = 'orbek-log';
const store = createStore(NAME, 'logs');

/** A browser that keeps no log has the page's own memory, and the queue says what it cannot promise. */
const orNothing = (work) => asked(NAME, work).catch(() => null);

export const log = (cook, event) => orNothing(() => update(cook, (events = []) => [...events.filter((one) => one.id !== event.id), event],
    store));

export const logged = async (cook) => (await orNothing(() => get(cook, store))) ?? [];

export const forget = (cook) => orNothing(() => del(cook, store));

/** What holds of a list of events once what was undone is left out. */
export function standing(events) {
    const undone = new Set(events.filter((event) => event.type === 'undone').map((event) => event.subject));
    return events.filter((event) => event.type !== 'undone' && !undone.has(event.id)).sort((one, other) => one.at - other.at);
}

/** What the server calls a step within all that is cooked: its dish, or none, and its own name. */
const nameOf = ({ dish, id }) => `${dish ?? ''}/${id}`;

/**
 * When each step began and ended, by what the page was told and what was tapped since: as core folds it (Tasks), and held
 * to the same by tests/data/shared/steps.json.
 *
 * @param {{id: string, dish: ?number, minutes: number, startedAt: ?number, doneAt: ?number, follows: ?string,
 *     endsByItself: boolean}[]} steps in the order in which they are laid; `follows` names the step at whose end one begins
 *     of itself, `endsByItself` those that want no hand
 * @param {object[]} events that stand, in order
 * @param {number} now seconds since 1970
 * @returns {{startedAt: ?number, doneAt: ?number, endsAt: ?number}[]} endsAt of what runs
 */
export function fold(steps, events, now) {
    const state = new Map(steps.map((step) => [nameOf(step), { ...step }]));
    const end = (step, at) => {
        step.doneAt = at;
        step.startedAt ??= at;
        state.forEach((one) => {
            if (one.follows === step.id && (one.dish ?? null) === (step.dish ?? null)) one.startedAt ??= at;
        });
    };
    for (const event of events) {
        const step = state.get(nameOf({ dish: event.dish, id: event.subject }));
        if (!step) continue;
        if (event.type === 'started') step.startedAt ??= event.at;
        if (event.type === 'lengthened' && event.ends_in === undefined) step.minutes += event.minutes;
        // Told to end so many minutes from then: whole minutes more, as core has it.
        else if (event.type === 'lengthened' && step.startedAt !== null && step.doneAt === null) {
            step.minutes += event.ends_in - Math.round((step.startedAt + 60 * Math.max(0, step.minutes) - event.at) / 60);
        }
        if (event.type === 'done' && step.doneAt === null) end(step, event.at);
    }
    return steps.map((told) => {
        const step = state.get(nameOf(told));
        const runsOut = step.startedAt === null ? null : step.startedAt + 60 * Math.max(0, step.minutes);
        if (step.endsByItself && step.doneAt === null && runsOut !== null && runsOut <= now) step.doneAt = runsOut;
        return { startedAt: step.startedAt, doneAt: step.doneAt, endsAt: step.doneAt === null ? runsOut : null };
    });
}

/** Those of a row's own dish. */
const ofDish = (events, row) => events.filter((event) => (event.dish ?? null) === number(row.dataset.dish));

const number = (text) => (text === '' || text === undefined ? null : Number(text));

/** Lays what has happened over the list of steps: what runs counts, what is done is struck, what comes is marked. */
export function layOver(list, events, now) {
    let isNextMarked = false;
    // In the plan's order, whatever stands on top now.
    const rows = [...list.querySelectorAll('[data-step]')].sort((one, other) => (one.dataset.place ?? 0) - (other.dataset.place ?? 0));
    const steps = rows.map((row) => ({
        id: row.dataset.step, dish: number(row.dataset.dish), minutes: Number(row.dataset.minutes),
        startedAt: number(row.dataset.started), doneAt: number(row.dataset.done),
        follows: row.dataset.follows ?? null, endsByItself: 'endsByItself' in row.dataset,
    }));
    const folded = fold(steps, standing(events), now);
    rows.forEach((row, index) => {
        const { startedAt, doneAt, endsAt } = folded[index];
        const isRunning = endsAt !== null;
        const isNext = !isNextMarked && startedAt === null;
        isNextMarked ||= isNext;
        row.classList.toggle('done', doneAt !== null);
        row.classList.toggle('running', isRunning);
        row.classList.toggle('comes', isNext);
        const count = row.querySelector('.left');
        count.hidden = !isRunning;
        if (isRunning) count.dataset.until = String(endsAt);
        else delete count.dataset.until;
        row.querySelector('[data-event="started"]').hidden = startedAt !== null;
        row.querySelector('[data-event="done"]').hidden = doneAt !== null || startedAt === null;
        row.querySelector('[data-event="lengthened"]').hidden = !isRunning;
        showBoil(row.querySelector('.boil-alone'), isRunning ? startedAt : null);
        showLid(row.querySelector('.lid-alone'), startedAt, now, ofDish(standing(events), row));
    });
    inHandFirst(list);
}

/** What runs stands on top, then what comes; what is done at the end. */
function inHandFirst(list) {
    const rows = [...list.querySelectorAll('[data-step]')];
    rows.forEach((row, index) => { row.dataset.place ??= String(index); });
    const rank = (row) => (row.classList.contains('done') ? 3 : row.classList.contains('running') ? 0 : row.classList.contains('comes') ?
        1 : 2);
    const sorted = [...rows].sort((one, other) => rank(one) - rank(other) || one.dataset.place - other.dataset.place);
    if (sorted.some((row, index) => row !== rows[index])) rows[0].parentElement.append(...sorted);
}

function showBoil(boil, startedAt) {
    if (!boil) return;
    boil.hidden = startedAt === null;
    const data = boil.querySelector('script');
    const since = boil.querySelector('[data-since-of]');
    if (startedAt === null) {
        data.removeAttribute('data-course');
        delete since.dataset.since;
        delete since.dataset.callAt;
        return;
    }
    if (!data.hasAttribute('data-course')) {
        data.textContent = JSON.stringify({ ...JSON.parse(data.textContent), startedAt });
        data.setAttribute('data-course', '');
    }
    since.dataset.since = String(startedAt);
    // A call at the window's beginning: the first moment at which a grain is worth a test.
    since.dataset.callAt = String(startedAt + Number(boil.dataset.from));
}

/**
 * What to do by when steam was seen and what a look told since, of a table made beforehand: its row nearest to that minute.
 *
 * @param {{minute: number, says: string, look: ?{after: number, asks: string, says: Object<string, string>}}[]} rows by the
 *     minute sealed
 * @param {?number} steamMin null where none was seen
 * @param {string[]} tapped cues since then
 */
export function steersBy(rows, steamMin, tapped = []) {
    if (steamMin === null || rows.length === 0) return '';
    const row = rows.reduce((best, one) => (Math.abs(one.minute - steamMin) < Math.abs(best.minute - steamMin) ? one : best));
    if (!row.look) return row.says;
    const edge = tapped.findLast((cue) => cue in row.look.says);
    return edge === undefined ? `${row.says} ${row.look.asks}` : row.look.says[edge];
}

function showLid(lid, startedAt, now, events) {
    if (!lid) return;
    const told = lid.querySelector('.steer-alone');
    const steam = events.find((event) => event.type === 'cue' && event.subject === 'steam' && event.at >= startedAt);
    const tapped = events.filter((event) => event.type === 'cue' && event.at >= (steam?.at ?? now)).map((event) => event.subject);
    told.textContent = steersBy(JSON.parse(told.dataset.steers), steam === undefined || startedAt === null ? null : (steam.at -
        startedAt) / 60, tapped);
    told.hidden = told.textContent === '';
    const minute = startedAt === null ? -1 : (now - startedAt) / 60;
    lid.hidden = minute < 0 || minute > Number(lid.dataset.end) + 30;
    lid.querySelector('.here')?.setAttribute('transform',
        `translate(${(Math.min(minute, Number(lid.dataset.end)) * Number(lid.dataset.pxPerMin)).toFixed(1)} 0)`);
}

import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { fold, standing } from '../../resources/js/alone.js';
import { nearest } from '../../resources/js/knob.js';

/** Cases that core is held to as well (SharedWithThePageTest). */
const cases = (name) => JSON.parse(readFileSync(new URL(`../data/shared/${name}.json`, import.meta.url)));

describe('Without the server a page works out what core does', () => {
    it.each(cases('steps').map((one) => [one.what, one]))('%s', (what, { steps, events, now, is }) => {
        const told = steps.map((step) => ({ dish: null, follows: null, startedAt: null, doneAt: null, endsByItself: step.attention === 'none', ...step }));
        const tapped = events.map((event, n) => ({ ...event, id: n }));
        expect(fold(told, standing(tapped), now).map(({ startedAt, doneAt }) => ({ startedAt, doneAt }))).toEqual(is);
    });

    it.each(cases('knob').map((one) => [one.wanted, one]))('a knob held at %s goes where it can', (wanted, { settings, nearest: is }) => {
        expect(nearest(settings, wanted)).toBe(is);
    });
});

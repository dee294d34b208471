import { describe, expect, it } from 'vitest';
import { fold, standing, steersBy } from '../../resources/js/alone.js';

const step = { id: 'boil', dish: null, minutes: 6, startedAt: null, doneAt: null, follows: null, endsByItself: false };
const progressOf = (one, events) => fold([one], events, 1000)[0];

describe('What has happened, without the server', () => {
    it('is what was tapped, in the order in which it happened, without what was undone', () => {
        const events = [
            { id: 'b', type: 'done', subject: 'boil', at: 20 }, { id: 'a', type: 'started', subject: 'boil', at: 10 },
            { id: 'c', type: 'undone', subject: 'b', at: 30 },
        ];
        expect(standing(events).map((event) => event.id)).toEqual(['a']);
    });

    it('gives a step its beginning, its minutes more and its end', () => {
        expect(progressOf(step, [])).toEqual({ startedAt: null, doneAt: null, endsAt: null });
        const started = { id: 'a', type: 'started', subject: 'boil', at: 100 };
        expect(progressOf(step, [started]).endsAt).toBe(460);
        const longer = { id: 'b', type: 'lengthened', subject: 'boil', minutes: 2, at: 120 };
        expect(progressOf(step, [started, longer]).endsAt).toBe(580);
        expect(progressOf(step, [started, longer, { id: 'c', type: 'done', subject: 'boil', at: 500 }])).toEqual({ startedAt: 100, doneAt: 500, endsAt: null });
    });

    it('is laid over what the page was told, and of its own dish only', () => {
        const told = { ...step, dish: 1, startedAt: 50 };
        expect(progressOf(told, [{ id: 'a', type: 'started', subject: 'boil', dish: 1, at: 100 }]).startedAt).toBe(50);
        expect(progressOf(told, [{ id: 'b', type: 'done', subject: 'boil', dish: 0, at: 100 }]).doneAt).toBe(null);
        expect(progressOf(told, [{ id: 'b', type: 'done', subject: 'boil', dish: 1, at: 100 }]).doneAt).toBe(100);
    });
});

describe('What to do by the minute of steam, without the server', () => {
    const rows = [{ minute: 4, says: 'Turn to pearl now' }, { minute: 4.5, says: 'Leave it 2 min more' }, { minute: 5, says: 'As planned' }];

    it('is the row nearest to when it was seen, the first or the last where it came sooner or later', () => {
        expect([3, 4.2, 4.3, 4.8, 9].map((minute) => steersBy(rows, minute))).toEqual([
            'Turn to pearl now', 'Turn to pearl now', 'Leave it 2 min more', 'As planned', 'As planned',
        ]);
    });

    it('is nothing before steam, or where nothing is steered', () => {
        expect([steersBy(rows, null), steersBy([], 4)]).toEqual(['', '']);
        // What a look tells since, where one was asked for.
        const look = { after: 12, asks: 'Look 12 min after steam.', says: { 'edge-pale': 'Leave it 8 min.', 'edge-dark': 'Off now.' } };
        const looked = [{ minute: 4, says: 'Turn to pearl.', look }];
        // What the table does not know is no answer: the look is still asked for.
        expect([[], ['steam', 'edge-pale'], ['edge-pale', 'edge-dark', 'toasted'], ['edge-straw']].map((cues) => steersBy(looked, 4, cues))).toEqual([
            'Turn to pearl. Look 12 min after steam.', 'Leave it 8 min.', 'Off now.', 'Turn to pearl. Look 12 min after steam.',
        ]);
        expect(steersBy(rows, 4.2, ['edge-dark'])).toBe(steersBy(rows, 4.2));
    });
});

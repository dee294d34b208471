import { describe, expect, it } from 'vitest';
import { clock, fieldsOf } from '../../resources/js/told.js';

describe('A button that tells an event', () => {
    it('has its fields, whatever they are, figures as figures', () => {
        expect(fieldsOf({ event: 'lengthened', subject: 'heat-1', minutes: '-1' })).toEqual({ subject: 'heat-1', minutes: -1 });
        expect(fieldsOf({ event: 'served', at: '1796037641' })).toEqual({ at: 1796037641 });
        expect(fieldsOf({ event: 'left-out', of: '0' })).toEqual({ of: 0 });
    });

    it('has names that stay names where they look like figures', () => {
        expect(fieldsOf({ event: 'ring-failed', ring: '2' })).toEqual({ ring: '2' });
        expect(fieldsOf({ event: 'undone', subject: '01' })).toEqual({ subject: '01' });
    });
});

describe('What is left', () => {
    it('is told as fine as it matters', () => {
        expect(clock(65)).toBe('1:05');
        expect(clock(-5)).toBe('−0:05');
        expect(clock(3661)).toBe('1:01:01');
        expect(clock(3 * 86_400)).toBe('3 days');
    });
});

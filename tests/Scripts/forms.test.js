import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const answer = (status, json) => new Response(JSON.stringify(json), { status, headers: { 'Content-Type': 'application/json' } });

/** As much of a form as is asked of it. */
function form() {
    const lines = [];
    const field = { focused: 0, focus() { this.focused++; } };
    return {
        action: '/kitchen/things/pot', dataset: {}, elements: { litres: field }, field, lines,
        querySelector: (selector) => (selector === '[role=alert]' ? lines[0] ?? null : { before: (line) => lines.push(line) }),
    };
}

let send;
let asked;

beforeEach(async () => {
    vi.resetModules();
    asked = [];
    vi.stubGlobal('document', {
        querySelector: () => null, createElement: () => ({ setAttribute() {}, textContent: '' }), dispatchEvent() {},
    });
    vi.stubGlobal('FormData', class { constructor() { this.fields = {}; } set(name, value) { this.fields[name] = value; } });
    ({ send } = await import('../../resources/js/forms.js'));
});
afterEach(() => vi.unstubAllGlobals());

const answers = (with_) => vi.stubGlobal('fetch', async (url, options) => { asked.push(options); return with_(); });

describe('a form that waits for its answer', () => {
    it('says what was refused, goes to the field and stays', async () => {
        answers(() => answer(422, { field: 'litres', message: 'litres: 2000 is out of range; give 0.5 to 60 L.' }));
        const one = form();
        const went = vi.fn();
        await send(one, [], went);
        expect(one.lines.map(({ textContent }) => textContent)).toEqual(['litres: 2000 is out of range; give 0.5 to 60 L.']);
        expect(one.field.focused).toBe(1);
        expect(went).not.toHaveBeenCalled();
        await send(one, [], went);
        expect(one.lines).toHaveLength(1);
    });

    it('goes where the server says, with the button that was pressed', async () => {
        answers(() => answer(200, { to: '/kitchen/things' }));
        const went = vi.fn();
        await send(form(), ['like', '1'], went);
        expect(went).toHaveBeenCalledWith('/kitchen/things');
        expect(asked[0].headers['Orbek-Waits']).toBe('1');
        expect(asked[0].body.fields).toEqual({ like: '1' });
    });

    it('is sent once, however often it is pressed, and says when nobody answers', async () => {
        answers(() => { throw new TypeError('gone'); });
        const one = form();
        await Promise.all([send(one, [], vi.fn()), send(one, [], vi.fn())]);
        expect(asked).toHaveLength(1);
        expect(one.lines[0].textContent).toBe('The server does not answer.');
    });

    it('does not take a page for an answer', async () => {
        answers(() => new Response('<html></html>', { status: 200 }));
        const one = form();
        await send(one, [], vi.fn());
        expect(one.lines[0].textContent).toBe('The server gave an answer that cannot be read.');
    });
});

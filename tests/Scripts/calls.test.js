import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

let said;
let stopped;

beforeEach(() => {
    said = [];
    stopped = 0;
    vi.resetModules();
    const kept = new Map();
    vi.stubGlobal('localStorage', { getItem: (key) => kept.get(key) ?? null, setItem: (key, text) => kept.set(key, text),
        removeItem: (key) => kept.delete(key) });
    vi.stubGlobal('document', { hidden: false, documentElement: { lang: 'en' } });
    vi.stubGlobal('navigator', {});
    class SpeechSynthesisUtterance { constructor(text) { this.text = text; } }
    const speechSynthesis = { getVoices: () => [{}], speak: (one) => said.push(one), cancel: () => { stopped++; } };
    vi.stubGlobal('window', { speechSynthesis, SpeechSynthesisUtterance });
    vi.stubGlobal('SpeechSynthesisUtterance', SpeechSynthesisUtterance);
});
afterEach(() => vi.unstubAllGlobals());

describe('the voice', () => {
    it('says what is called in the page’s language, in place of what was being said', async () => {
        const { call } = await import('../../resources/js/calls.js');
        expect(await call('Lift now')).toEqual(['voice']);
        expect(said.map(({ text, lang, volume }) => [text, lang, volume])).toEqual([['Lift now', 'en', 1]]);
        expect(stopped).toBe(1);
        document.documentElement.lang = 'fa';
        await call('Low heat');
        expect(said[1].lang).toBe('fa');
    });

    it('says it again when it is asked, and nothing before there was something', async () => {
        const { again, call } = await import('../../resources/js/calls.js');
        expect(again()).toBe(false);
        await call('Drain');
        expect(again()).toBe(true);
        expect(said.map(({ text }) => text)).toEqual(['Drain', 'Drain']);
    });

    it('is silent where it is switched off, and after a tap', async () => {
        const { call, hush, set } = await import('../../resources/js/calls.js');
        set('voice', false);
        expect(await call('Drain')).toEqual([]);
        set('voice', true);
        hush();
        expect(stopped).toBe(1);
        expect(said).toEqual([]);
    });

    it('says beforehand where the browser has none', async () => {
        window.speechSynthesis.getVoices = () => [];
        const { call, canSpeak, cannot } = await import('../../resources/js/calls.js');
        expect(canSpeak()).toBe(false);
        expect(cannot()).toContain('speak (it has no voice)');
        expect(await call('Drain')).toEqual([]);
        delete window.speechSynthesis;
        expect(canSpeak()).toBe(false);
    });
});

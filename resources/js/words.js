/** What scripts say, in the page's language: lang/en/scripts.php, handed over with the page; in tests, by orbekWords. */
let words = null;

/**
 * @param {string} key of lang/en/scripts.php
 * @param {Object<string, string|number>} args by the names in braces
 */
export function tell(key, args = {}) {
    words ??= globalThis.orbekWords ?? JSON.parse(document.getElementById('words')?.textContent || '{}');
    return inDigits((words[key] ?? key).replace(/\{(\w+)\}/g, (whole, name) => args[name] ?? whole));
}

const PERSIAN = '۰۱۲۳۴۵۶۷۸۹';
const ARABIC = '٠١٢٣٤٥٦٧٨٩';

/** What is said, in the digits of the page's language. */
export function inDigits(said) {
    return globalThis.document?.documentElement?.lang === 'fa'
        ? said.replace(/(?<=\d)\.(?=\d)/g, '٫').replace(/\d/g, (digit) => PERSIAN[digit]) : said;
}

/** What was typed, with the digits that a number is read from. */
export const inLatin = (typed) => typed.replace(/[۰-۹٠-٩]/g, (digit) => String(Math.max(PERSIAN.indexOf(digit), ARABIC.indexOf(digit))))
    .replace(/(?<=\d)٫(?=\d|$)/g, '.');

/** A field of numbers or hours takes digits of all three kinds: the browser itself knows but one. */
export function readsDigits() {
    document.addEventListener('beforeinput', (event) => {
        const field = event.target;
        const isOfDigits = field instanceof HTMLInputElement && (field.type === 'number' || field.classList.contains('time'));
        if (isOfDigits && event.data && inLatin(event.data) !== event.data) {
            event.preventDefault();
            document.execCommand('insertText', false, inLatin(event.data));
        }
    });
}

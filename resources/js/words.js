/** What scripts say, in the page's language: lang/en/scripts.php, handed over with the page; in tests, by orbekWords. */
let words = null;

/**
 * @param {string} key of lang/en/scripts.php
 * @param {Object<string, string|number>} args by the names in braces
 */
export function tell(key, args = {}) {
    words ??= globalThis.orbekWords ?? JSON.parse(document.getElementById('words')?.textContent || '{}');
    return (words[key] ?? key).replace(/\{(\w+)\}/g, (whole, name) => args[name] ?? whole);
}

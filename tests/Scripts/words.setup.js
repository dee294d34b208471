import { readFileSync } from 'node:fs';

// The words that a page hands over, as they stand for its English.
const written = readFileSync(new URL('../../lang/en/scripts.php', import.meta.url), 'utf8');
globalThis.orbekWords = Object.fromEntries(
    [...written.matchAll(/'([\w-]+)' => '((?:[^'\\]|\\.)*)'/g)].map(([, key, said]) => [key, said.replaceAll("\\'", "'")]),
);

import { defineConfig } from 'vitest/config';

// Apart from vite.config.js: the Laravel plugin is for pages and refuses to start its server where CI is set.
export default defineConfig({ test: { dir: 'tests/Scripts', setupFiles: ['tests/Scripts/words.setup.js'] } });

import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    // The worker keeps its name: a browser asks for it again under the one it knows.
    build: { rollupOptions: { output: { entryFileNames: ({ name }) => (name === 'sw' ? 'sw.js' : 'assets/[name]-[hash].js') } } },
    plugins: [laravel({ input: ['resources/css/orbek.scss', 'resources/js/orbek.js', 'resources/js/qr.js', 'resources/js/sign-in.js', 'resources/js/sw.js'] })],
    css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] } } },
});

import laravel from 'laravel-vite-plugin';
import rtlcss from 'rtlcss';
import { defineConfig } from 'vite';

// Bootstrap's own turner, on the stylesheet of languages that run from right to left alone.
const rightToLeft = {
    postcssPlugin: 'right-to-left',
    Once(root, { postcss }) {
        if (!/orbek\.rtl\.scss/.test(root.source?.input.file ?? '')) return;
        const turned = postcss.parse(rtlcss.process(root.toString()), { from: root.source.input.file });
        root.removeAll().append(turned.nodes);
    },
};

export default defineConfig({
    // The worker keeps its name: a browser asks for it again under the one it knows.
    build: { rollupOptions: { output: { entryFileNames: ({ name }) => (name === 'sw' ? 'sw.js' : 'assets/[name]-[hash].js') } } },
    plugins: [laravel({ input: ['resources/css/orbek.scss', 'resources/css/orbek.rtl.scss', 'resources/js/orbek.js', 'resources/js/qr.js', 'resources/js/sign-in.js', 'resources/js/sw.js'] })],
    css: { postcss: { plugins: [rightToLeft] }, preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] } } },
});

import { readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { constants } from 'node:zlib';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

const languages = Object.fromEntries(
  readdirSync(here('src/languages')).map((file) => [
    file.replace(/\.ts$/, ''),
    here(`src/languages/${file}`),
  ]),
);

/** The last two degrees of pressing take ten times as long for a thirtieth. */
const brotli = defineAlgorithm('brotliCompress', {
  params: { [constants.BROTLI_PARAM_QUALITY]: 9 },
});

export default defineConfig({
  root: here('.'),
  plugins: [
    react(),
    // Without the workshop the application opens from the device; the page itself is kept by `sw.ts`, with its nonce.
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src',
      filename: 'sw.ts',
      registerType: 'prompt',
      injectRegister: false,
      manifest: false,
      injectManifest: {
        globPatterns: ['assets/*.{js,css,woff2}', '*.svg'],
        maximumFileSizeToCacheInBytes: 6_000_000,
      },
    }),
    // Served as they lie there: nothing is compressed while somebody waits.
    compression({ algorithms: ['gzip', brotli], include: /\.(js|css|svg|json|txt)$/ }),
  ],
  html: { cspNonce: '__NONCE__' },
  worker: {
    format: 'es',
    rollupOptions: {
      output: {
        // A worker asks for the language of its page before it makes any sentence of its own.
        banner: "if (globalThis.name) await import('/languages/' + globalThis.name + '.js');",
      },
    },
  },
  build: {
    outDir: here('../../dist/server/web'),
    emptyOutDir: true,
    target: 'es2022',
    chunkSizeWarningLimit: 900,
    // What is shipped in the bundles, with the licence of each.
    license: { fileName: 'licences.txt' },
    rollupOptions: {
      // A language is a file of its own, loaded before the application where a device asks for it.
      input: { index: here('index.html'), ...languages },
      output: {
        entryFileNames: ({ name }) =>
          name in languages ? 'languages/[name].js' : 'assets/[name]-[hash].js',
      },
    },
  },
});

import { join } from 'node:path';
import react from '@vitejs/plugin-react';
import type { Plugin } from 'vite';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const begins = join(import.meta.dirname, 'src/data/begin.ts');

/** What opens the database and fills it is a script of its own that runs while the rest is still being read. */
const beginsAhead = (): Plugin => ({
  name: 'begins-ahead',
  transformIndexHtml: {
    order: 'post',
    handler: (_page, { bundle = {} }) =>
      Object.values(bundle)
        .filter((chunk) => chunk.type === 'chunk' && chunk.isEntry && chunk.name === 'begin')
        .map(({ fileName }) => ({
          tag: 'script',
          attrs: { type: 'module', crossorigin: true, src: `/${fileName}` },
          injectTo: 'head-prepend',
        })),
  },
});

export default defineConfig({
  root: import.meta.dirname,
  plugins: [
    // What does not change is not drawn again, without a memo by hand at every place.
    react({ compiler: true }),
    beginsAhead(),
    VitePWA({
      // What is open goes on with the program it was loaded with, until somebody asks for the newer one.
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Gorvane',
        short_name: 'Gorvane',
        description: 'Plans, guides, proves and records cable assemblies at the bench.',
        theme_color: '#9a4a1b',
        background_color: '#fbf8f1',
        display: 'standalone',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2,json}', '**/barlow-latin-*.woff'],
        navigateFallback: '/index.html',
        maximumFileSizeToCacheInBytes: 8_000_000,
      },
    }),
  ],
  build: {
    manifest: true,
    target: 'es2023',
    chunkSizeWarningLimit: 900,
    rolldownOptions: {
      input: { index: 'index.html', begin: begins },
      output: {
        codeSplitting: {
          groups: [
            { name: 'begin', test: /\/src\/data\/begin\.ts$/, priority: 2 },
            // All else that the first screen needs in one file: asked for one by one, thirty small ones come later than one large.
            { name: 'first', tags: ['$initial'], priority: 1 },
            { name: 'new-lead', test: /\/bench\/new-lead-form\.tsx$/ },
          ],
        },
      },
    },
  },
  server: { host: '127.0.0.1', port: 4781, strictPort: true },
});

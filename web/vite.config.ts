import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  root: import.meta.dirname,
  plugins: [
    // What does not change is not drawn again, without a memo by hand at every place.
    react({ compiler: true }),
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
    // All that the first screen needs in one file: asked for one by one, thirty small ones come later than one large.
    rolldownOptions: { output: { codeSplitting: { groups: [{ name: 'first', tags: ['$initial'] }] } } },
  },
  server: { host: '127.0.0.1', port: 4781, strictPort: true },
});

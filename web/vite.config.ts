import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { allLicences, LICENCES } from './licences.ts';

/** What four pages or more share is one file: the first page asked for a hundred small ones, each with its own price. */
const shared = {
  name: 'kitchen',
  test: /[\\/](core[\\/]src|web[\\/]src[\\/](store|live|ui|offload|drawings))[\\/]/,
  minShareCount: 4,
};

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    allLicences(import.meta.dirname),
    VitePWA({
      registerType: 'prompt',
      // Registered from app/updates.ts: an inline script would be refused by our own content policy.
      injectRegister: false,
      manifest: {
        name: 'Ironpan',
        short_name: 'Ironpan',
        description: 'Plan, make and keep plant milk at home.',
        lang: 'en-GB',
        theme_color: '#20262a',
        background_color: '#eef1ee',
        display: 'standalone',
        start_url: '/',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2,ttf}'],
        cleanupOutdatedCaches: true,
        clientsClaim: true,
        skipWaiting: false,
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallback: null,
        // The page itself comes from the server while there is one: it says which kitchen is served. Else from the cache.
        runtimeCaching: [
          {
            urlPattern: ({ request }) => request.mode === 'navigate',
            handler: 'NetworkOnly',
            options: { precacheFallback: { fallbackURL: '/index.html' } },
          },
        ],
      },
    }),
  ],
  // Helpers of the PDF library for pages and drawings of other kinds: not used here, so not shipped.
  resolve: { alias: { html2canvas: '/src/empty.ts', dompurify: '/src/empty.ts', canvg: '/src/empty.ts' } },
  worker: { format: 'es' },
  build: {
    // The chart library is one piece of half a megabyte; it is loaded only where something is drawn.
    chunkSizeWarningLimit: 700,
    target: 'es2023',
    rolldownOptions: { output: { codeSplitting: { groups: [shared] } } },
    manifest: true,
    // The notices of every library that ships, as their licences ask.
    license: { fileName: LICENCES },
  },
});

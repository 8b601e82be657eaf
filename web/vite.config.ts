import { join } from 'node:path';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { allLicences, LICENCES } from './licences.ts';

/** What the first picture needs is one file, and what four pages or more share is another: each file has its own price. */
const ENTRY = join(import.meta.dirname, 'src', 'main.tsx');
const SHARED = /[\\/](core[\\/]src|web[\\/]src[\\/](store|live|ui|offload|drawings))[\\/]/;
type Modules = (id: string) => { readonly importedIds: readonly string[] } | null;
/** Everything that the entry imports, directly or not, without what it loads later. */
function neededAtStart(moduleOf: Modules): ReadonlySet<string> {
  const needed = new Set([ENTRY]);
  // A set that grows while it is walked is walked to its new end.
  for (const id of needed) for (const imported of moduleOf(id)?.importedIds ?? []) needed.add(imported);
  return needed;
}
let start: ReadonlySet<string> | null = null;
const chunks = [
  {
    name: (id: string, ctx: { readonly getModuleInfo: Modules }) =>
      (start ??= neededAtStart((m) => ctx.getModuleInfo(m))).has(id) ? 'start' : null,
    priority: 2,
  },
  { name: 'kitchen', test: SHARED, minShareCount: 4, priority: 1 },
];

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
    rolldownOptions: { output: { codeSplitting: { groups: chunks } } },
    manifest: true,
    // The notices of every library that ships, as their licences ask.
    license: { fileName: LICENCES },
  },
});

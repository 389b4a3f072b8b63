import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/**
 * The page as the server has it; from the device where nothing comes in 4 s (to a busy hand a page that waits longer is dead)
 * or where something else answers for a server that is away. It is written into the worker as text: it stands alone.
 */
async function pageFromServerElseFromHere({ request }: { request: Request }): Promise<Response> {
  const kept = async () => (await caches.match('/index.html', { ignoreSearch: true })) ?? Response.error();
  try {
    const page = await fetch(request, { signal: AbortSignal.timeout(4_000) });
    return page.status < 502 ? page : await kept();
  } catch {
    // fetch rejects where nothing answered, or not in time.
    return kept();
  }
}

/**
 * The service worker holds the built page and nothing else: no reply of the API (what may be read without the server is kept
 * by `src/base/replies`, with its age). With the server there, the page itself always comes from it: a new build is never
 * hidden behind an old one.
 */
const offline = VitePWA({
  registerType: 'autoUpdate',
  // A script of our own site; one written into the page would not pass its content policy.
  injectRegister: 'script-defer',
  manifest: {
    name: 'Deep Mend',
    short_name: 'Deep Mend',
    description: 'Mend threaded holes at the machine',
    lang: 'en-GB',
    display: 'standalone',
    background_color: '#e8eaed',
    theme_color: '#272a66',
    icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' }],
  },
  workbox: {
    // The older font format is for browsers that know no service worker.
    globPatterns: ['**/*.{js,css,html,svg,woff2}'],
    // Else the shop's own address would be answered from the device though the server is there.
    directoryIndex: '',
    cleanupOutdatedCaches: true,
    navigateFallback: null,
    runtimeCaching: [
      {
        urlPattern: ({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith('/api/'),
        handler: pageFromServerElseFromHere,
      },
    ],
  },
});

export default defineConfig({
  plugins: [react(), offline],
  worker: { format: 'es' },
  build: { outDir: 'dist', emptyOutDir: true },
  server: {
    host: '127.0.0.1',
    proxy: { '/api': process.env.API_URL ?? 'http://127.0.0.1:5181' },
  },
});

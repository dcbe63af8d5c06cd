import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import vue from '@vitejs/plugin-vue';
import { createLogger, defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { packed } from './packed.ts';

/** Larger than the PDF writer, which is the largest file that works offline. */
const LARGEST_OFFLINE_BYTES = 3_000_000;

/** Tells one state of the core from another: a digest of its sources. */
function coreId(): string {
  const folder = fileURLToPath(new URL('../core/src', import.meta.url));
  const hash = createHash('sha256');
  for (const file of readdirSync(folder, { recursive: true, encoding: 'utf8' }).toSorted())
    if (file.endsWith('.ts') && !file.endsWith('.test.ts'))
      hash.update(file).update(readFileSync(join(folder, file)));
  return hash.digest('hex').slice(0, 16);
}

/** Writes what a build says, but takes no warning: the build ends with it as an error. */
function strictLogger() {
  const logger = createLogger();
  const refuse = (warning: string): never => {
    throw new Error(`the build warns: ${warning}`);
  };
  return { ...logger, warn: refuse, warnOnce: refuse };
}

/**
 * Colours are handed to the colour library as numbers: its reader of CSS colours, which it would ask for a text,
 * is left out of the first page, and a text that comes all the same is an error.
 */
const noColourTexts = () => ({
  name: 'no-colour-texts',
  enforce: 'pre' as const,
  resolveId: (source: string, importer = '') =>
    source === './parse.js' && /culori[\\/]src[\\/]_prepare\.js$/.test(importer)
      ? NO_COLOUR_TEXTS
      : null,
  load: (id: string) =>
    id === NO_COLOUR_TEXTS ? 'export default (text) => { throw new Error(text); };' : null,
});
const NO_COLOUR_TEXTS = '\0no-colour-texts';

export default defineConfig(({ command }) => ({
  define: { __BUILD_ID__: JSON.stringify(coreId()) },
  ...(command === 'build' ? { customLogger: strictLogger() } : {}),
  plugins: [
    vue(),
    noColourTexts(),
    packed(),
    VitePWA({
      // Registered by the application itself, which says what came of it (composables/offline.ts).
      injectRegister: null,
      // A newer version waits until the last tab is closed: a page never loses its own files.
      registerType: 'prompt',
      includeAssets: ['mark.svg'],
      manifest: {
        name: 'Keen Sinew',
        short_name: 'Keen Sinew',
        description: 'Measured armatures for people who build animals in clay',
        theme_color: '#ece6d8',
        background_color: '#ece6d8',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff,woff2}'],
        maximumFileSizeToCacheInBytes: LARGEST_OFFLINE_BYTES,
        navigateFallback: '/index.html',
        sourcemap: false,
      },
    }),
  ],
  // Every browser that runs this has promises of its own.
  resolve: { alias: { localforage: 'localforage/dist/localforage.nopromises.js' } },
  worker: { format: 'es' },
  build: {
    target: 'es2023',
    manifest: true,
    // Browsers that run this preload modules themselves.
    modulePreload: { polyfill: false },
    // Fonts stay files: the content security policy allows them from the same address only.
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 1200,
    // Words stand in files of their own; in the pages each is back where it is said.
    rolldownOptions: {
      optimization: { inlineConst: { mode: 'all', pass: 2 } },
      // What many pages share lies in four files, which are smaller than fifty: packages, documents
      // and their animals, the road, and the controls. The numbers are pages that share a module.
      output: {
        codeSplitting: {
          groups: [
            { name: 'house', test: /node_modules|preload-helper/, minShareCount: 29 },
            { name: 'records', test: /core[\\/]src/, minShareCount: 27, priority: 2 },
            { name: 'road', test: /core[\\/]src/, minShareCount: 20, priority: 1 },
            { name: 'controls', test: /src[\\/]kit[\\/]/, minShareCount: 24, priority: 2 },
          ],
        },
      },
    },
  },
}));

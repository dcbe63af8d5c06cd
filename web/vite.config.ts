import vue from '@vitejs/plugin-vue';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** Larger than the PDF writer, which is the largest file that works offline. */
const LARGEST_OFFLINE_BYTES = 3_000_000;

/** What Zod's writer of JSON Schema hands out to the rest of Zod, by file. */
const JSON_SCHEMA_WRITER: Readonly<Record<string, readonly string[]>> = {
  'zod/v4/core/json-schema-processors.js': ['allProcessors', 'toJSONSchema'],
  'zod/v4/core/to-json-schema.js': [
    'createStandardJSONSchemaMethod',
    'createToJSONSchemaMethod',
    'extractDefs',
    'finalize',
    'handleUnrepresentable',
    'initializeContext',
    'process',
    'processSchema',
  ],
};

/**
 * Zod carries a writer of JSON Schema that the application never asks for, and that no build can see
 * is never asked for. It is left out; whoever asks for it after all is told so.
 */
const withoutJsonSchema: Plugin = {
  name: 'zod-without-json-schema',
  load(id) {
    const file = Object.keys(JSON_SCHEMA_WRITER).find((one) => id.endsWith(one));
    if (file === undefined) return null;
    const names = JSON_SCHEMA_WRITER[file]!.map((name) => `leftOut as ${name}`).join(', ');
    return `const leftOut = () => () => { throw new Error('this build writes no JSON Schema'); };
export { ${names} };`;
  },
};

export default defineConfig({
  plugins: [
    withoutJsonSchema,
    vue(),
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
  worker: { format: 'es' },
  build: {
    target: 'es2023',
    manifest: true,
    // Fonts stay files: the content security policy allows them from the same address only.
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 1200,
  },
});

import { availableParallelism } from 'node:os';
import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

/** Generous for slow machines: no test measures time. */
const PATIENCE_MS = 240_000;
/** Tests that put something in place of a module or of the network: each starts from nothing. */
const ALONE = [
  'core/src/anatomy/addAnAnimal.test.ts',
  'web/src/{composables,jobs,pictures,stores}/**/*.test.ts',
];
/** Tests of components. */
const COMPONENTS = 'web/src/{bench,kit,ledger,library,pages,sheet,shell,stages}/**/*.test.ts';

export default defineConfig({
  plugins: [vue()],
  publicDir: 'web/public',
  define: {
    __BUILD_ID__: JSON.stringify('test'),
    // Every case, where otherwise a seeded sample is taken: npm run test:long.
    __LONG__: JSON.stringify(process.env['LONG'] === '1'),
  },
  test: {
    setupFiles: ['./scripts/propertySeed.ts'],
    testTimeout: PATIENCE_MS,
    hookTimeout: PATIENCE_MS,
    maxWorkers: availableParallelism(),
    // What one test file has loaded, the next one uses; see ALONE for those that may not.
    isolate: false,
    projects: [
      {
        extends: true,
        test: {
          name: 'components',
          include: [COMPONENTS],
          environment: 'happy-dom',
          environmentOptions: { happyDOM: { width: 1280, height: 800 } },
        },
      },
      {
        extends: true,
        test: {
          name: 'core and the rest',
          include: ['{core,web,server,scripts}/**/*.test.ts'],
          exclude: [COMPONENTS, ...ALONE, '**/node_modules/**'],
          environment: 'node',
        },
      },
      {
        extends: true,
        test: { name: 'alone', include: ALONE, environment: 'node', isolate: true },
      },
    ],
  },
});

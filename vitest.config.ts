import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

/** Generous for slow machines: no test measures time. */
const PATIENCE_MS = 240_000;
/** Tests of components that put nothing in place of a module: they can share what they load. */
const COMPONENTS = 'web/src/{bench,controls,ledger,library,pages,sheet,shell,stages}/**/*.test.ts';

export default defineConfig({
  plugins: [vue()],
  publicDir: 'web/public',
  test: {
    testTimeout: PATIENCE_MS,
    hookTimeout: PATIENCE_MS,
    projects: [
      {
        extends: true,
        test: {
          name: 'components',
          include: [COMPONENTS],
          environment: 'happy-dom',
          isolate: false,
        },
      },
      {
        extends: true,
        test: {
          name: 'core and the rest',
          include: ['{core,web,server,scripts}/**/*.test.ts'],
          exclude: [COMPONENTS],
          environment: 'node',
        },
      },
    ],
  },
});

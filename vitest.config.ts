import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [vue()],
  publicDir: 'web/public',
  test: {
    include: ['{core,web,server,scripts}/**/*.test.ts'],
    environment: 'node',
    // Generous for slow machines: no test measures time.
    testTimeout: 240_000,
    hookTimeout: 240_000,
  },
});

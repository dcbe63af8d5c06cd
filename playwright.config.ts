import { defineConfig } from '@playwright/test';
import { CHROMIUM, CHROMIUM_FLAGS } from './e2e/launch.ts';

const PORT = 4499;

export default defineConfig({
  testDir: 'e2e',
  testMatch: '**/*.spec.ts',
  fullyParallel: true,
  workers: 2,
  // Generous, as machines of a build farm can be many times slower than a desk: nothing is timed.
  timeout: 240_000,
  expect: { timeout: 60_000 },
  // A test that fails and then passes is told as flaky by the list.
  retries: 1,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    // Kept out of the way of the other tests; offline.spec.ts allows it.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: CHROMIUM, args: CHROMIUM_FLAGS },
    // A trace copies the page at every step and doubles the time: TRACE=1 npm run e2e.
    trace: process.env['TRACE'] ? 'retain-on-failure' : 'off',
  },
  webServer: {
    command: 'node --import tsx server/src/main.ts',
    url: `http://127.0.0.1:${PORT}`,
    env: { PORT: String(PORT), HOST: '127.0.0.1' },
    reuseExistingServer: false,
  },
});

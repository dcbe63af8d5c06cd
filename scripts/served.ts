import { chromium, type Page } from '@playwright/test';
import { CHROMIUM, CHROMIUM_FLAGS } from '../e2e/launch.ts';
import { createApp } from '../server/src/app.ts';

/** An application that is served from a folder, and a page of 1280 × 800 that looks at it. */
export interface Served {
  readonly page: Page;
  readonly close: () => Promise<void>;
}

/** Serves a built application on a free port and opens a browser beside it; errors are printed. */
export async function served(folder: string): Promise<Served> {
  const server = createApp(folder).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const address = server.address();
  if (address === null || typeof address === 'string') throw new Error('the server has no port');
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  const page = await browser.newPage({
    viewport: { width: 1280, height: 800 },
    baseURL: `http://127.0.0.1:${address.port}`,
  });
  page.on('console', (message) => {
    if (message.type() === 'error') console.error(message.text());
  });
  page.on('pageerror', (error) => console.error(error.message));
  const close = async (): Promise<void> => {
    await browser.close();
    server.close();
  };
  return { page, close };
}

/** Opens a screen and waits until it stands and its numbers are those of the fine answer. */
export async function opened(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await page.locator('main:not([aria-busy="true"])').first().waitFor();
  await settled(page);
}

/** Waits until the numbers are those of the fine answer, as a user reads them a moment later. */
export async function settled(page: Page): Promise<void> {
  if ((await page.locator('[data-settled]').count()) > 0)
    await page.locator('[data-settled="true"]').waitFor();
}

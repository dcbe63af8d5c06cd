import { test as base, type BrowserContext, type Page } from '@playwright/test';

export { expect, type Page } from '@playwright/test';

/** What belongs to a visitor; the answers of slow work are kept beside it, by question and build. */
const VISITORS = ['keen-sinew'];

/**
 * Tests on one browser profile for each worker of the run: every test begins as a first visit, with
 * nothing of the one before but the answers that were worked out, as these follow from the questions
 * alone. So a body that ten tests look at is worked out once.
 */
export const test = base.extend<object, { profile: BrowserContext }>({
  profile: [
    async ({ browser }, use, { project }) => {
      const context = await browser.newContext({
        baseURL: project.use.baseURL!,
        serviceWorkers: 'block',
        viewport: SIZE,
      });
      await use(context);
      await context.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ profile }, use) => {
    const page = await profile.newPage();
    await page.goto('/robots.txt');
    await forget(page);
    await page.close();
    const opened = (later: Page): void => writtenFirst(later);
    profile.on('page', opened);
    await use(profile);
    profile.off('page', opened);
    await Promise.all(profile.pages().map((left) => left.close()));
  },
});

/** A page goes elsewhere, or loads again, when what was changed on it is written: nobody is as fast as a test. */
function writtenFirst(page: Page): void {
  const [goto, reload] = [page.goto.bind(page), page.reload.bind(page)];
  const written = () => page.locator('html:not([data-unwritten])').waitFor({ state: 'attached' });
  page.goto = async (...to) => (await written(), goto(...to));
  page.reload = async (...how) => (await written(), reload(...how));
}

const SIZE = { width: 1280, height: 800 };

/** Takes away everything that a visitor has left. */
const forget = (page: Page): Promise<void> =>
  page.evaluate(async (names) => {
    localStorage.clear();
    sessionStorage.clear();
    for (const name of names)
      await new Promise<void>((done, fail) => {
        const gone = indexedDB.deleteDatabase(name);
        gone.onsuccess = () => done();
        gone.onerror = () => fail(gone.error);
        gone.onblocked = () => fail(new Error(`${name} is still open`));
      });
  }, VISITORS);

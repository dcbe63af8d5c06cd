import { expect, test, type Page } from './test.ts';
import { downloaded, openOtter, row, saved, type } from './helpers.ts';

const asText = (bytes: Buffer): string => bytes.toString('utf8');

async function rename(page: Page, to: string): Promise<void> {
  await page.getByTitle('Rename').click();
  const field = page.getByRole('textbox', { name: 'Name of the piece' });
  await field.fill(to);
  await field.press('Enter');
}

/** Saves the open piece to a file, and what the file says it is called. */
async function nameInFile(page: Page): Promise<string> {
  await page.getByRole('button', { name: 'Print shop sheets' }).click();
  const bytes = await downloaded(page, () =>
    page.getByRole('button', { name: 'This piece (JSON)' }).click(),
  );
  await page.keyboard.press('Escape');
  return (JSON.parse(asText(bytes)) as { piece: { name: string } }).piece.name;
}

test('two tabs write nothing over each other; the older one is told, shows both and keeps both', async ({
  page,
  context,
}) => {
  await openOtter(page, 'measure');
  const other = await context.newPage();
  await openOtter(other, 'measure');
  await rename(other, 'Otter of the other tab');
  await saved(other);
  await expect(page.getByText('What is shown here is older')).toBeVisible();
  await rename(page, 'Otter of this tab');
  const told = page.getByRole('alert', { name: /changed in another tab too/ });
  await expect(told).toContainText('last: Rename the piece');
  await expect(told).toContainText('of “Otter of the other tab”, saved');
  await told.getByRole('button', { name: 'Keep both' }).click();
  await expect(page).toHaveURL(/otter-of-this-tab/);
  await expect(page.getByRole('heading', { name: 'Otter of this tab (kept here)' })).toBeVisible();
  await other.reload();
  await expect(other.getByRole('heading', { name: 'Otter of the other tab' })).toBeVisible();
  await page.goto('/pieces');
  await expect(page.getByRole('link', { name: 'Otter of the other tab' })).toBeVisible();
});

test('a removed piece is put back while another tab begins', async ({ page, context }) => {
  await page.goto('/pieces');
  await page.getByRole('button', { name: /^Remove.*Adder in a coil/ }).click();
  const other = await context.newPage();
  await other.goto('/pieces');
  await expect(other.getByRole('link', { name: 'Otter on the log' })).toBeVisible();
  await expect(other.getByRole('link', { name: 'Adder in a coil' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('link', { name: 'Adder in a coil' })).toBeVisible();
});

test('Escape leaves a name as it was', async ({ page }) => {
  await openOtter(page, 'measure');
  await page.getByTitle('Rename').click();
  const field = page.getByRole('textbox', { name: 'Name of the piece' });
  await field.fill('Half a th');
  await field.press('Escape');
  await expect(page.getByRole('heading', { name: 'Otter on the log' })).toBeVisible();
});

test.describe('where the browser refuses', () => {
  test('to write, all works and can be saved to a file, and every page says so', async ({
    page,
  }) => {
    await page.addInitScript(() => {
      const put = IDBObjectStore.prototype.put;
      let full = true;
      Object.assign(window, { makeRoom: () => (full = false) });
      IDBObjectStore.prototype.put = function (...args) {
        if (full && this.name !== 'local-forage-detect-blob-support')
          throw new DOMException('The quota is used up', 'QuotaExceededError');
        return put.apply(this, args);
      };
    });
    await page.goto('/');
    await expect(page).toHaveURL(/otter-on-the-log\/measure/);
    const notice = page.getByRole('alert').filter({ hasText: 'no more room' });
    await expect(notice).toBeVisible();
    await type(page, 'Scale', '1:4');
    await expect(row(page, 'measure.scale')).toContainText('1:4');
    await expect(page.getByRole('status').filter({ hasText: 'Not saved' })).toBeVisible();
    expect(await nameInFile(page)).toBe('Otter on the log');
    await notice.getByRole('link', { name: 'Save pieces to files' }).click();
    await expect(page.getByRole('link', { name: 'Otter on the log' })).toBeVisible();
    await expect(notice).toBeVisible();
    await page.evaluate(() => (window as unknown as { makeRoom: () => void }).makeRoom());
    await notice.getByRole('button', { name: 'Try again' }).click();
    await expect(notice).toHaveCount(0);
    await page.goto('/piece/otter-on-the-log/measure');
    await expect(row(page, 'measure.scale')).toContainText('1:4');
  });

  test('any store at all, a first visit opens and works', async ({ page }) => {
    await page.addInitScript(() => {
      const refuse = (): never => {
        throw new DOMException('Site data are blocked', 'SecurityError');
      };
      for (const name of ['indexedDB', 'localStorage'])
        Object.defineProperty(window, name, { configurable: true, get: refuse });
    });
    await page.goto('/');
    await expect(page).toHaveURL(/otter-on-the-log\/measure/);
    await expect(page.getByRole('alert').filter({ hasText: 'cannot be read' })).toBeVisible();
    await type(page, 'Scale', '1:5');
    await expect(row(page, 'measure.scale')).toContainText('1:5');
    expect(await nameInFile(page)).toBe('Otter on the log');
  });
});

test('a part that cannot be fetched is told, with the ways on', async ({ page }) => {
  await openOtter(page, 'measure');
  await page.route(/WireStage/, (route) => route.abort());
  await page.getByRole('link', { name: /^Wire/ }).click();
  await expect(page.getByText('A part of the application could not be fetched')).toBeVisible();
  // What is there goes on working.
  await type(page, 'Scale', '1:4');
  await expect(row(page, 'measure.scale')).toContainText('1:4');
  await saved(page);
  await page.unroute(/WireStage/);
  await page.getByRole('button', { name: 'Load the page again' }).click();
  await expect(row(page, 'measure.scale')).toContainText('1:4');
});

test('a worker that cannot be fetched is told, and the next change finds it again', async ({
  page,
}) => {
  // Its address leads nowhere, as after a newer version was put in its place.
  await page.addInitScript(() => {
    const Real = window.Worker;
    let missing = true;
    Object.assign(window, { findWorkers: () => (missing = false) });
    window.Worker = class extends Real {
      constructor(address: string | URL, options?: WorkerOptions) {
        super(missing ? '/assets/missing.js' : address, options);
      }
    };
  });
  // No answer that another test has kept may stand in.
  await page.goto('/robots.txt');
  await page.evaluate(
    () =>
      new Promise<void>((done, fail) => {
        const gone = indexedDB.deleteDatabase('keen-sinew-answers');
        gone.onsuccess = () => done();
        gone.onerror = () => fail(gone.error);
      }),
  );
  await openOtter(page, 'mass');
  const told = page
    .getByRole('alert')
    .filter({ hasText: /could not be worked out/ })
    .first();
  await expect(told).toBeVisible();
  await page.evaluate(() => (window as unknown as { findWorkers: () => void }).findWorkers());
  await told.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('button', { name: /^Clay \d/ })).toBeVisible();
});

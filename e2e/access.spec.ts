import { expect, test, type Page } from './test.ts';
import { axeFinds } from './axe.ts';
import { bodyDone, openOtter, row, settingKept, unfold } from './helpers.ts';

/** Addresses that are opened one by one. */
const SCREENS = [
  '/pieces',
  '/workshop',
  '/library',
  '/library/red-deer?with=woolly-mammoth,grey-heron',
  '/library/own/none',
  '/piece/heron-at-the-sluice/stance',
  '/piece/adder-in-a-coil/wire',
  '/piece/otter-on-the-log/measure/pictures/otter-front',
  '/piece/otter-on-the-log/measure/photograph',
  '/piece/heron-at-the-sluice/measure/found',
  '/piece/adder-in-a-coil/measure/pictures',
  '/piece/otter-on-the-log/measure/tape',
  '/piece/otter-on-the-log/bending/B/3',
  '/piece/otter-on-the-log/working/mass.core',
  '/piece/adder-in-a-coil/bench/days',
  '/piece/no-such-piece/wire',
  '/no/such/page',
];
/** Stages of the otter, each reached from the one before. */
const STAGES = ['Measure', 'Stance', 'Wire', 'Mass', 'Cure', 'Skin', 'Colour', 'Bench'];

/** What goes wrong behind a page: errors it throws or logs, and anything asked of another address. */
function troubles(page: Page, baseURL: string | undefined): readonly string[] {
  const all: string[] = [];
  page.on('console', (message) => message.type() === 'error' && all.push(message.text()));
  page.on('pageerror', (error) => all.push(error.message));
  page.on('request', (request) => {
    if (!request.url().startsWith(baseURL ?? '') && !/^(blob|data):/.test(request.url()))
      all.push(request.url());
  });
  return all;
}

/** A screen at rest, with its ledger unfolded, and nothing on it for axe to find. */
async function standsUp(page: Page): Promise<void> {
  await expect(page.getByRole('main')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
  await expect(page.getByText(/Opening the piece|being worked out/i)).toHaveCount(0);
  await expect(page.locator('[data-idle="false"]')).toHaveCount(0);
  await unfold(page);
  expect(await axeFinds(page)).toEqual([]);
}

/** The page itself is as high as its window: only its ledger and its lists scroll. */
const fitsItsWindow = (page: Page): Promise<void> =>
  expect
    .poll(() =>
      page.evaluate(() => {
        const { scrollHeight, clientHeight } = document.documentElement;
        return scrollHeight - clientHeight;
      }),
    )
    .toBe(0);

for (const path of SCREENS) {
  test(`axe finds nothing on ${path}, and it keeps the content security policy`, async ({
    page,
    baseURL,
  }) => {
    const all = troubles(page, baseURL);
    await page.goto(path);
    await standsUp(page);
    expect(all).toEqual([]);
  });
}

test('axe finds nothing in any room of Bench, and each keeps the content security policy', async ({
  page,
  baseURL,
}) => {
  const all = troubles(page, baseURL);
  await openOtter(page, 'bench/now');
  for (const room of ['Now', 'Stock and cost', 'Log', 'Finished']) {
    await page.getByRole('link', { name: room, exact: true }).click();
    await standsUp(page);
  }
  expect(all).toEqual([]);
});

test('axe finds nothing in any stage, and each keeps the content security policy', async ({
  page,
  baseURL,
}) => {
  const all = troubles(page, baseURL);
  await openOtter(page, 'measure');
  await bodyDone(page);
  for (const stage of STAGES) {
    await test.step(stage, async () => {
      await page.getByRole('link', { name: new RegExp(`^${stage}`) }).click();
      await expect(page.getByRole('heading', { level: 2, name: stage, exact: true })).toBeVisible();
      await standsUp(page);
      await fitsItsWindow(page);
    });
  }
  expect(all).toEqual([]);
});

test('the night bench can be read, and stays after a reload', async ({ page }) => {
  await openOtter(page, 'measure');
  await page.getByRole('button', { name: 'Night bench' }).click();
  await settingKept(page, 'theme', 'night');
  for (const stage of ['cure', 'bench']) {
    await openOtter(page, stage);
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'night');
    await bodyDone(page);
    expect(await axeFinds(page, ['color-contrast'])).toEqual([]);
  }
  await page.getByRole('button', { name: 'Paper by day' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'day');
});

test('axe finds nothing in the dialogs', async ({ page }) => {
  await openOtter(page, 'wire');
  await page.keyboard.press('p');
  await expect(page.getByRole('dialog', { name: 'Sheets and files' })).toBeVisible();
  expect(await axeFinds(page)).toEqual([]);
});

test('by keyboard alone: to a stage, into a working, a value typed, and undone', async ({
  page,
}) => {
  await openOtter(page, 'measure');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the sheet' })).toBeFocused();
  await page.getByRole('link', { name: /^Wire/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/wire$/);
  await row(page, 'wire.B.bend.1.mark').focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('.detail')).toContainText('mark =');
  await page.getByRole('link', { name: /^Measure/ }).focus();
  await page.keyboard.press('Enter');
  const scale = page.getByRole('textbox', { name: 'Scale', exact: true });
  await scale.focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('1:4');
  await page.keyboard.press('Enter');
  await expect(row(page, 'measure.scale')).toContainText('1:4');
  await row(page, 'measure.scale').focus();
  await page.keyboard.press('Control+z');
  await expect(row(page, 'measure.scale')).toContainText('1:3');
});

test('the keys are listed on every page, and focus goes back where it was', async ({ page }) => {
  await openOtter(page, 'wire');
  const cut = row(page, 'wire.B.cut');
  await cut.focus();
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await expect(keys).toContainText('go to the place of the snag that is told');
  expect(await axeFinds(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(keys).toBeHidden();
  await expect(cut).toBeFocused();
  await page.goto('/pieces');
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.keyboard.press('?');
  await expect(keys).toBeVisible();
});

test('a narrow window keeps the ledger in a drawer', async ({ page }) => {
  await page.setViewportSize({ width: 860, height: 700 });
  await openOtter(page, 'wire');
  await expect(page.getByRole('heading', { name: 'Wire', exact: true })).toBeHidden();
  await page.getByRole('button', { name: 'Open the ledger' }).click();
  await expect(page.getByRole('heading', { name: 'Wire', exact: true })).toBeVisible();
});

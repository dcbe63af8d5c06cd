import { expect, test } from './test.ts';
import { choose, downloaded, numberOf, pick, row, type } from './helpers.ts';
import type { Page } from '@playwright/test';

/** Colour of a demonstration piece, once tubes and recipes are found. */
async function openColour(page: Page, piece: string): Promise<void> {
  await page.goto(`/piece/${piece}/colour`);
  await expect(page.getByRole('heading', { name: 'Colour', exact: true })).toBeVisible();
  await expect(page.locator('[data-settled="true"]')).toBeVisible({ timeout: 60_000 });
}

/** The colours of the zones on the drawing. */
const fills = (page: Page): Promise<readonly (string | null)[]> =>
  page
    .locator('.board .fill .area')
    .evaluateAll((all) => all.map((of) => getComputedStyle(of).fill));

test('the animal is stepped through its layers, and each says what to mix', async ({ page }) => {
  await openColour(page, 'wolf-at-the-carr');
  await expect(page.getByText('After tips')).toBeVisible();
  const last = await fills(page);
  const slider = page.getByRole('slider', { name: 'Layers shown' });
  await slider.focus();
  await slider.press('Home');
  await expect(page.getByText('On its ground')).toBeVisible();
  await slider.press('ArrowRight');
  await expect(page.getByText('After underpainting')).toBeVisible();
  expect(await fills(page)).not.toEqual(last);
  await page.getByRole('button', { name: 'Belly', exact: true }).click();
  await expect(row(page, 'colour.zone.belly.ridge-1.off')).toBeVisible();
  await choose(page, 'Colour card');
  await expect(page.getByRole('rowheader', { name: 'Belly' })).toBeVisible();
});

test('tubes are few, kept by hand, and the shelf is short of what it lacks', async ({ page }) => {
  await openColour(page, 'otter-on-the-log');
  const tubes = page.locator('.ledger tbody tr', { hasText: 'ml' });
  await expect(tubes).toHaveCount(4);
  await type(page, 'Tubes for all of it', '2');
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
  await expect(tubes).toHaveCount(2);
  await page.getByRole('button', { name: 'Slate blue', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Kept.*Slate blue/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Kept.*Slate blue/ })).toHaveCount(0);
});

test('another way has other layers and steps: coloured clay is mixed and not painted', async ({
  page,
}) => {
  await openColour(page, 'otter-on-the-log');
  await pick(page, 'Way to colour', 'Coloured clay, no paint');
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
  await page.getByRole('button', { name: 'Belly', exact: true }).click();
  expect(await numberOf(page, 'colour.zone.belly.clay')).toBeGreaterThan(5);
  await page.getByRole('link', { name: /^Bench/ }).click();
  await expect(page.locator('.step').filter({ hasText: 'Mix the coloured clay' })).toBeVisible();
  await expect(page.locator('.step').filter({ hasText: 'Prime' })).toHaveCount(0);
});

test('colours go out as palette and table, and a palette comes into the workshop', async ({
  page,
}) => {
  await openColour(page, 'otter-on-the-log');
  await page.getByRole('button', { name: 'Print shop sheets' }).click();
  const gpl = await downloaded(page, () =>
    page.getByRole('button', { name: 'Palette (GPL)' }).click(),
  );
  expect(gpl.toString().split('\n')[0]).toBe('GIMP Palette');
  const csv = await downloaded(page, () =>
    page.getByRole('button', { name: 'Recipes (CSV)' }).click(),
  );
  expect(csv.toString()).toContain('Belly,light-down,Base,');
  await page.goto('/workshop');
  const names = page.getByRole('textbox', { name: 'Paint, name' });
  await page.locator('#paints').waitFor();
  const before = await names.count();
  await page.getByLabel('Take in a palette (.gpl)').setInputFiles({
    ...{ name: 'two.gpl', mimeType: 'text/plain' },
    buffer: Buffer.from('GIMP Palette\nName: two\n#\n 90  68  48\tLoam\n240 236 226\tChalk\n'),
  });
  await expect(names).toHaveCount(before + 2);
  await page.getByLabel('Take in a palette (.gpl)').setInputFiles({
    ...{ name: 'bad.gpl', mimeType: 'text/plain' },
    buffer: Buffer.from('GIMP Palette\n900 0 0\tHot\n'),
  });
  await expect(page.getByRole('alert')).toContainText('900 0 0');
});

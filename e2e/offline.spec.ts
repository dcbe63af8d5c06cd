import { fileURLToPath } from 'node:url';
import { expect, test } from '@playwright/test';
import { routeSizes } from '../scripts/routeSizes.ts';
import { row, type, saved, workedOut } from './helpers.ts';

/** Script of the first page as it travels, bytes: what a slow line at a bench can bear. */
const FIRST_PAGE_LIMIT = 392_000;

test.describe('without a network', () => {
  test.use({ serviceWorkers: 'allow' });

  test('after the first visit everything opens, also what was never opened before', async ({
    page,
    context,
  }) => {
    await page.goto('/pieces');
    await expect(page.getByText('Kept in this browser: it opens without a network')).toBeVisible();
    await context.setOffline(true);
    await page.goto('/piece/otter-on-the-log/measure');
    await type(page, 'Scale', '1:4');
    await saved(page);
    await page.reload();
    await expect(row(page, 'measure.scale')).toContainText('1:4');
    await workedOut(page);
    await expect(page.locator('.apexcharts-series').first()).toBeVisible();
    await page.getByRole('link', { name: /^Bench/ }).click();
    await expect(page.getByRole('button', { name: 'Work at the bench' })).toBeVisible();
    await page.getByRole('button', { name: 'Print shop sheets' }).click();
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Shop sheets (PDF, A4)' }).click();
    expect((await waiting).suggestedFilename()).toBe('otter-on-the-log-sheets.pdf');
  });
});

test('the first page stays light', () => {
  const sizes = routeSizes(fileURLToPath(new URL('../web/dist', import.meta.url)));
  const first = sizes[0]!;
  expect(first.packedBytes).toBeGreaterThan(50_000);
  expect(first.packedBytes).toBeLessThan(FIRST_PAGE_LIMIT);
});

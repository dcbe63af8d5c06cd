import { expect, test } from './test.ts';
import { openOtter } from './helpers.ts';

test('a wire is bent one bend at a time by space, arrows and taps', async ({ page }) => {
  await openOtter(page, 'wire');
  await page.getByRole('button', { name: 'Bend B at the bench' }).click();
  await expect(page.getByText('bend 1 of 10, from the left hind foot')).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByText('bend 2 of 10')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByText('bend 2 of 10')).toBeVisible();
  await page.mouse.click(1100, 300);
  await expect(page.getByText('bend 3 of 10')).toBeVisible();
  await page.mouse.click(100, 300);
  await expect(page.getByText('bend 2 of 10')).toBeVisible();
  await page.goto(page.url().replace(/\d+$/, '6'));
  await expect(page.getByText(/First wind .*the spine at the hip/)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/wire$/);
});

test('the bench shows the ledger’s numbers, large enough to read at arm’s length', async ({
  page,
}) => {
  await openOtter(page, 'wire');
  const bendTo = await page.locator('[data-working="wire.B.bend.3.bend-to"]').innerText();
  await page.goto('/piece/otter-on-the-log/bending/B/3');
  const big = page.locator('[data-bend-to]');
  await expect(big).toHaveText(bendTo);
  const size = await big.evaluate((one) => Number.parseFloat(getComputedStyle(one).fontSize));
  expect(size).toBeGreaterThanOrEqual(40);
  for (const button of await page.getByRole('button').all()) {
    const box = await button.boundingBox();
    expect(Math.min(box?.width ?? 0, box?.height ?? 0)).toBeGreaterThanOrEqual(64);
  }
});

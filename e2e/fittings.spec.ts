import type { Page } from '@playwright/test';
import { expect, test } from './test.ts';
import { bodyDone, choose, numberOf, openOtter, pick, row, type } from './helpers.ts';

/** The room of fittings of the demonstration otter, its form worked out. */
async function openFittings(page: Page): Promise<void> {
  await openOtter(page, 'cure');
  await page.getByRole('link', { name: 'Fittings' }).click();
  await expect(page.locator('[data-grip="eyes"]')).toBeVisible();
  await bodyDone(page);
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
}

/** Drags a ring by so many pixels. */
async function drag(page: Page, grip: string, dx: number, dy: number): Promise<void> {
  const box = (await page.locator(`[data-grip="${grip}"]`).first().boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + dx / 2, y + dy / 2, { steps: 3 });
  await page.mouse.move(x + dx, y + dy, { steps: 3 });
  await page.mouse.up();
}

const steps = (page: Page) => page.getByRole('link', { name: /^Bench/ }).click();

test('an eye is moved on the head, made half a millimetre larger, and shopping and steps follow', async ({
  page,
}) => {
  await openFittings(page);
  const before = await numberOf(page, 'fittings.eyes.from-tip');
  await drag(page, 'eyes', 10, 4);
  await expect.poll(() => numberOf(page, 'fittings.eyes.from-tip')).not.toBe(before);
  await expect(row(page, 'fittings.eyes.sold').first()).toContainText('3.5');
  await page.getByRole('button', { name: '½ mm larger' }).click();
  await expect(row(page, 'fittings.eyes.sold').first()).toContainText('4.0');
  await bodyDone(page);
  await steps(page);
  await expect(page.getByText('Take 2 eyes of glass').first()).toContainText('4.0');
  await expect(page.getByText(/Glass for eyes/).first()).toContainText('4.0');
  // Undone step by step, the eye goes back to where it was.
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await page.getByRole('link', { name: /^Cure/ }).click();
  await page.getByRole('link', { name: 'Fittings' }).click();
  await expect.poll(() => numberOf(page, 'fittings.eyes.from-tip')).toBe(before);
});

test('a row of spikes is set along the back, drawn, listed, made and set', async ({ page }) => {
  await openFittings(page);
  await pick(page, 'Kind of part to add', 'Spikes');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('switch', { name: 'In a row' }).click();
  await type(page, 'How many', '9');
  await drag(page, 'own-spike-1:end', 60, 4);
  await type(page, 'The last, of the first', '50 %');
  await expect(row(page, 'fittings.own-spike-1.count')).toContainText('11');
  await expect(page.locator('[data-grip="own-spike-1:end"]')).toBeVisible();
  await choose(page, 'Templates');
  await expect(page.getByText('Spikes, 9 in a row').first()).toBeAttached();
  await bodyDone(page);
  await steps(page);
  await expect(page.getByText('Make the spikes').first()).toBeVisible();
  await expect(page.getByText('Set the spikes').first()).toBeVisible();
});

test('the forelegs are made apart: tried over their wire, joined, and built in place again', async ({
  page,
}) => {
  await openFittings(page);
  await pick(page, 'Part of the body to make apart', 'Upper arm (humerus)');
  await page.getByRole('button', { name: 'Make apart' }).click();
  await expect(page.getByRole('row', { name: /Forelegs, from upper arm/ })).toContainText('soft');
  await steps(page);
  await bodyDone(page);
  await expect(page.getByText(/Try on: forelegs/).first()).toBeVisible();
});

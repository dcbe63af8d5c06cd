import type { Page } from '@playwright/test';
import { expect, test } from './test.ts';
import { bodyDone, choose, pick, row, type, unfold } from './helpers.ts';

/** A new piece of an animal as it stands, opened at its stance. */
async function make(page: Page, animal: string, stands?: string): Promise<void> {
  await page.goto('/pieces');
  await pick(page, 'Animal', animal);
  if (stands !== undefined) await pick(page, 'How it stands', stands);
  await page.getByRole('button', { name: 'Make the piece' }).click();
  await expect(page).toHaveURL(/\/measure$/);
  await page.getByRole('link', { name: /^Stance/ }).click();
}

/** Goes to Wire and opens all of it. */
async function openWire(page: Page): Promise<void> {
  await page.getByRole('link', { name: /^Wire/ }).click();
  await expect(page.getByRole('row', { name: /A Spine/ })).toBeVisible();
  await unfold(page);
}

const steps = (page: Page) => page.getByRole('link', { name: /^Bench/ }).click();

test('a running theropod stands on one iron that is kept from turning', async ({ page }) => {
  await make(page, 'Deinonychus');
  await choose(page, 'Run');
  await openWire(page);
  // What bears a walk gives in a run: the piece asks for its suggestion anew.
  await page.getByRole('button', { name: 'Suggest' }).first().click();
  await expect(page.getByRole('row', { name: /Back iron/ })).toBeVisible();
  await expect(page.getByText('File a flat along the end of the rod')).toBeVisible();
  await pick(page, 'Against turning', 'Nothing');
  await expect(page.getByText('File a flat along the end of the rod')).toHaveCount(0);
  await pick(page, 'Against turning', 'End bent into a groove');
  await page
    .getByRole('button', { name: /Back iron/ })
    .first()
    .click();
  await expect(page.getByText('Bent under the board, against turning')).toBeVisible();
});

test('a bird on a branch: holes in it, uprights under it, a step and shopping lines; dragged thicker', async ({
  page,
}) => {
  await make(page, 'Barn owl', 'Perching');
  await pick(page, 'Ground', 'Branch');
  await expect(row(page, 'stance.perch.across')).toBeVisible();
  const before = await row(page, 'stance.perch.grams').innerText();
  const side = page.locator('[data-ground="side"]');
  const box = (await side.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 8, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(row(page, 'stance.perch.grams')).not.toHaveText(before);
  await page.getByRole('link', { name: /^Wire/ }).click();
  await expect(page.getByText('Branch from above: holes by number and drill')).toBeVisible();
  await unfold(page);
  await expect(page.getByText('The branch on its board')).toBeVisible();
  await bodyDone(page);
  await steps(page);
  await expect(page.getByText('Cut, drill and set the branch').first()).toBeVisible();
  await expect(page.getByText(/Dowels of/).first()).toBeVisible();
});

test('a posable spider stands free: no pegs, no board, and its steps say so', async ({ page }) => {
  await make(page, 'Raft spider');
  await choose(page, 'Free');
  await expect(page.getByText('It stands on any table by itself')).toBeVisible();
  await expect(row(page, 'balance.tip')).toBeVisible();
  await openWire(page);
  await expect(page.getByText('There is no board and nothing to drill')).toBeVisible();
  await bodyDone(page);
  await steps(page);
  await expect(page.getByText('Stand it up').first()).toBeVisible();
  await expect(page.getByText('Drill the base')).toHaveCount(0);
});

test('a snake rests on its whole line, coiled and stretched, and its board may be shorter', async ({
  page,
}) => {
  await make(page, 'Adder', 'In a coil');
  const width = async (): Promise<number> =>
    Number.parseFloat(await row(page, 'base.length').locator('.value').innerText());
  await openWire(page);
  const coiled = await width();
  await page.getByRole('link', { name: /^Stance/ }).click();
  await choose(page, 'Stretched out');
  await openWire(page);
  await expect.poll(width).toBeGreaterThan(coiled + 80);
  await expect(page.locator('.snags')).not.toContainText('over the edge of the board');
});

test('a sitting beast with six limbs stands on its feet and rump, its rock taken from a few', async ({
  page,
}) => {
  await page.goto('/library');
  await page.getByRole('button', { name: /Hand-and-foot creature/ }).click();
  await page.getByRole('button', { name: 'Make a piece of it' }).click();
  await expect(page).toHaveURL(/\/measure$/);
  await page.getByRole('link', { name: /^Stance/ }).click();
  await choose(page, 'Sitting');
  await pick(page, 'Ground', 'Rock');
  await choose(page, 'Ledge');
  await type(page, 'High', '14 mm');
  await expect(page.locator('[data-ground]')).toHaveCount(5);
  await page.getByRole('link', { name: /^Wire/ }).click();
  await expect(page.getByText('Rock from above: holes by number and drill')).toBeVisible();
});

import type { Page } from '@playwright/test';
import { expect, test } from './test.ts';
import { bodyDone, choose, numberOf, pick, row, saved, type, unfold } from './helpers.ts';

/** Makes a new piece on the page of pieces, of a whole animal or of less. */
async function make(page: Page, name: string, animal: string, howMuch?: string): Promise<void> {
  await page.goto('/pieces');
  await page.getByRole('textbox', { name: 'Name of the new piece' }).fill(name);
  await pick(page, 'Animal', animal);
  if (howMuch !== undefined) await pick(page, 'How much of it', howMuch);
  await page.getByRole('button', { name: 'Make the piece' }).click();
  await expect(page).toHaveURL(/\/measure$/);
}

test('a head hangs on a plate: rod, hole, pull on the fixing; as a bust it stands; undone', async ({
  page,
}) => {
  await make(page, 'Head of a wolf', 'Grey wolf', 'head and neck');
  await expect(page.getByText('hangs on a plate behind it')).toBeVisible();
  await page.getByRole('link', { name: /^Wire/ }).click();
  await expect(page.getByRole('row', { name: /B Rod out of the wall/ })).toBeVisible();
  await expect(page.getByText('Plate from the front, its top to the left')).toBeVisible();
  await page.getByRole('link', { name: /^Stance/ }).click();
  await bodyDone(page);
  const pull = await numberOf(page, 'balance.wall.pull');
  const [grams, out, apart] = [
    await numberOf(page, 'balance.grams'),
    await numberOf(page, 'balance.wall.out'),
    await numberOf(page, 'balance.wall.apart'),
  ];
  // The lever law, from the numbers as they are shown.
  expect(pull).toBeCloseTo(((grams / 1000) * 9.80665 * out) / apart, 1);
  await choose(page, 'On a base');
  await expect(row(page, 'balance.wall.pull')).toHaveCount(0);
  await expect(row(page, 'stance.foot.body-rod')).toContainText('rod from the base up to the body');
  await page.keyboard.press('Control+z');
  await expect(row(page, 'balance.wall.pull')).toBeVisible();
});

test('a relief has half of the head, and the whole animal comes back with its legs', async ({
  page,
}) => {
  await make(page, 'Stag', 'Red deer', 'head in relief');
  await expect(page.getByText('stands out of a plate')).toBeVisible();
  await bodyDone(page);
  const clay = page.getByRole('button', { name: /^Clay \d/ });
  const half = Number.parseFloat((await clay.innerText()).replace('Clay', ''));
  await choose(page, 'head and neck');
  await expect
    .poll(async () => Number.parseFloat((await clay.innerText()).replace('Clay', '')))
    .toBeGreaterThan(1.3 * half);
  await choose(page, 'the whole animal');
  await page.getByRole('link', { name: /^Wire/ }).click();
  await expect(page.getByRole('row', { name: /Hind legs/ })).toBeVisible();
});

test('a new piece has nothing to fix; what was suggested follows the scale, and mine stays', async ({
  page,
}) => {
  await make(page, 'Wolf in the reeds', 'Grey wolf');
  await bodyDone(page);
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
  await expect(page.locator('.snags')).not.toContainText('to fix');
  await page.getByRole('link', { name: /^Wire/ }).click();
  await unfold(page);
  await expect(page.getByText('Scheme and gauges are suggested by load and size')).toBeVisible();
  const spine = page.getByRole('textbox', { name: 'Spine, diameter or gauge' });
  const hind = page.getByRole('textbox', { name: 'Hind legs, diameter or gauge' });
  const before = await spine.inputValue();
  await hind.fill('2.3 mm');
  await hind.press('Enter');
  await expect(page.getByText('but yours: hind legs')).toBeVisible();
  await page.getByRole('link', { name: /^Measure/ }).click();
  await type(page, 'Scale', '1:15');
  await page.getByRole('link', { name: /^Wire/ }).click();
  await unfold(page);
  await expect(hind).toHaveValue(/2\.3/);
  expect(await spine.inputValue()).not.toBe(before);
});

test('a running theropod is seen before it is made, and runs on one iron', async ({ page }) => {
  await page.goto('/pieces');
  await page.getByRole('textbox', { name: 'Name of the new piece' }).fill('Runner');
  await pick(page, 'Animal', 'Deinonychus');
  await pick(page, 'How it stands', 'Running');
  const preview = page.getByRole('region', { name: 'What it will be' });
  await expect(preview.getByRole('button', { expanded: false })).toHaveCount(5);
  const tall = preview.getByRole('button', { name: /^Tall as posed/ });
  const told = await tall.locator('.value').innerText();
  await tall.click();
  await expect(page.getByText('highest point of the posed skin').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Make the piece' }).click();
  await expect(page).toHaveURL(/\/measure$/);
  // What was told before is what is there.
  await expect(page.getByRole('button', { name: `Tall as posed ${told}` })).toBeVisible();
  await page.getByRole('link', { name: /^Wire/ }).click();
  await expect(page.getByRole('row', { name: /Back iron/ })).toBeVisible();
  await bodyDone(page);
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
  await expect(page.locator('.snags')).not.toContainText('to fix');
});

test('a snag that is known is counted apart, survives a reload, and is told again', async ({
  page,
}) => {
  await page.goto('/piece/otter-on-the-log/stance');
  await expect(page.locator('.snags')).toContainText('centre of mass');
  await page.locator('.snags .counts').click();
  const list = page.getByRole('dialog');
  const near = list.locator('li', { hasText: 'The centre of mass is only' });
  await near.getByRole('button', { name: 'I know' }).click();
  await expect(list.getByRole('heading', { name: 'Known to you' })).toBeVisible();
  await expect(near.getByRole('button', { name: 'Tell me again' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.locator('.snags')).toContainText('1 known');
  await saved(page);
  await page.reload();
  await expect(page.locator('.snags')).toContainText('1 known');
  await page.locator('.snags .counts').click();
  await near.getByRole('button', { name: 'Tell me again' }).click();
  await page.keyboard.press('Escape');
  await expect(page.locator('.snags')).not.toContainText('known');
});

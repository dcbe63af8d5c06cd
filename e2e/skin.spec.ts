import { expect, test } from './test.ts';
import { choose, downloaded, numberOf, pick, row, type, unfold } from './helpers.ts';
import type { Page } from '@playwright/test';

/** A room of Skin of a demonstration piece, once all of it is worked out. */
async function openSkin(page: Page, piece: string, room = ''): Promise<void> {
  await page.goto(`/piece/${piece}/skin${room}`);
  await expect(page.getByRole('heading', { name: 'Skin', exact: true })).toBeVisible();
  await expect(page.locator('[data-settled="true"]')).toBeVisible({ timeout: 60_000 });
}

/** The points of the lines on the sheet, as they are drawn. */
const lines = (page: Page) =>
  page
    .locator('.board .ink-mid.line path')
    .evaluateAll((all) => all.map((of) => of.getAttribute('d')));

/** Goes through the line of snags until one says these words. */
async function told(page: Page, words: RegExp): Promise<void> {
  const line = page.getByText(words).first();
  await expect(async () => {
    if (!(await line.isVisible())) await page.getByRole('button', { name: 'Next' }).click();
    await expect(line).toBeVisible({ timeout: 500 });
  }).toPass();
}

test('the coat is seen from all sides, and a zone says what it takes', async ({ page }) => {
  await openSkin(page, 'otter-on-the-log');
  await expect(page.getByText('Coat from the side')).toBeVisible();
  expect(await page.locator('.board .fill .area').count()).toBeGreaterThan(5);
  await choose(page, 'Head');
  await expect(page.getByText(/^Coat from the side, \d×$/)).toBeVisible();
  await choose(page, 'Samples');
  await expect(page.getByText('Throat and chin').first()).toBeVisible();
  const total = await numberOf(page, 'skin.work.total');
  expect(total).toBeGreaterThan(60);
  await unfold(page);
  await type(page, 'Strokes a minute', '100');
  await expect.poll(() => numberOf(page, 'skin.work.total')).toBeLessThan(0.8 * total);
  await page.getByRole('button', { name: 'Tail', exact: true }).click();
  await pick(page, 'How the coat of Tail is made', 'Planted hair');
  await expect(row(page, 'skin.zone.tail.tufts')).toBeVisible();
  await type(page, 'Hairs on a cm², Tail', '100');
  const tufts = await numberOf(page, 'skin.zone.tail.tufts');
  await unfold(page);
  await type(page, 'Hairs in a tuft', '28');
  await expect
    .poll(async () => Math.abs((await numberOf(page, 'skin.zone.tail.tufts')) - tufts / 2))
    .toBeLessThan(2);
  await page.getByRole('link', { name: /^Bench/ }).click();
  await expect(page.getByText('Fibre for tail', { exact: false }).first()).toBeVisible();
});

test('a line is drawn on the map, moved by key, mirrored, undone; the map follows', async ({
  page,
}) => {
  await openSkin(page, 'otter-on-the-log', '/lie');
  await expect(page.getByText('Coat from the side')).toBeVisible();
  const before = await lines(page);
  expect(before.length).toBeGreaterThan(30);
  await choose(page, 'Line');
  const field = (await page.locator('[data-draw="lie"]').boundingBox())!;
  const at = (x: number, y: number): [number, number] => [
    field.x + x * field.width,
    field.y + y * field.height,
  ];
  await page.mouse.move(...at(0.42, 0.3));
  await page.mouse.down();
  for (const y of [0.34, 0.38, 0.42, 0.46, 0.5]) await page.mouse.move(...at(0.42, y));
  await page.mouse.up();
  await expect(page.locator('[data-mark]').first()).toBeVisible();
  await expect(page.locator('[data-settled="true"]')).toBeVisible({ timeout: 60_000 });
  await expect.poll(() => lines(page)).not.toEqual(before);
  const grip = page.locator('[data-mark="guide-1.0"]');
  const from = await grip.getAttribute('cx');
  await grip.focus();
  await page.keyboard.press('ArrowRight');
  await expect.poll(() => grip.getAttribute('cx')).not.toBe(from);
  await page.getByRole('switch', { name: 'On the other side too' }).click();
  await page.getByRole('button', { name: 'Remove this mark' }).click();
  await expect(page.locator('[data-mark]')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-mark]').first()).toBeVisible();
});

test('a whorl that comes by itself is set, typed, and lost with its bone only in words', async ({
  page,
}) => {
  await openSkin(page, 'wolf-at-the-carr', '/lie');
  await page.getByRole('button', { name: /Whorl on the/ }).click();
  await type(page, 'Turns by', '90');
  await type(page, 'Radius in life', '900000');
  await expect(page.getByText(/Radius in life: received/)).toBeVisible();
  await type(page, 'Radius in life', '60');
  await expect(page.getByRole('textbox', { name: 'Radius in life' })).toHaveValue(/^60/);
  await unfold(page);
  await page.getByRole('button', { name: 'Set it' }).first().click();
  await expect(page.getByRole('button', { name: /Whorl on the/ })).toHaveCount(2);
});

test('rows are set, the skin laid flat goes out, and a roller that misses itself is told', async ({
  page,
}) => {
  await openSkin(page, 'adder-in-a-coil', '/scales');
  await expect(page.getByText(/laid flat in \d pieces/)).toBeVisible();
  const wide = await numberOf(page, 'skin.tube.trunk.width');
  await type(page, 'Scales round', '9');
  await expect.poll(() => numberOf(page, 'skin.tube.trunk.width')).toBeGreaterThan(1.8 * wide);
  await told(page, /out of scale/);
  await page.getByRole('button', { name: 'counted' }).click();
  await expect.poll(() => numberOf(page, 'skin.tube.trunk.width')).toBeCloseTo(wide, 2);
  await page.getByRole('button', { name: 'Print shop sheets' }).click();
  const csv = await downloaded(page, () =>
    page.getByRole('button', { name: 'Coat (CSV)' }).click(),
  );
  expect(csv.toString()).toMatch(/scales round",21,/);
  const pdf = await downloaded(page, () =>
    page.getByRole('button', { name: 'Coat (PDF)' }).click(),
  );
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Add a stamp' }).click();
  await choose(page, 'Roller');
  await told(page, /misses itself by/);
  await expect(row(page, 'skin.stamp.stamp-1.seam')).toBeVisible();
});

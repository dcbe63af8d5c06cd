import { axeFinds } from './axe.ts';
import { bodyDone, choose, downloaded, numberOf, pick, row, saved, type } from './helpers.ts';
import { expect, test } from './test.ts';

test('a marking is added, dragged on the animal, typed, laid flat and undone', async ({ page }) => {
  await page.goto('/piece/wolf-at-the-carr/colour');
  await page.getByRole('link', { name: 'Markings' }).click();
  await bodyDone(page);
  const list = page.locator('.ledger ol');
  await expect(list.getByRole('button', { name: 'Saddle' })).toBeVisible();
  await pick(page, 'What to add', 'Bands of the back');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const added = list.getByRole('button', { name: 'Bands of the back' });
  await expect(added).toHaveAttribute('aria-pressed', 'true');
  await bodyDone(page);
  const area = 'colour.marking.mark-saddles-1-1.area';
  const before = await numberOf(page, area);
  // Its second corner is dragged to the middle of the trunk.
  const [first, second] = await Promise.all(
    [0, 1].map((n) => page.locator(`[data-mark="saddles-1.${n}"]`).boundingBox()),
  );
  await page.mouse.move(second!.x + second!.width / 2, second!.y + second!.height / 2);
  await page.mouse.down();
  const halfway = first!.x + 0.5 * (second!.x - first!.x);
  await page.mouse.move(halfway, first!.y + 50, { steps: 8 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'Undo' })).toHaveAttribute('title', /Move a place/);
  await bodyDone(page);
  await expect.poll(() => numberOf(page, area)).toBeLessThan(before);
  await type(page, 'Width of ring 1 in life', '40');
  await expect(row(page, 'colour.marking.saddles-1.ring-1.wide')).toBeVisible();
  expect(await axeFinds(page)).toEqual([]);
  await choose(page, 'Numbered');
  await expect(page.getByText('To paint by, from the side')).toBeVisible();
  await choose(page, 'Laid flat');
  await expect(page.getByText('to wrap, pounce or trace').first()).toBeVisible();
  await saved(page);
  for (let n = 0; n < 3; n++) await page.keyboard.press('Control+z');
  await expect(added).toHaveCount(0);
  await expect(page.getByText('These are the animal’s own')).toBeVisible();
});

test('a ringed legend goes out as masks, and its rings have colours to mix', async ({ page }) => {
  await page.goto('/piece/old-girdle/colour/markings');
  await bodyDone(page);
  await expect(row(page, 'colour.marking.rings.ring-1.wide')).toContainText('mm');
  await page.getByRole('link', { name: 'Its layers, sheen and mix' }).first().click();
  await expect(page.getByRole('heading', { name: 'Coal of the rings' })).toBeVisible();
  await bodyDone(page);
  await expect(row(page, 'colour.zone.mark-rings-1.marking.ml')).toBeVisible();
  await page.getByRole('button', { name: 'Print shop sheets' }).click();
  const svg = await downloaded(page, async () => {
    await page.getByRole('button', { name: 'Masks (SVG)' }).click();
  });
  expect(svg.toString()).toContain('mask mark-rings-1');
});

test('the painted piece is checked against a picture of the animal', async ({ page }) => {
  await page.goto('/piece/wolf-at-the-carr/colour/check');
  await bodyDone(page);
  await expect(page.getByText('Picture and piece stand at one scale.')).toBeVisible();
  await pick(page, 'Which zone or marking', 'Saddle');
  const marks = page.locator('[data-palette="marks"]');
  const box = (await marks.boundingBox())!;
  const at = (x: number, y: number) => [box.x + x * box.width, box.y + y * box.height] as const;
  await page.mouse.move(...at(0.42, 0.24));
  await page.mouse.down();
  for (const [x, y] of [
    [0.6, 0.26],
    [0.6, 0.3],
    [0.42, 0.28],
  ] as const)
    await page.mouse.move(...at(x, y), { steps: 6 });
  await page.mouse.up();
  const tell = page.getByRole('button', { name: 'This is saddle' });
  await expect(tell).toBeEnabled();
  await tell.click();
  const check = page.locator('[data-check="mark-saddle-1"]');
  await expect(check).toBeVisible();
  const off = Number.parseFloat((await check.locator('td').nth(3).innerText()).trim());
  expect(off).toBeGreaterThan(0);
  expect(off).toBeLessThan(20);
  expect(await axeFinds(page)).toEqual([]);
  await saved(page);
  await page.getByRole('button', { name: /^Drop\s*: Saddle$/ }).click();
  await expect(page.getByText('Nothing is compared yet.')).toBeVisible();
});

test('the piece is laid over a picture, moved, sized, and all that is seen is read at once', async ({
  page,
}) => {
  await page.goto('/piece/wolf-at-the-carr/colour/check');
  await bodyDone(page);
  await page.getByRole('switch', { name: 'Lay the piece over it' }).click();
  const laid = page.locator('[data-check="laid"]');
  await expect(laid).toBeVisible();
  const place = () => laid.locator('g').first().getAttribute('transform');
  const before = await place();
  await laid.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('+');
  expect(await place()).not.toBe(before);
  const corner = (await laid.locator('[data-check="size"]').boundingBox())!;
  await page.mouse.move(corner.x + corner.width / 2, corner.y + corner.height / 2);
  await page.mouse.down();
  await page.mouse.move(corner.x - 60, corner.y - 40, { steps: 4 });
  await page.mouse.up();
  const smaller = (await laid.locator('.edge').boundingBox())!;
  expect(smaller.x + smaller.width).toBeLessThan(corner.x);
  await page.getByRole('button', { name: 'Lay it anew' }).click();
  expect(await place()).toBe(before);
  await page.getByRole('button', { name: 'Read what lies under it' }).click();
  const saddle = page.locator('[data-check="mark-saddle-1"]');
  await expect(saddle).toBeVisible();
  const off = Number.parseFloat((await saddle.locator('td').nth(3).innerText()).trim());
  expect(off).toBeGreaterThan(0);
  expect(off).toBeLessThan(15);
  expect(await page.locator('[data-check] td:nth-child(4)').count()).toBeGreaterThan(5);
  expect(await axeFinds(page)).toEqual([]);
  // One step takes all of it back.
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Nothing is compared yet.')).toBeVisible();
});

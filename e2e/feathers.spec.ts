import { axeFinds } from './axe.ts';
import { choose, row, saved, type, unfold } from './helpers.ts';
import { expect, test } from './test.ts';

test('feathers are numbered, cut from sheet, set in number, and taken to SVG and DXF', async ({
  page,
}) => {
  await page.goto('/piece/heron-at-the-sluice/skin/feathers');
  await expect(
    page.getByText('Feathers of the left wing, spread and seen from above'),
  ).toBeVisible();
  await expect(page.locator('.board').getByText('P10', { exact: true })).toBeVisible();
  await unfold(page);
  // An edge is pulled wider with the mouse, and the step taken back.
  await choose(page, 'One feather');
  const edge = page.locator('[data-vane="behind.3"]');
  const before = Number(await edge.getAttribute('aria-valuenow'));
  const at = (await edge.boundingBox())!;
  const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 30, { steps: 6 });
  await page.mouse.up();
  await expect
    .poll(async () => Number(await edge.getAttribute('aria-valuenow')))
    .toBeGreaterThan(1.2 * before);
  expect(await axeFinds(page)).toEqual([]);
  await page.keyboard.press('Control+z');
  await expect(edge).toHaveAttribute('aria-valuenow', String(before));
  await choose(page, 'Wing, spread');
  await type(page, 'Each side, secondaries', '19');
  await expect(page.locator('.board').getByText('S19', { exact: true })).toBeVisible();
  await page
    .getByRole('radiogroup', { name: 'How the primaries are made' })
    .getByText('Cut from sheet')
    .click();
  await expect(row(page, 'skin.feathers.shafts')).toBeVisible();
  await choose(page, 'To cut');
  await expect(page.getByText('Feathers to cut, sheet 1, felt')).toBeVisible();
  await expect(page.locator('.board').getByText('L P10', { exact: true })).toBeVisible();
  await expect(page.locator('.board').getByText('R P10', { exact: true })).toBeVisible();
  expect(await axeFinds(page)).toEqual([]);
  await saved(page);
  await page.keyboard.press('p');
  const names: string[] = [];
  page.on('download', (file) => names.push(file.suggestedFilename()));
  await page.getByRole('button', { name: /^Feathers \(SVG\)/ }).click();
  await expect.poll(() => names.filter((name) => name.endsWith('.svg')).length).toBe(3);
  await page.getByRole('button', { name: /^Feathers \(DXF\)/ }).click();
  await expect.poll(() => names.filter((name) => name.endsWith('.dxf')).length).toBe(3);
  expect(names.toSorted()[0]).toBe('heron-at-the-sluice-feathers-cut-1.dxf');
});

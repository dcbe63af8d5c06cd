import { axeFinds } from './axe.ts';
import { pick, saved } from './helpers.ts';
import { expect, test } from './test.ts';

test('colours are read from a picture, kept with what the light did, taken for a zone, and undone', async ({
  page,
}) => {
  await page.goto('/piece/heron-at-the-sluice/colour');
  await page.getByRole('link', { name: 'From pictures' }).click();
  const colours = page.locator('[data-palette-colour]');
  await expect(colours).toHaveCount(5);
  const whole = await colours.first().textContent();
  // Drawn round with the mouse: the answer is of that area alone.
  const marks = page.locator('[data-palette="marks"]');
  const box = (await marks.boundingBox())!;
  const at = (x: number, y: number) => [box.x + x * box.width, box.y + y * box.height] as const;
  await page.mouse.move(...at(0.45, 0.4));
  await page.mouse.down();
  for (const [x, y] of [
    [0.6, 0.4],
    [0.6, 0.55],
    [0.45, 0.55],
  ] as const)
    await page.mouse.move(...at(x, y), { steps: 8 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'All of the picture' })).toBeVisible();
  await expect.poll(() => colours.first().textContent()).not.toBe(whole);
  expect(await axeFinds(page)).toEqual([]);
  await page.getByRole('button', { name: 'Keep it with its shade and light' }).click();
  const found = page.locator('[data-found]');
  await expect(found).toHaveCount(1);
  const hex = (await found.locator('.number').textContent())!;
  await pick(page, 'Take Colour 1 for a zone', 'Back and flanks');
  await expect(page.getByRole('button', { name: 'Undo' })).toHaveAttribute(
    'title',
    /Colour 1 for back and flanks/,
  );
  await saved(page);
  await page.getByRole('link', { name: 'Layers' }).click();
  await page.getByRole('button', { name: 'Back and flanks', exact: true }).click();
  const aim = page.getByRole('textbox', { name: 'Colour of Back and flanks', exact: true });
  await expect(aim).toHaveValue(hex);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await page.getByRole('link', { name: 'From pictures' }).click();
  await expect(page.getByText('Nothing is kept yet.')).toBeVisible();
});

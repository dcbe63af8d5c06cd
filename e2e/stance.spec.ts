import { expect, test, type Page } from '@playwright/test';
import { numberOf, openOtter, row, saved, type } from './helpers.ts';

/** Drags a handle of the sheet by some pixels. */
async function drag(page: Page, handle: string, dx: number, dy: number): Promise<void> {
  const box = await page.locator(`[data-handle="${handle}"]`).boundingBox();
  if (box === null) throw new Error(`no handle ${handle}`);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + dx / 2, y + dy / 2, { steps: 4 });
  await page.mouse.move(x + dx, y + dy, { steps: 4 });
  await page.mouse.up();
}

async function cutOf(page: Page, wire: string): Promise<number> {
  const text = await page
    .getByRole('row', { name: new RegExp(`^${wire}`) })
    .locator('.cut')
    .first()
    .innerText();
  return Number.parseFloat(text);
}

test('dragging a joint changes the wire to cut while no bone changes', async ({ page }) => {
  await openOtter(page, 'wire');
  const before = await cutOf(page, 'C Forelegs');
  await page.getByRole('link', { name: /^Measure/ }).click();
  const bone = await row(page, 'measure.bone.humerus.model').innerText();
  await page.getByRole('link', { name: /^Stance/ }).click();
  await drag(page, 'side:radius.R', -40, -30);
  await saved(page);
  await page.getByRole('link', { name: /^Measure/ }).click();
  expect(await row(page, 'measure.bone.humerus.model').innerText()).toBe(bone);
  await page.getByRole('link', { name: /^Wire/ }).click();
  await expect.poll(() => cutOf(page, 'C Forelegs')).not.toBe(before);
});

test('a typed angle moves the limb, a hanging foot is told, and planting mends it', async ({
  page,
}) => {
  await openOtter(page, 'stance');
  await page.getByRole('button', { name: 'Standing' }).click();
  await type(page, 'Hip joint, left, flexion, degrees', '40');
  await expect(page.locator('.snags')).toContainText('left hind foot hangs');
  await page.getByRole('button', { name: /Plant the feet/ }).click();
  await expect(page.locator('.snags')).not.toContainText('hangs');
  await expect.poll(() => numberOf(page, 'stance.foot.hindfoot.L')).toBe(0);
});

test('limits hold until they are lifted knowingly, and then it is a snag', async ({ page }) => {
  await openOtter(page, 'stance');
  await type(page, 'Elbow, left, flexion, degrees', '140');
  await expect(page.getByRole('alert')).toContainText(
    'allowed is a number from -30 to 100 degrees',
  );
  await page.getByRole('switch', { name: 'Allow angles beyond the limits' }).click();
  await type(page, 'Elbow, left, flexion, degrees', '140');
  await page.getByRole('button', { name: /to fix/ }).click();
  await expect(page.getByRole('dialog')).toContainText('Elbow, left: flexion of 140° lies outside');
});

test('undo and redo work, also after a reload', async ({ page }) => {
  await openOtter(page, 'stance');
  await page.getByRole('button', { name: 'Standing' }).click();
  await expect(row(page, 'stance.foot.forefoot.R')).toContainText('right forefoot, down');
  await saved(page);
  await page.reload();
  await expect(row(page, 'stance.foot.forefoot.R')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(row(page, 'stance.foot.forefoot.R')).toContainText('right forefoot, lifted');
  await page.keyboard.press('Control+Shift+z');
  await expect(row(page, 'stance.foot.forefoot.R')).toContainText('right forefoot, down');
});

test('“show me” goes to the stage and place of a snag', async ({ page }) => {
  await openOtter(page, 'measure');
  await expect(page.locator('.snags')).toContainText('centre of mass');
  await page.keyboard.press('.');
  await expect(page).toHaveURL(/\/stance$/);
  await expect(page.locator('.detail')).toHaveCount(1);
});

test('a paw is dragged where it should be, its whole limb follows, and what is out of reach is told', async ({
  page,
}) => {
  await openOtter(page, 'stance');
  await page.getByRole('button', { name: 'Standing' }).click();
  await page.getByRole('button', { name: 'A drag reaches' }).click();
  const paw = page.locator('[data-handle="side:foreDigits.L"]');
  const before = (await paw.boundingBox())!;
  await drag(page, 'side:foreDigits.L', -12, -26);
  await expect(page.getByTitle(/^Undo: Reach with the fingers/)).toBeVisible();
  const after = (await paw.boundingBox())!;
  expect(Math.abs(after.x - before.x + 12)).toBeLessThan(3);
  expect(Math.abs(after.y - before.y + 26)).toBeLessThan(3);
  const box = (await paw.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 330, box.y - 60, { steps: 3 });
  await expect(page.getByText(/Out of reach by \d/)).toBeVisible();
  await page.mouse.up();
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(page.getByTitle(/^Undo: Take the stance/)).toBeVisible();
});

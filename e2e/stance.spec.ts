import { expect, test, type Page } from './test.ts';
import {
  bodyDone,
  choose,
  downloaded,
  numberOf,
  openOtter,
  row,
  saved,
  type,
  workedOut,
} from './helpers.ts';

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
  await choose(page, 'Standing');
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
  await choose(page, 'Standing');
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
  await choose(page, 'Standing');
  await choose(page, 'A drag reaches');
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

/** Chooses from a list by its label. */
async function select(page: Page, label: string, option: string): Promise<void> {
  await page.getByLabel(label, { exact: true }).first().click();
  await page.locator('.n-base-select-option', { hasText: option }).first().click();
}

test('a paw is dragged onto the log, and stands there', async ({ page }) => {
  await openOtter(page, 'stance');
  await choose(page, 'Standing');
  await page.getByRole('switch', { name: 'The left forefoot is on the base' }).click();
  await select(page, 'Ground', 'Log');
  await type(page, 'Its top above the base', '18 mm');
  await type(page, 'Thick', '18 mm');
  await choose(page, 'A drag reaches');
  // The middle of the log, as the sheet shows it.
  const log = (await page.locator('g.circle.ink-board circle').first().boundingBox())!;
  const paw = (await page.locator('[data-handle="side:metacarpus.L"]').boundingBox())!;
  const from = { x: paw.x + paw.width / 2, y: paw.y + paw.height / 2 };
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(log.x + log.width / 2, from.y - 20, { steps: 5 });
  await page.mouse.move(log.x + log.width / 2, log.y + 4, { steps: 5 });
  await page.mouse.up();
  await expect(row(page, 'stance.foot.forefoot.L')).toContainText('left forefoot, down');
  await expect.poll(() => numberOf(page, 'stance.foot.forefoot.L')).toBeLessThan(0.6);
  await row(page, 'stance.foot.forefoot.L').click();
  await expect(page.locator('.detail')).toContainText('Ground there');
});

test('a gallop is slid through its stride; a moment in the air asks for a rod', async ({
  page,
}) => {
  await page.goto('/piece/wolf-at-the-carr/stance');
  await choose(page, 'Gallop');
  await expect(row(page, 'stance.gait.stride')).toBeVisible();
  const next = page.getByRole('button', { name: 'An eighth on' });
  await expect(row(page, 'stance.foot.hindfoot.L')).toContainText('left hind foot, down');
  for (const percent of ['12.5 %', '25.0 %', '37.5 %', '50.0 %']) {
    await next.click();
    await expect(page.locator('output')).toHaveText(percent);
  }
  await expect(row(page, 'stance.foot.hindfoot.L')).toContainText('left hind foot, lifted');
  await expect(row(page, 'stance.foot.forefoot.R')).toContainText('right forefoot, down');
  const slider = page.getByRole('slider', { name: 'Moment of the gallop' });
  await slider.focus();
  await page.keyboard.press('End');
  await next.click();
  for (const percent of ['25.0 %', '37.5 %', '50.0 %', '62.5 %', '75.0 %', '87.5 %']) {
    await next.click();
    await expect(page.locator('output')).toHaveText(percent);
  }
  await page
    .getByRole('button', { name: /to watch/ })
    .first()
    .click();
  await expect(page.getByRole('dialog')).toContainText('At this moment of the gallop no foot');
  await page.keyboard.press('Escape');
  // Every moment is a stance to go on from: it is refined, kept, and compared with another.
  await type(page, 'Knee, left, flexion, degrees', '-40');
  await page.getByLabel('Name of the stance').fill('In the air');
  await page.getByRole('button', { name: 'Keep this stance' }).click();
  await choose(page, 'Standing');
  await page.getByRole('button', { name: 'Compare with In the air' }).click();
  await expect(page.getByText(/bones have the same length in both/)).toBeVisible();
  await page.getByRole('button', { name: 'Take up In the air' }).click();
  await expect(page.locator('output')).toHaveText('87.5 %');
});

test('a piece that would tip says so, and a weight in its body mends it', async ({ page }) => {
  await page.goto('/piece/otter-on-the-log/stance');
  await bodyDone(page);
  await expect(page.locator('.snags')).toContainText('to watch');
  await page
    .getByRole('button', { name: /to watch/ })
    .first()
    .click();
  await expect(page.getByRole('dialog')).toContainText('would tip the piece');
  await page.keyboard.press('Escape');
  await page
    .getByRole('button', { name: /^\d+ g in the/ })
    .first()
    .click();
  await expect(row(page, 'balance.weight.placed')).toBeVisible();
  await page
    .getByRole('button', { name: /to watch/ })
    .first()
    .click();
  await expect(page.getByRole('dialog')).not.toContainText('would tip the piece');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');
  await expect(row(page, 'balance.weight.placed')).toHaveCount(0);
});

test('the trunk is moved on planted feet, and a stance goes out as BVH and comes back', async ({
  page,
}) => {
  await openOtter(page, 'stance');
  await choose(page, 'Standing');
  await choose(page, 'A drag moves the trunk');
  const tall = await numberOf(page, 'stance.height');
  await drag(page, 'side:lumbar', 0, 14);
  await expect(page.getByTitle(/^Undo: Move the trunk/)).toBeVisible();
  await expect.poll(() => numberOf(page, 'stance.height')).toBeLessThan(tall - 2);
  const crouched = await numberOf(page, 'stance.height');
  await expect.poll(() => numberOf(page, 'stance.foot.forefoot.L')).toBe(0);
  const file = await downloaded(page, () =>
    page.getByRole('button', { name: 'Save as BVH' }).click(),
  );
  expect(file.toString()).toMatch(/^HIERARCHY\nROOT sacrum/);
  await choose(page, 'Standing');
  await expect.poll(() => numberOf(page, 'stance.height')).toBe(tall);
  const taking = page.getByLabel('BVH file');
  await taking.setInputFiles({
    name: 'bad.bvh',
    mimeType: 'text/plain',
    buffer: Buffer.from('no'),
  });
  await expect(page.getByRole('alert')).toContainText('begins with HIERARCHY');
  await taking.setInputFiles({ name: 'crouch.bvh', mimeType: 'text/plain', buffer: file });
  await page.getByRole('button', { name: 'Take this stance' }).click();
  await expect.poll(() => numberOf(page, 'stance.height')).toBeCloseTo(crouched, 0);
});

test('hung, a piece tells where its hook goes', async ({ page }) => {
  await openOtter(page, 'stance');
  await choose(page, 'Hanging');
  await row(page, 'balance.hook.place').click();
  await expect(page.locator('.detail')).toContainText('straight above the centre of mass');
  await choose(page, 'On a wall');
  await expect(row(page, 'balance.wall.pull')).toBeVisible();
});

test('in space a joint is dragged, as the view looks along it, and undone', async ({ page }) => {
  await openOtter(page, 'stance');
  await workedOut(page);
  await page.getByRole('link', { name: /^Stance/ }).click();
  await choose(page, 'In space');
  const box = page.locator('.space .box');
  await expect(box.locator('canvas')).toBeVisible();
  const { x, y, width, height } = (await box.boundingBox())!;
  const isOverEnd = (): Promise<boolean> => box.evaluate((el) => el.style.cursor === 'grab');
  // The hand shows where a bone's end can be taken hold of.
  const found = async (): Promise<readonly [number, number]> => {
    for (let at = x + width / 2; at > x; at -= 6)
      for (let down = y + height / 4; down < y + (3 * height) / 4; down += 6) {
        await page.mouse.move(at, down);
        if (await isOverEnd()) return [at, down];
      }
    throw new Error('no end of a bone is found');
  };
  const [atX, atY] = await found();
  await page.mouse.down();
  await page.mouse.move(atX - 6, atY - 14, { steps: 3 });
  await page.mouse.move(atX - 12, atY - 30, { steps: 3 });
  await page.mouse.up();
  await saved(page);
  await page.getByTitle(/^Undo: Turn the /).click();
  await expect(page.getByTitle(/^Redo: Turn the /)).toBeVisible();
});

test('the mouth opens by its joint, and both eyes look at one point', async ({ page }) => {
  await openOtter(page, 'stance');
  await choose(page, 'Column');
  const jaw = page.getByRole('textbox', { name: /Joint of the jaw/ });
  await jaw.fill('25');
  await jaw.press('Enter');
  await saved(page);
  await expect(jaw).toHaveValue(/^25/);
  await choose(page, 'At one point');
  const left = page.getByRole('textbox', { name: 'To its left (minus: right)' });
  await left.fill('-400');
  await left.press('Enter');
  await saved(page);
  await expect(left).toHaveValue(/^[-−]400/);
  await expect(page.getByText(/further than an eye goes/)).toBeVisible();
  await left.fill('9 parsecs');
  await left.press('Enter');
  await expect(page.getByRole('alert')).toContainText('9 parsecs');
  await left.press('Escape');
  await page.getByTitle(/^Undo: Look at a point/).click();
  await expect(left).toHaveValue(/^0/);
  await expect(page.getByText(/further than an eye goes/)).toBeHidden();
});

import { expect, test, type Page } from './test.ts';
import { axeFinds } from './axe.ts';
import { choose, downloaded, numberOf, openOtter, row, saved, type, unfold } from './helpers.ts';

/** Opens one of the rooms of Mass. */
const room = choose;

async function shapeTheTrunk(page: Page): Promise<void> {
  await openOtter(page, 'mass');
  await room(page, 'Shape');
  await page.getByRole('button', { name: 'Shape the trunk' }).click();
  await expect(page.getByRole('list', { name: 'Sections of the trunk' })).toBeVisible();
}

test('a belly is made wider by dragging and by typing, and the weight tells at once', async ({
  page,
}) => {
  await shapeTheTrunk(page);
  await expect(row(page, 'body.weight.life')).toBeVisible();
  const before = await numberOf(page, 'body.weight.life');
  // The fourth section, in the loin: its edge to the left, seen from above.
  const edge = page.locator('[data-edge="top:3.left"]');
  const box = await edge.boundingBox();
  if (box === null) throw new Error('no handle');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 25, { steps: 5 });
  await page.mouse.up();
  await saved(page);
  await expect.poll(() => numberOf(page, 'body.weight.life')).toBeGreaterThan(before);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => numberOf(page, 'body.weight.life')).toBeCloseTo(before, 1);

  const list = page.getByRole('list', { name: 'Sections of the trunk' });
  await list
    .getByRole('button', { name: /Lumbar column/ })
    .nth(1)
    .click();
  await type(page, 'Width of the section', '18 cm');
  await expect.poll(() => numberOf(page, 'body.weight.life')).toBeGreaterThan(before);
  await expect(page.locator('.sentence')).toContainText('larger round than usual');
  // The corner of the section by itself, drawn out: the section grows squarer.
  const square = page.getByRole('textbox', { name: 'Squareness of the section' });
  const rounder = Number(await square.inputValue());
  const corner = await page.locator('[data-grip="corner"]').boundingBox();
  if (corner === null) throw new Error('no corner');
  await page.mouse.move(corner.x + corner.width / 2, corner.y + corner.height / 2);
  await page.mouse.down();
  await page.mouse.move(corner.x + 16, corner.y - 8, { steps: 4 });
  await page.mouse.up();
  await expect.poll(async () => Number(await square.inputValue())).toBeGreaterThan(rounder);
  await type(page, 'Squareness of the section', '9');
  await expect(page.getByRole('alert')).toContainText('1.4 to 6');
  await page.getByRole('button', { name: 'Library’s shape again' }).click();
  await expect(page.getByRole('button', { name: 'Shape the trunk' })).toBeVisible();
});

/** Drags what is found by so many pixels. */
async function dragged(page: Page, selector: string, dx: number, dy: number): Promise<void> {
  const box = await page.locator(selector).first().boundingBox();
  if (box === null) throw new Error(`nothing to drag at ${selector}`);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + dx, y + dy, { steps: 5 });
  await page.mouse.up();
}

test('belly, jaw, ear and eye are changed on the drawing, weight and paper follow, and all is undone', async ({
  page,
}) => {
  await shapeTheTrunk(page);
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
  const weight = await numberOf(page, 'body.weight.life');
  const clay = await numberOf(page, 'mass.clay.grams');
  // What the library has is drawn dashed; nothing is changed yet.
  await expect(row(page, 'mass.shape.change.life')).toBeHidden();
  await dragged(page, '[data-edge="side:4.bottom"]', 0, 22);
  await expect(row(page, 'mass.shape.change.clay')).toBeVisible();
  expect(await numberOf(page, 'mass.shape.change.life')).toBeGreaterThan(0);
  await expect.poll(() => numberOf(page, 'body.weight.life')).toBeGreaterThan(weight);
  await expect.poll(() => numberOf(page, 'mass.clay.grams')).toBeGreaterThan(clay);
  const place = page.getByRole('slider', { name: /^Place of section/ }).first();
  const before = await place.getAttribute('aria-valuenow');
  await dragged(page, '[data-edge^="side:"][data-edge$=".slide"]', -14, 0);
  await expect(place).not.toHaveAttribute('aria-valuenow', before!);

  await choose(page, 'Head');
  await expect(page.getByText(/^Head, from above/)).toBeVisible();
  const paper = await downloaded(page, () =>
    page.getByRole('button', { name: 'Print the head' }).click(),
  );
  expect(paper.subarray(0, 5).toString()).toBe('%PDF-');
  const back = page.getByRole('textbox', { name: 'Ear, leans back' });
  const leans = await back.inputValue();
  await dragged(page, '[data-grip="tip:ear"]', 12, 6);
  await expect(back).not.toHaveValue(leans);
  await type(page, 'Mouth open', '30');
  await dragged(page, '[data-grip="eye"]', 14, 0);
  await saved(page);
  const head = async (): Promise<string> => await page.locator('.boards svg').first().innerHTML();
  const reshaped = await head();

  const undo = page.getByRole('button', { name: 'Undo' });
  while (await undo.isEnabled()) await undo.click();
  await expect(back).toHaveValue(leans);
  await expect(page.getByRole('textbox', { name: 'Mouth open' })).toHaveValue('0.0°');
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
  expect(await head()).not.toBe(reshaped);
  await choose(page, 'Shape');
  await expect(page.getByRole('button', { name: 'Shape the trunk' })).toBeVisible();
  await expect.poll(() => numberOf(page, 'body.weight.life')).toBeCloseTo(weight, 1);
});

test('one side is shaped by itself only on purpose', async ({ page }) => {
  await openOtter(page, 'mass');
  await room(page, 'Shape');
  await choose(page, 'Hind legs');
  await page.getByRole('button', { name: 'Shape the hind legs' }).click();
  const list = page.getByRole('list', { name: 'Sections of the hind legs' });
  await expect(list).not.toContainText('right');
  await page.getByRole('button', { name: 'Left and right apart' }).click();
  await expect(list).toContainText('right');
  await page.getByRole('button', { name: 'Both sides alike, as the left' }).click();
  await expect(list).not.toContainText('right');
});

test('muscles are listed in the order of laying, and a bulkier one adds to the animal', async ({
  page,
}) => {
  await openOtter(page, 'mass');
  await room(page, 'Shape');
  // The number of the fine answer: that of the first one may lie above it.
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
  const before = await numberOf(page, 'body.weight.life');
  await room(page, 'Muscles');
  const table = page.getByRole('table').first();
  await expect(table).toContainText('Longissimus dorsi');
  await expect(page.getByText('bone under the skin: build nothing over it').first()).toBeVisible();
  await page.getByRole('button', { name: 'Quadriceps femoris' }).click();
  await type(page, 'Bulk of Quadriceps femoris, %', '250 %');
  await saved(page);
  await row(page, 'mass.muscle.quadriceps.grams').click();
  await expect(page.locator('.detail').first()).toContainText('m = v · ρ');
  await room(page, 'Shape');
  await expect.poll(() => numberOf(page, 'body.weight.life')).toBeGreaterThan(before);
});

test('section cards are moved, added and printed, and a hollow asks for a vent', async ({
  page,
}) => {
  await openOtter(page, 'mass');
  await room(page, 'Sections');
  // Coarse and fine answers may find another number of sections.
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
  await page.getByRole('button', { name: 'Lumbar column', exact: true }).click();
  await type(page, 'Place of section 5, %', '20 %');
  await saved(page);
  await page.getByRole('button', { name: 'Add a card' }).click();
  await expect(page.getByRole('button', { name: 'Usual places' })).toBeVisible();
  await page.getByRole('button', { name: 'Usual places' }).click();

  await room(page, 'Core and clay');
  const trunk = page.getByRole('row', { name: /^Trunk/ });
  await trunk.locator('.n-base-selection').click();
  await page.locator('.n-base-select-option', { hasText: 'hollow' }).click();
  await expect(page.locator('.snags')).toContainText('the hollow core holds');
  await trunk.getByRole('checkbox', { name: /vent/ }).check();
  await expect(page.locator('.snags')).not.toContainText('the hollow core holds');
});

test('the body in space is peeled and cut, and goes out as STL and glTF', async ({ page }) => {
  await openOtter(page, 'mass');
  await room(page, 'In space');
  await expect(page.locator('.space canvas')).toBeVisible();
  const stl = page.getByRole('button', { name: 'Body (STL)' });
  await expect(stl).toBeVisible({ timeout: 60_000 });
  await choose(page, 'Core');
  await page.getByRole('button', { name: 'Turn right' }).click();
  const body = await downloaded(page, () => stl.click());
  const triangles = body.readUInt32LE(80);
  expect(body.length).toBe(84 + 50 * triangles);
  expect(triangles).toBeGreaterThan(10_000);
  const glb = await downloaded(page, () =>
    page.getByRole('button', { name: 'Both (glTF)' }).click(),
  );
  expect(glb.subarray(0, 4).toString()).toBe('glTF');
  expect(glb.readUInt32LE(8)).toBe(glb.length);
});

test('an outline traced on a picture gives the depths of the body', async ({ page }) => {
  await page.goto('/piece/heron-at-the-sluice/measure/pictures/heron-side');
  await expect(page.locator('.canvas canvas').first()).toBeVisible();
  await unfold(page);
  await page.getByRole('button', { name: 'Trace the outline' }).click();
  const canvas = page.locator('.canvas');
  const box = await canvas.boundingBox();
  if (box === null) throw new Error('no picture');
  // A ring round the heron's trunk, well inside the picture.
  const ring = [
    [0.43, 0.4],
    [0.5, 0.36],
    [0.58, 0.4],
    [0.66, 0.5],
    [0.7, 0.6],
    [0.6, 0.6],
    [0.52, 0.56],
    [0.46, 0.5],
    [0.43, 0.45],
  ] as const;
  for (const [u, v] of ring) await page.mouse.click(box.x + u * box.width, box.y + v * box.height);
  await expect(page.getByText(`${ring.length} points; it closes by itself.`)).toBeVisible();
  await page.getByRole('button', { name: 'One point back' }).click();
  await page.getByRole('button', { name: 'Take depths from it' }).click();
  await expect(page.getByText(/sections took their depth from it/)).toBeVisible();
  await saved(page);
});

test('the rooms stand up to axe', async ({ page }) => {
  await shapeTheTrunk(page);
  for (const name of [
    'Shape',
    'Muscles',
    'Sections',
    'In space',
    'Core and clay',
    'Head',
    'Proportions',
  ]) {
    await room(page, name);
    await expect(page.locator('.ledger .pending, .ledger .wait')).toHaveCount(0);
    expect(await axeFinds(page), name).toEqual([]);
  }
});

test('the head stands alone: its eyes are placed, its face is made threatening, and both are taken back', async ({
  page,
}) => {
  await openOtter(page, 'mass');
  await choose(page, 'Head');
  await expect(page.getByText(/^Head, from above/)).toBeVisible();
  const ball = page.getByRole('textbox', { name: 'Eyeball in life' });
  await ball.fill('14');
  await ball.press('Enter');
  await saved(page);
  await expect(page.getByText(/^On the model the eyeball is 4\.7 mm/)).toBeVisible();
  const along = page.getByRole('textbox', { name: 'Along the skull' });
  await along.fill('900 %');
  await along.press('Enter');
  await expect(page.getByRole('alert')).toContainText('900');
  await along.press('Escape');
  const grip = page.locator('[data-grip="eye"]').first();
  const { x, y, width, height } = (await grip.boundingBox())!;
  await page.mouse.move(x + width / 2, y + height / 2);
  await page.mouse.down();
  await page.mouse.move(x + width / 2 + 9, y + height / 2 - 4, { steps: 3 });
  await page.mouse.move(x + width / 2 + 18, y + height / 2 - 6, { steps: 3 });
  await page.mouse.up();
  await saved(page);
  const moved = await along.inputValue();
  await page.getByTitle(/^Undo: Move the eye/).click();
  await expect(along).not.toHaveValue(moved);
  await choose(page, 'Threatening');
  await expect(page.getByRole('textbox', { name: 'Mouth open' })).toHaveValue('26.0°');
  await page.getByTitle(/^Undo: Make the face threatening/).click();
  await expect(page.getByRole('textbox', { name: 'Mouth open' })).toHaveValue('0.0°');
  await page.getByTitle(/^Undo: Change eyeball in life/).click();
  await expect(page.getByText(/^On the model the eyeball is 4\.7 mm/)).toBeHidden();
});

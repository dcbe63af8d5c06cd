import { expect, test, type Page } from './test.ts';
import { plateLayout, REFERENCE_PLATES, type PicturePoint } from '../core/src/index.ts';
import { choose, downloaded, row, saved, type } from './helpers.ts';
import { asFile, blankPng, twoPages, withOrientation } from './pictureFiles.ts';

const OTTER = '/piece/otter-on-the-log/measure';
const plateOf = (file: string) => {
  const plate = REFERENCE_PLATES.find((one) => one.file === file)!;
  return { plate, layout: plateLayout(plate) };
};

/** Where a point of a fitted picture is on the page: the board centres it at the largest scale. */
async function onPage(
  page: Page,
  [u, v]: PicturePoint,
  [width, height]: readonly [number, number],
): Promise<{ x: number; y: number }> {
  const box = (await page.locator('.canvas .box').boundingBox())!;
  // The border of the box is not part of the board.
  const [w, h] = [box.width - 2, box.height - 2];
  const scale = Math.min(w / width, h / height);
  return {
    x: box.x + 1 + w / 2 + (u - width / 2) * scale,
    y: box.y + 1 + h / 2 + (v - height / 2) * scale,
  };
}

/** Calibrates a drawing, levels it and places its landmarks of the midline and the left side. */
async function traceDrawing(page: Page, file: string): Promise<void> {
  const { layout } = plateOf(file);
  const size = [layout.widthPx, layout.heightPx] as const;
  await page.goto(`${OTTER}/pictures/${file.replace('.png', '')}`);
  const click = async (at: PicturePoint): Promise<void> => {
    const { x, y } = await onPage(page, at, size);
    await page.mouse.click(x, y);
  };
  await expect(page.getByText('it has no scale yet')).toBeVisible();
  await choose(page, 'Left');
  await page.getByRole('button', { name: 'Mark two points of known length' }).click();
  await click(layout.bar.from);
  await expect(page.getByRole('button', { name: 'Now the other end' })).toBeVisible();
  await click(layout.bar.to);
  await type(page, 'Known length, in life', `${layout.bar.mm} mm`);
  await page.getByRole('button', { name: 'Draw a level line' }).click();
  await click(layout.ground.from);
  await click(layout.ground.to);
  const guide = page.locator('.guide');
  const asked = new Set<string>();
  for (let n = 0; n < 40 && (await guide.count()) > 0; n++) {
    const id = await page
      .locator('.ledger li button[aria-current]')
      .evaluate((one) => one.parentElement!.dataset['landmark']!);
    expect(asked.has(id), `${id} is asked for once`).toBe(false);
    asked.add(id);
    await click(layout.landmarks[id]!);
    // The next landmark is offered by itself.
    await expect(page.locator(`.ledger li[data-landmark="${id}"] button`)).toHaveClass(/placed/);
  }
  expect(asked.size).toBe(27);
  await saved(page);
}

test('two drawings are calibrated and landmarked by mouse; the lengths come out, and where they disagree', async ({
  page,
}) => {
  await traceDrawing(page, 'otter-side.png');
  await traceDrawing(page, 'otter-front.png');
  await page.getByRole('link', { name: 'What they say' }).click();
  // The shoulder was drawn 14 mm too high from the front.
  const worst = page.locator('table.reckoning').first().locator('tbody tr').first();
  await expect(worst).toContainText('Shoulder joint, left');
  const apart = Number.parseFloat(await worst.locator('td').nth(1).innerText());
  expect(apart).toBeGreaterThan(10);
  expect(apart).toBeLessThan(18);
  await expect(page.getByText(/Shoulder joint, left, by .* misses fall from/)).toBeVisible();
  // Bones away from it have the lengths that they were drawn with, within what is stated.
  for (const [key, lifeMm] of [
    ['femur', 82],
    ['tibia', 92],
    ['lumbar', 165],
    ['skull', 115],
  ] as const) {
    const cells = page.locator('tr', {
      has: page.locator(`[data-working="measure.found.${key}"]`),
    });
    const [mm, plusMinus] = (await cells.locator('.found').innerText())
      .split('±')
      .map((text) => Number.parseFloat(text)) as [number, number];
    expect(Math.abs(mm - lifeMm), key).toBeLessThanOrEqual(plusMinus);
    expect(plusMinus, key).toBeLessThan(6);
  }
  await page.getByRole('button', { name: /^Take over all \d+ lengths/ }).click();
  await expect(page.getByText('The plan has all of them.')).toBeVisible();
  await page.getByRole('link', { name: 'Skeleton' }).click();
  await expect(page.getByRole('row', { name: /^Thigh/ })).toContainText('revert');
  await row(page, 'measure.bone.femur.life').click();
  await expect(page.getByText(/; taken over on \d{4}-\d\d-\d\d/)).toBeVisible();
  await expect(page.getByText('lies in this range with 95 %')).toBeVisible();
});

test('a landmark is nudged, clicked again for a mean, dragged, taken away, and all of it undone', async ({
  page,
}) => {
  const { layout } = plateOf('otter-side.png');
  const size = [layout.widthPx, layout.heightPx] as const;
  await page.addInitScript(() => {
    const decode = HTMLImageElement.prototype.decode;
    const counts = ((globalThis as { decodes?: string[] }).decodes = [] as string[]);
    HTMLImageElement.prototype.decode = function () {
      counts.push(this.src);
      return decode.call(this);
    };
  });
  await page.goto(`${OTTER}/pictures/otter-side`);
  const board = page.getByRole('application');
  await board.focus();
  // The keyboard places in the middle, which is where the cross is.
  await page.keyboard.press('Enter');
  const first = page.locator('.ledger ol button').first();
  await expect(first).toHaveClass(/placed/);
  await first.click();
  await page.getByRole('switch', { name: 'Click again for a mean' }).click();
  const { x, y } = await onPage(page, [layout.widthPx / 2 + 8, layout.heightPx / 2 + 40], size);
  await page.mouse.click(x, y);
  await expect(first).toContainText('2 clicks');
  await page.getByRole('switch', { name: 'Click again for a mean' }).click();
  await board.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Delete');
  await expect(first).not.toHaveClass(/placed/);
  // Panning and zooming move what is decoded; nothing is decoded again.
  const decodes = () => page.evaluate(() => (globalThis as { decodes?: string[] }).decodes!.length);
  const before = await decodes();
  expect(before).toBeGreaterThan(0);
  await page.mouse.move(x, y);
  for (const wheel of [-300, -300, 200]) await page.mouse.wheel(0, wheel);
  await page.mouse.down();
  await page.mouse.move(x - 90, y + 40, { steps: 4 });
  await page.mouse.up();
  await page.getByRole('button', { name: 'Fit', exact: true }).click();
  expect(await decodes()).toBe(before);
  for (let n = 0; n < 5; n++) await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByText('0 of 41 placed')).toBeVisible();
});

test('landmarks go out as TPS and come back', async ({ page }) => {
  await page.goto('/piece/heron-at-the-sluice/measure/pictures/heron-side');
  const tps = await downloaded(page, () =>
    page.getByRole('button', { name: 'Save as TPS' }).click(),
  );
  expect(tps.toString()).toMatch(/^LM=37\n[\d.]+ [\d.]+\n/);
  await page.getByRole('textbox', { name: 'Known length, in life' }).waitFor();
  const put = (name: string, buffer: Buffer) =>
    page.getByLabel('Landmark file').setInputFiles({ name, mimeType: 'text/plain', buffer });
  await put('wrong.tps', Buffer.from('LM=2\n1 2\n3 4\n'));
  await expect(page.getByRole('alert').filter({ hasText: 'wrong.tps' })).toContainText(
    '37 landmarks',
  );
  await put('heron.tps', tps);
  await expect(page.getByRole('alert').filter({ hasText: 'wrong.tps' })).toHaveCount(0);
  await expect(page.getByText('37 of 37 placed')).toBeVisible();
});

test('pictures of all kinds are taken in; bad ones are told in a sentence, and nothing is lost', async ({
  page,
}) => {
  await page.goto('/piece/raft-spider-on-the-water/measure/pictures');
  await expect(page.getByText('Two pictures of one animal')).toBeVisible();
  const jpeg = Buffer.from(
    await page.evaluate(async () => {
      const canvas = new OffscreenCanvas(320, 200);
      canvas.getContext('2d')!.fillRect(20, 20, 40, 40);
      const blob = await canvas.convertToBlob({ type: 'image/jpeg' });
      return [...new Uint8Array(await blob.arrayBuffer())];
    }),
  );
  const whole = blankPng('whole.png', 400, 300);
  await page
    .getByLabel('Picture files')
    .setInputFiles([
      whole,
      asFile('lying.jpg', 'image/jpeg', withOrientation(jpeg, 6)),
      asFile('plates.pdf', 'application/pdf', await twoPages()),
      blankPng('huge.png', 12_000, 8_400),
      asFile('renamed.png', 'image/png', Buffer.from('{"not": "a picture"}')),
      asFile('cut.png', 'image/png', whole.buffer.subarray(0, 60)),
      blankPng('tiny.png', 6, 6),
      asFile('empty.webp', 'image/webp', Buffer.alloc(0)),
      asFile('broken.pdf', 'application/pdf', Buffer.from('%PDF-1.7 and nothing else')),
    ]);
  const alerts = page.locator('.add').getByRole('alert');
  await expect(alerts).toHaveCount(5);
  for (const [name, words] of [
    ['renamed.png', 'received “a JSON text”'],
    ['cut.png', 'damaged and could not be opened'],
    ['tiny.png', 'a picture of 6 × 6 pixels'],
    ['empty.webp', 'an empty file'],
    ['broken.pdf', 'Save the page as a PNG'],
  ] as const)
    await expect(alerts.filter({ hasText: name })).toContainText(words);
  await expect(page.getByRole('navigation', { name: 'Pictures' }).getByRole('link')).toHaveCount(5);
  await saved(page);
  const file = await downloaded(page, async () => {
    await page.keyboard.press('p');
    await page.getByRole('button', { name: 'This piece (JSON)' }).click();
  });
  const {
    piece: { references },
  } = JSON.parse(file.toString()) as {
    piece: {
      references: {
        pictures: { name: string; widthPx: number; heightPx: number; pxPerKept: number }[];
      };
    };
  };
  const by = (name: string) => references.pictures.find((one) => one.name === name)!;
  // Orientation 6 stands on its side: it is shown, and measured, upright.
  expect(by('lying.jpg')).toMatchObject({ widthPx: 200, heightPx: 320 });
  expect(by('plates.pdf, page 2').widthPx).toBe(Math.ceil((400 * 200) / 72));
  // A picture too large to keep is made smaller; its numbers stay those of the picture as it came.
  expect(by('huge.png')).toMatchObject({ widthPx: 12_000, heightPx: 8_400 });
  expect(by('huge.png').pxPerKept).toBeCloseTo(12_000 / 4096, 3);
  const archive = await downloaded(page, () =>
    page.getByRole('button', { name: 'This piece (ZIP)' }).click(),
  );
  await page.goto('/piece/raft-spider-on-the-water/measure/pictures/whole');
  await expect(page.locator('.strip img')).toHaveCount(5);
  // The archive brings the pictures along to another place.
  await page.goto('/pieces');
  await page
    .getByLabel('Piece file')
    .setInputFiles(asFile('spider.zip', 'application/zip', archive));
  await expect(page).toHaveURL(/raft-spider-on-the-water-2\/measure$/);
  await page.getByRole('link', { name: 'Pictures' }).click();
  await expect(page.locator('.strip img')).toHaveCount(5);
});

test('one photograph gives a stance, which is sent to Stance', async ({ page }) => {
  await page.goto(`${OTTER}/photograph`);
  await expect(
    page.getByRole('img', { name: 'The recovered stance in three elevations' }),
  ).toBeVisible();
  const thigh = page.getByRole('button', { name: /^Thigh \(femur\), left: / });
  const before = await thigh.innerText();
  await thigh.click();
  await expect(thigh).not.toHaveText(before);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(thigh).toHaveText(before);
  await choose(page, 'In space');
  await expect(page.locator('.space canvas')).toBeVisible();
  await page.getByRole('button', { name: 'Turn right' }).click();
  await page.getByRole('button', { name: 'Send this stance to Stance' }).click();
  await expect(page).toHaveURL(/\/stance$/);
  const undo = page.getByTitle('Undo: Take the stance from the photograph (Ctrl+Z)');
  await expect(page.getByText('Eurasian otter · standing')).toBeVisible();
  await undo.click();
  await expect(page.getByText('Eurasian otter · walking')).toBeVisible();
});

test('tape and caliper: typed digits, the simulated caliper, a doubtful reading, taken over and reverted', async ({
  page,
}) => {
  await page.goto(`${OTTER}/tape`);
  await page.locator('ol button', { hasText: 'Shank' }).click();
  const field = page.getByRole('textbox', { name: /^Reading of Shank/ });
  await field.fill('ninety');
  await field.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'ninety' })).toBeVisible();
  await choose(page, '5 each');
  for (const mm of ['92.1', '91.8', '9.2', '92.3', '92.0']) {
    await field.fill(mm);
    await field.press('Enter');
  }
  // The next bone comes by itself; the shank says what was read of it.
  await expect(page.locator('ol button', { hasText: 'Shank' })).toContainText('5/5');
  await page.locator('ol button', { hasText: 'Shank' }).click();
  await expect(page.locator('li.doubted')).toContainText('9.20');
  await page.getByRole('button', { name: 'Take away the reading 9.20 mm' }).click();
  await expect(page.getByText('Mean 92.05 mm')).toBeVisible();
  await choose(page, '3 each');
  await page.locator('ol button', { hasText: 'Skull' }).click();
  await page.getByRole('button', { name: 'Try the simulated caliper' }).click();
  await expect(page.locator('ol button', { hasText: 'Skull' })).toContainText('3/3');
  await page.getByRole('button', { name: 'Stop the simulated caliper' }).click();
  await page.getByRole('button', { name: 'Take over Shank (tibia)' }).click();
  await page.getByRole('link', { name: 'Skeleton' }).click();
  await expect(page.getByRole('textbox', { name: 'Shank (tibia), life' })).toHaveValue('92.0');
  await page
    .getByRole('row', { name: /^Shank/ })
    .getByRole('button', { name: 'revert' })
    .click();
});

test('the scale is set by eyes at hand, by a box and by a board', async ({ page }) => {
  await page.goto(OTTER);
  await page.getByRole('button', { name: /^4\.0 mm at/ }).click();
  await expect(row(page, 'measure.small.eye')).toContainText('4.00 mm');
  await choose(page, 'Fit a box');
  await type(page, 'Box, long', '200');
  const scale = await row(page, 'measure.scale').innerText();
  expect(scale).toMatch(/1:\d/);
  await choose(page, 'Fit a board');
  await type(page, 'Board, long', '150');
  await expect(page.getByText('fits the board as posed')).toBeVisible();
});

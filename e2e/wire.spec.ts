import { expect, test, type Page } from './test.ts';
import { choose, downloaded, openOtter, row, saved, type, unfold } from './helpers.ts';

/** Opens the schemes and takes one of them. */
async function take(page: Page, scheme: string): Promise<void> {
  await page.getByRole('button', { name: 'Compare and change the scheme' }).click();
  await page.getByRole('button', { name: new RegExp(`Take ?: ${scheme}`) }).click();
  await saved(page);
}

const cutRow = (page: Page, name: string) =>
  page.getByRole('button', { name: new RegExp(`^${name}`) });

test('the six schemes are compared with reasons, and taking one makes the armature anew', async ({
  page,
}) => {
  await openOtter(page, 'wire');
  await page.getByRole('button', { name: 'Compare and change the scheme' }).click();
  await expect(page.getByText('Suits this piece best:')).toBeVisible();
  await row(page, 'scheme.folded-pair.minutes').click();
  await expect(page.getByText('bindings · bind', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: /Take ?: Rods in the base/ }).click();
  await expect(cutRow(page, '[A-Z] Rod, left hind foot')).toBeVisible();
  await page.getByRole('button', { name: /Take ?: Folded pair/ }).click();
  await expect(cutRow(page, 'Br Hind legs, right end')).toBeVisible();
  // Its other end is bent from its own foot.
  await cutRow(page, 'Br Hind legs, right end').click();
  await page.getByRole('button', { name: 'Bend Br at the bench' }).click();
  await expect(page.getByText(/from the right hind foot/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Leave bench' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Bound loops: a twisted spine')).toBeVisible();
});

test('a piece without wire says so, and offers the way back', async ({ page }) => {
  await openOtter(page, 'wire');
  await take(page, 'No wire');
  await expect(page.getByText('No wire: the piece is clay alone')).toBeVisible();
  await expect(page.getByRole('button', { name: /at the bench$/ })).toHaveCount(0);
  await page.getByRole('button', { name: /Take ?: Back iron/ }).click();
  await expect(cutRow(page, 'D Back iron').first()).toBeVisible();
});

test('a wire is dragged over another joint, split, and given back to its scheme', async ({
  page,
}) => {
  await openOtter(page, 'wire');
  const cut = () => row(page, 'wire.B.cut').locator('.value').innerText();
  const before = await cut();
  await choose(page, 'Edit the route');
  // From the middle of the stretch between hip and knee up to a joint of the spine.
  const box = await page.locator('[data-leg="side:B.3"]').boundingBox();
  const joint = await page.locator('[data-target="side:lumbar"]').boundingBox();
  if (box === null || joint === null) throw new Error('no handles');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(joint.x + joint.width / 2, joint.y + joint.height / 2, { steps: 6 });
  await expect(page.getByText(/^Let go: B goes over the/)).toBeVisible();
  await page.mouse.up();
  await saved(page);
  await expect.poll(cut).not.toBe(before);
  await unfold(page);
  await page.getByRole('button', { name: 'Back to the scheme’s own way' }).click();
  await expect.poll(cut).toBe(before);
  await page.getByRole('button', { name: 'split B at the left knee' }).click();
  await expect(cutRow(page, 'C Hind legs, part 2')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(cut).toBe(before);
});

test('a bare gauge is asked for its table, and the wire takes the one that is chosen', async ({
  page,
}) => {
  await openOtter(page, 'wire');
  await unfold(page);
  await type(page, 'Hind legs, diameter or gauge', '14');
  await expect(page.getByRole('alert')).toContainText('choose below');
  await page.getByRole('button', { name: '14 SWG (2.03 mm)' }).click();
  await saved(page);
  await expect(page.getByRole('textbox', { name: 'Hind legs, diameter or gauge' })).toHaveValue(
    '14 SWG (2.03 mm)',
  );
});

test('bending cards are printed on the paper that is chosen', async ({ page }) => {
  await openOtter(page, 'wire');
  await page.getByRole('button', { name: 'Print shop sheets' }).click();
  await choose(page, 'Letter');
  await expect(page.getByRole('button', { name: 'Shop sheets (PDF, Letter)' })).toBeVisible();
  const file = await downloaded(page, () =>
    page.getByRole('button', { name: 'Bending cards (PDF)' }).click(),
  );
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const pdf = await getDocument({ data: new Uint8Array(file) }).promise;
  // Nine, nine and eight bends at six to a page.
  expect(pdf.numPages).toBe(6);
  const { view } = await pdf.getPage(1);
  // US Letter is 8.5 by 11 in of 72 points.
  expect([view[2], view[3]].map((v) => Math.round(v!)).toSorted()).toEqual([612, 792]);
});

test('each bend is told for pliers or for the hand', async ({ page }) => {
  await page.goto('/piece/otter-on-the-log/bending/B/3');
  await expect(page.getByText('mark 3 at the edge of the jaw')).toBeVisible();
  await page.getByRole('button', { name: 'by pliers, at its start' }).click();
  await expect(page.getByText('mark 3 under the thumb')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('mark 4 under the thumb')).toBeVisible();
});

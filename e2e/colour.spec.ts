import { expect, test } from './test.ts';
import { choose, downloaded, numberOf, pick, row, type } from './helpers.ts';
import type { Page } from '@playwright/test';

/** Colour of a demonstration piece, once tubes and recipes are found. */
async function openColour(page: Page, piece: string): Promise<void> {
  await page.goto(`/piece/${piece}/colour`);
  await expect(page.getByRole('heading', { name: 'Colour', exact: true })).toBeVisible();
  await expect(page.locator('[data-settled="true"]')).toBeVisible({ timeout: 60_000 });
}

/** The colours of the zones on the drawing. */
const fills = (page: Page): Promise<readonly (string | null)[]> =>
  page
    .locator('.board .fill .area')
    .evaluateAll((all) => all.map((of) => getComputedStyle(of).fill));

test('the animal is stepped through its layers, and each says what to mix', async ({ page }) => {
  await openColour(page, 'wolf-at-the-carr');
  await expect(page.getByText('After details')).toBeVisible();
  const last = await fills(page);
  const slider = page.getByRole('slider', { name: 'Layers shown' });
  await slider.focus();
  await slider.press('Home');
  await expect(page.getByText('On its ground')).toBeVisible();
  await slider.press('ArrowRight');
  await expect(page.getByText('After underpainting')).toBeVisible();
  expect(await fills(page)).not.toEqual(last);
  await page.getByRole('button', { name: 'Belly', exact: true }).click();
  await expect(row(page, 'colour.zone.belly.ridge-1.off')).toBeVisible();
  await choose(page, 'Colour card');
  await expect(page.getByRole('rowheader', { name: 'Belly' })).toBeVisible();
});

test('tubes are few, kept by hand, and the shelf is short of what it lacks', async ({ page }) => {
  await openColour(page, 'otter-on-the-log');
  const tubes = page.locator('.ledger tbody tr', { hasText: 'ml' });
  await expect(tubes).toHaveCount(4);
  await type(page, 'Tubes for all of it', '2');
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
  await expect(tubes).toHaveCount(2);
  await page.getByRole('button', { name: 'Slate blue', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Kept.*Slate blue/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Kept.*Slate blue/ })).toHaveCount(0);
});

test('another way has other layers and steps: coloured clay is mixed and not painted', async ({
  page,
}) => {
  await openColour(page, 'otter-on-the-log');
  await pick(page, 'Way to colour', 'Coloured clay, no paint');
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
  await page.getByRole('button', { name: 'Belly', exact: true }).click();
  expect(await numberOf(page, 'colour.zone.belly.clay')).toBeGreaterThan(5);
  await page.getByRole('link', { name: /^Bench/ }).click();
  await expect(page.locator('.step').filter({ hasText: 'Mix the coloured clay' })).toBeVisible();
  await expect(page.locator('.step').filter({ hasText: 'Prime' })).toHaveCount(0);
});

test('colours go out as palette and table, and a palette comes into the workshop', async ({
  page,
}) => {
  await openColour(page, 'otter-on-the-log');
  await page.getByRole('button', { name: 'Print shop sheets' }).click();
  const gpl = await downloaded(page, () =>
    page.getByRole('button', { name: 'Palette (GPL)' }).click(),
  );
  expect(gpl.toString().split('\n')[0]).toBe('GIMP Palette');
  const csv = await downloaded(page, () =>
    page.getByRole('button', { name: 'Recipes (CSV)' }).click(),
  );
  expect(csv.toString()).toContain('Belly,light-down,Base,');
  await page.goto('/workshop');
  const names = page.getByRole('textbox', { name: 'Paint, name' });
  await page.locator('#paints').waitFor();
  const before = await names.count();
  await page.getByLabel('Take in a palette (.gpl)').setInputFiles({
    ...{ name: 'two.gpl', mimeType: 'text/plain' },
    buffer: Buffer.from('GIMP Palette\nName: two\n#\n 90  68  48\tLoam\n240 236 226\tChalk\n'),
  });
  await expect(names).toHaveCount(before + 2);
  await page.getByLabel('Take in a palette (.gpl)').setInputFiles({
    ...{ name: 'bad.gpl', mimeType: 'text/plain' },
    buffer: Buffer.from('GIMP Palette\n900 0 0\tHot\n'),
  });
  await expect(page.getByRole('alert')).toContainText('900 0 0');
});

test('claws have a colour, taken from a picture with a grey card in it', async ({ page }) => {
  await openColour(page, 'wolf-at-the-carr');
  await page.getByRole('button', { name: 'Claws', exact: true }).click();
  const picture = await page.evaluate(async () => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [400, 200];
    const context = canvas.getContext('2d')!;
    // A card that shows darker and bluer than it is, and a swatch in the same light.
    context.fillStyle = 'rgb(80 90 110)';
    context.fillRect(0, 0, 200, 200);
    context.fillStyle = 'rgb(60 45 30)';
    context.fillRect(200, 0, 200, 200);
    const blob = await new Promise<Blob>((resolve) => canvas.toBlob((of) => resolve(of!)));
    return [...new Uint8Array(await blob.arrayBuffer())];
  });
  await page.getByRole('button', { name: 'From a picture : Colour of Claws' }).click();
  const dialog = page.getByRole('dialog', { name: 'From a picture: Colour of Claws' });
  await dialog.getByLabel('Choose a picture').setInputFiles({
    ...{ name: 'claws.png', mimeType: 'image/png', buffer: Buffer.from(picture) },
  });
  const found = dialog.locator('.number');
  await expect(found).toHaveText(/^#[0-9a-f]{6}$/);
  const right = await found.textContent();
  // The colour of the swatch in the light of the card: red gains, blue loses.
  expect(Number.parseInt(right!.slice(1, 3), 16)).toBeGreaterThan(60);
  await dialog.getByText('White paper', { exact: true }).click();
  await expect(found).not.toHaveText(right!);
  await dialog.getByText('Grey card', { exact: true }).click();
  await dialog.getByText('Place of the colour').click();
  await dialog.getByRole('application').press('ArrowRight');
  await expect(found).toHaveText(right!);
  await dialog.getByRole('button', { name: 'Take this colour' }).click();
  await expect(page.getByRole('textbox', { name: 'Colour of Claws' })).toHaveValue(right!);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('textbox', { name: 'Colour of Claws' })).not.toHaveValue(right!);
});

test('layers besides those of the way are ticked, and the bench follows', async ({ page }) => {
  await openColour(page, 'wolf-at-the-carr');
  await page.getByRole('button', { name: 'Belly', exact: true }).click();
  await page.getByRole('checkbox', { name: 'Stippling' }).click();
  await expect(row(page, 'colour.zone.belly.stipple.ml')).toBeVisible();
  await page.getByRole('link', { name: /^Bench/ }).click();
  await expect(page.locator('.step').filter({ hasText: 'Paint: stippling' })).toBeVisible();
});

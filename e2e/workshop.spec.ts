import { downloaded, openOtter, row, type, unfold, workshopKept } from './helpers.ts';
import { asFile } from './pictureFiles.ts';
import { expect, test } from './test.ts';

test('what stands in the workshop holds for every piece, and undo reaches it from a piece', async ({
  page,
}) => {
  await page.goto('/pieces');
  await page.getByRole('link', { name: 'Workshop' }).click();
  await expect(page.getByRole('heading', { name: 'Workshop', level: 1 })).toBeVisible();
  await type(page, 'Thermometer less dial', '12');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('textbox', { name: 'Thermometer less dial' })).toHaveValue('8 °C');
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByRole('textbox', { name: 'Thermometer less dial' })).toHaveValue('12 °C');
  await workshopKept(page, { oven: { offsetC: 12 } });
  for (const id of ['otter-on-the-log', 'wolf-at-the-carr']) {
    await page.goto(`/piece/${id}/cure`);
    await expect(row(page, 'cure.dial')).toContainText('118 °C');
  }
  await unfold(page);
  // Entered in a piece, it holds in the workshop, and is taken back in both.
  await type(page, 'Thermometer less dial', '5');
  await expect(row(page, 'cure.dial')).toContainText('125 °C');
  await page.getByRole('link', { name: 'workshop' }).click();
  // The piece's own page has a field of this name too.
  await expect(page.getByRole('heading', { name: 'Workshop', level: 1 })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Thermometer less dial' })).toHaveValue('5 °C');
  await page.goBack();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row(page, 'cure.dial')).toContainText('118 °C');
  await workshopKept(page, { oven: { offsetC: 12 } });
  await page.goto('/workshop');
  await expect(page.getByRole('textbox', { name: 'Thermometer less dial' })).toHaveValue('12 °C');
});

test('stock, clay and paints are entered, saved to a file, and taken in elsewhere', async ({
  page,
}) => {
  await page.goto('/workshop');
  await page.getByRole('button', { name: 'Add wire on hand' }).click();
  await page.getByRole('textbox', { name: 'Wire on hand, lengths' }).last().fill('2 x 750');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Add clay' }).click();
  await page.getByRole('textbox', { name: 'Firm oven clay, left' }).fill('1.5 kg');
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'Soot, left' }).fill('a lot');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Soot, left: received “a lot”');
  await page.keyboard.press('Escape');
  const file = await downloaded(page, () =>
    page.getByRole('button', { name: 'Save to a file' }).click(),
  );
  await page.getByRole('button', { name: /^Remove.*Firm oven clay/ }).click();
  await expect(page.getByRole('textbox', { name: 'Firm oven clay, left' })).toHaveCount(0);
  const input = page.getByLabel('Workshop file');
  await input.setInputFiles(asFile('torn.json', 'application/json', Buffer.from('{"format"')));
  await expect(page.getByRole('alert')).toContainText('torn.json was not taken in');
  await input.setInputFiles(asFile('workshop.json', 'application/json', file));
  await expect(page.getByRole('status')).toContainText('What was missing here was taken over');
  await expect(page.getByRole('textbox', { name: 'Firm oven clay, left' })).toHaveValue('1500 g');
  // What is there already is not there twice.
  await expect(page.getByRole('textbox', { name: 'Wire on hand, lengths' })).toHaveCount(4);
});

test('a piece’s file brings the workshop that it was planned in, and asks before it is taken over', async ({
  page,
}) => {
  await openOtter(page, 'bench');
  const file = await downloaded(page, async () => {
    await page.keyboard.press('p');
    await page.getByRole('button', { name: 'This piece (JSON)' }).click();
  });
  await page.goto('/workshop');
  await page.getByRole('button', { name: /^Remove.*Soot/ }).click();
  await expect(page.getByRole('textbox', { name: 'Soot, left' })).toHaveCount(0);
  await page.goto('/pieces');
  await page.getByLabel('Piece file').setInputFiles(asFile('otter.json', 'application/json', file));
  await expect(page).toHaveURL(/otter-on-the-log-2\/measure$/);
  const takeOver = page.getByRole('button', { name: 'Take over what is missing here' });
  await takeOver.click();
  await expect(takeOver).toHaveCount(0);
  await page.goto('/workshop');
  await expect(page.getByRole('textbox', { name: 'Soot, left' })).toHaveValue('30 ml');
});

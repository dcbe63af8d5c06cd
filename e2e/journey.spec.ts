import { expect, test } from './test.ts';
import {
  downloaded,
  choose,
  numberOf,
  openOtter,
  pick,
  row,
  saved,
  settingKept,
  type,
  unfold,
  workedOut,
} from './helpers.ts';

test('a piece goes from nothing to its last step', async ({ page }) => {
  await page.goto('/pieces');
  await page.getByRole('textbox', { name: 'Name of the new piece' }).fill('Wolf at the ford');
  await page.getByRole('main').getByText('Eurasian otter', { exact: true }).click();
  await page.getByText('Grey wolf', { exact: true }).last().click();
  await page.getByRole('button', { name: 'Make the piece' }).click();
  await expect(page).toHaveURL(/wolf-at-the-ford\/measure/);
  await type(page, 'Scale', '1:8');
  await page.getByRole('link', { name: /^Stance/ }).click();
  await choose(page, 'Walking');
  await page.getByRole('link', { name: /^Mass/ }).click();
  await expect(row(page, 'mass.clay.grams')).toBeVisible();
  await unfold(page);
  await type(page, 'Usual shell', '3 mm');
  // Baked first under a skin, which takes no more than half of the shell.
  await expect(row(page, 'mass.sheet.1.gap')).toContainText('1.5 mm');
  await workedOut(page);
  await unfold(page);
  await type(page, 'Curing temperature on the label', '265 F');
  // 265 °F is 129 °C; the oven of the workshop runs eight degrees hotter than its dial.
  await expect(row(page, 'cure.dial')).toContainText('121 °C');
  await page.getByRole('link', { name: /^Skin/ }).click();
  await page.getByRole('button', { name: 'Tail', exact: true }).click();
  await pick(page, 'How the coat of Tail is made', 'Fibre on it');
  await expect.poll(() => numberOf(page, 'skin.zone.tail.undersize')).toBeGreaterThan(1);
  await page.getByRole('link', { name: /^Colour/ }).click();
  await page.getByRole('button', { name: 'Tail', exact: true }).click();
  await type(page, 'Colour of Tail', '#55504a');
  await expect(row(page, 'colour.zone.tail.base.lightness')).toContainText('0.50');
  await page.getByRole('link', { name: /^Bench/ }).click();
  await expect(page.locator('.step').filter({ hasText: 'Apply the fibre' })).toBeVisible();
  const boxes = page.getByRole('checkbox', { name: /^Done: / });
  const count = await boxes.count();
  expect(count).toBeGreaterThan(30);
  for (let i = 0; i < count; i++) {
    // In order, the step that is next is always the first that is open.
    await expect(page.locator('.step').nth(i)).toHaveClass(/next/);
    await boxes.nth(i).click();
  }
  await expect(page.getByText('Everything is ticked off.')).toBeVisible();
  await expect.poll(() => numberOf(page, 'bench.progress')).toBe(0);
  await saved(page);
  await page.reload();
  await expect(page.getByText('Everything is ticked off.')).toBeVisible();
});

test('the steps follow a change of scale', async ({ page }) => {
  await openOtter(page, 'bench');
  const step = page.locator('.step').filter({ hasText: 'Cut B, hind legs' });
  await expect(step).toContainText('301.4 mm');
  await page.getByRole('link', { name: /^Measure/ }).click();
  await type(page, 'Scale', '1:5');
  await page.getByRole('link', { name: /^Bench/ }).click();
  await expect(step).not.toContainText('301.4 mm');
  await expect(step).toContainText(/\d+\.\d\smm/);
});

test('a step ticked before its time is told, and showing it goes there', async ({ page }) => {
  await openOtter(page, 'bench');
  await page.getByRole('checkbox', { name: 'Done: Bake: shell' }).click();
  await page.getByRole('button', { name: /to watch/ }).click();
  const dialog = page.getByRole('dialog', { name: 'Everything that is wrong now' });
  await expect(dialog).toContainText('“Bake: shell” is ticked off');
  await dialog
    .getByRole('listitem')
    .filter({ hasText: 'Bake: shell' })
    .first()
    .getByRole('button', { name: 'Show me' })
    .click();
  await expect(page.locator('.step.picked')).toContainText('Bake: shell');
});

test('work at the bench: read from afar, tick off with Enter, the minutes are logged', async ({
  page,
}) => {
  await openOtter(page, 'bench');
  await page.getByRole('button', { name: 'Work at the bench' }).click();
  await expect(page.getByText(/step 1 of \d+/)).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Cut A, spine' })).toBeVisible();
  const number = page.locator('.sentence .number').first();
  await expect(number).toHaveText('419.0 mm');
  expect(
    await number.evaluate((one) => Number.parseFloat(getComputedStyle(one).fontSize)),
  ).toBeGreaterThanOrEqual(40);
  for (const button of await page.getByRole('button').all()) {
    const box = await button.boundingBox();
    expect(Math.min(box?.width ?? 0, box?.height ?? 0)).toBeGreaterThanOrEqual(64);
  }
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: /Bend A, one bend at a time/ }).click();
  await expect(page.getByText(/bend 1 of 9, from the tail end/)).toBeVisible();
  await page.goto('/piece/otter-on-the-log/bench');
  await expect(
    page.getByRole('textbox', { name: 'Minutes for Print the shop sheets' }),
  ).toHaveValue('1 min');
});

test('clay, oven and label: a hot oven is a snag with its remedy, and it can be undone', async ({
  page,
}) => {
  await openOtter(page, 'cure');
  await workedOut(page);
  await expect(page.getByRole('img', { name: /Chart of warming/ })).toBeVisible();
  await unfold(page);
  await type(page, 'Dial', '190');
  await expect(page.locator('.snags')).toContainText('must never be above 175 °C');
  await expect(page.locator('.snags')).toContainText('Turn the dial down');
  await page.getByRole('button', { name: /^reset.*Set the dial yourself/ }).click();
  await expect(page.locator('.snags')).not.toContainText('never be above');
});

test('both systems of units: millimetres and °C, inches and °F, kept after a reload', async ({
  page,
}) => {
  await openOtter(page, 'cure');
  await page.getByRole('button', { name: /mm · °C/ }).click();
  await expect(row(page, 'cure.oven')).toContainText('266 °F');
  await settingKept(page, 'units', 'imperial');
  await page.reload();
  await expect(row(page, 'cure.oven')).toContainText('266 °F');
  await page.getByRole('link', { name: /^Mass/ }).click();
  await expect(row(page, 'mass.clay.grams')).toContainText('oz');
  await expect(row(page, 'mass.foil.metres')).toContainText('ft');
});

test('the days of the work follow hours, ticks and due dates, and go to a calendar', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-03-02T09:00:00') });
  await page.goto('/piece/wolf-at-the-carr/bench/days');
  await page.getByRole('link', { name: 'Days' }).waitFor();
  const first = page.locator('.days li').first();
  await expect(first).toContainText('09:00', { timeout: 60_000 });
  const title = await first.locator('b').textContent();
  const ready = page.locator('.end').first();
  const before = await ready.textContent();
  expect(before).toMatch(/Ready \w+ \d+ Mar, \d\d:\d\d/);
  // A week without Mondays begins on Tuesday, and ends later.
  await page.getByRole('textbox', { name: 'Hours at the bench on Monday' }).fill('–');
  await page.getByRole('textbox', { name: 'Hours at the bench on Monday' }).press('Enter');
  await expect(page.locator('.days h3').first()).toContainText('Tue 3 Mar');
  await expect(ready).not.toHaveText(before!);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(ready).toHaveText(before!);
  const ics = await downloaded(page, () =>
    page.getByRole('button', { name: 'Take to a calendar (ICS)' }).click(),
  );
  expect(ics.toString()).toContain('DTSTART:20260302T090000');
  // What is ticked is planned no more; its minutes are learnt from.
  await page.getByRole('link', { name: 'Steps' }).click();
  await page.getByRole('checkbox', { name: `Done: ${title}` }).click();
  await page.getByRole('link', { name: 'Days' }).click();
  await expect(page.locator('.days li').first()).toBeVisible({ timeout: 60_000 });
  await expect(page.locator('.days b').filter({ hasText: title! })).toHaveCount(0);
});

test('a piece that is begun says where it stands among the pieces, and counts in the days of others', async ({
  page,
}) => {
  await page.goto('/piece/wolf-at-the-carr/bench');
  await page.locator('.step').first().waitFor({ timeout: 60_000 });
  await page.locator('.step').first().getByRole('checkbox').click();
  await expect(page.locator('[data-settled="true"]')).toBeVisible({ timeout: 120_000 });
  await saved(page);
  await page
    .getByRole('link', { name: /pieces/i })
    .first()
    .click();
  await expect(page.locator('li').filter({ hasText: 'Wolf at the carr' })).toContainText(
    /1 of \d+ steps done · next: /,
  );
  await page.goto('/piece/adder-in-a-coil/bench/days');
  await expect(page.locator('.end')).toHaveCount(2, { timeout: 60_000 });
  await expect(page.locator('.end').filter({ hasText: 'Wolf at the carr' })).toContainText('Ready');
});

import type { Page } from '@playwright/test';
import { expect, test } from './test.ts';
import { choose, openOtter, pick, row, type, unfold, workedOut } from './helpers.ts';

/** The bakes of the demonstration otter, with everything worked out. */
async function openBakes(page: Page): Promise<void> {
  await openOtter(page, 'measure');
  await workedOut(page);
}

/** Puts the bake that is looked at into a simulated oven, waits for so many minutes of it, and takes it out. */
async function bake(page: Page, oven: string, minutes: number): Promise<void> {
  await pick(page, 'Simulated oven', oven);
  await pick(page, 'Its clock runs', '600 times faster');
  await page.getByRole('button', { name: 'Put it in, with the probe' }).click();
  const state = page.getByRole('status').filter({ hasText: 'In the oven' });
  await expect
    .poll(async () => Number(/(\d+) min,/.exec((await state.textContent()) ?? '')?.[1] ?? 0), {
      timeout: 60_000,
    })
    .toBeGreaterThanOrEqual(minutes);
  await page.getByRole('button', { name: 'Take it out, and judge it' }).click();
}

const records = (page: Page) => page.locator('[data-record]');
const steps = (page: Page) => page.getByRole('link', { name: /^Bench/ }).click();
const bakes = (page: Page) => page.getByRole('list', { name: 'Bakes in their order' });

test('a bake is begun at its step, watched to its verdict, and its oven learnt', async ({
  page,
}) => {
  await openBakes(page);
  await steps(page);
  await page
    .locator('.step', { hasText: 'Bake: finish' })
    .getByText('Put it in and watch it')
    .click();
  await expect(page).toHaveURL(/cure\?bake=finish/);
  await expect(page.getByText('Nothing is known yet of what the oven really did')).toBeVisible();
  await bake(page, 'Hotter than its dial', 115);
  const [record] = [records(page).first()];
  await expect(record).toContainText('Enough');
  // Sixteen above the dial; the probe's noise is of some tenths.
  const offset = await record.locator('[data-working$=".offset"] .value').innerText();
  expect(Math.abs(Number.parseFloat(offset) - 16)).toBeLessThan(1);
  await expect(page.locator('.apexcharts-legend')).toContainText('Air, as measured');
  await expect(bakes(page)).toContainText('Enough');
  // What was learnt is taken over: the dial goes down, the film narrows the next bake.
  const before = await row(page, 'cure.dial').textContent();
  await record.getByRole('button', { name: 'Take over for the oven' }).click();
  await expect(row(page, 'cure.dial')).not.toHaveText(before ?? '');
  await expect(row(page, 'cure.preheat.finish')).toBeVisible();
  await page.goto('/workshop');
  await expect(page.getByText(/it warms by .*film of/)).toBeVisible();
});

test('an oven that overshoots is told, and what browned is put into the work', async ({ page }) => {
  await openBakes(page);
  await bakes(page)
    .getByRole('button', { name: /Finish/ })
    .click();
  await bake(page, 'Overshoots', 40);
  await expect(records(page).first()).toContainText('Scorched');
  await expect(page.getByText('open the windows', { exact: false }).first()).toBeVisible();
  await records(page)
    .first()
    .getByRole('button', { name: 'Put its mending into the work' })
    .click();
  await steps(page);
  await expect(page.locator('.step', { hasText: 'Mend: scorched' })).toContainText(
    'Sand light browning',
  );
});

test('an under-bake is told and repaired, as steps, and typed readings do as well', async ({
  page,
}) => {
  await openBakes(page);
  await bakes(page)
    .getByRole('button', { name: /Finish/ })
    .click();
  await page.getByRole('button', { name: 'Put it in, and type a thermometer' }).click();
  for (const [minute, celsius] of [
    ['0', '20'],
    ['10', '128'],
    ['40', '131'],
  ] as const) {
    await type(page, 'At minute', minute);
    await type(page, 'Thermometer shows', celsius);
  }
  await expect(page.getByText('3 readings so far.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it out, and judge it' }).click();
  await expect(records(page).first()).toContainText('Too short');
  await expect(page.getByRole('button', { name: /to fix/ })).toBeVisible();
  await records(page)
    .first()
    .getByRole('button', { name: 'Put its mending into the work' })
    .click();
  await expect(page.getByRole('button', { name: /to fix/ })).toHaveCount(0);
  await steps(page);
  const again = page.locator('.step', { hasText: 'Bake again: finish' });
  await expect(again).toContainText('the whole time');
  await again.getByText('Put it in and watch it').click();
  await bake(page, 'Hotter than its dial', 130);
  await expect(records(page).first()).toContainText('Enough');
  // A bake, and undone, it is gone again.
  await page.keyboard.press('Control+z');
  await expect(records(page)).toHaveCount(1);
});

test('the bakes change with the clay, a glue, a fitting and a pin, and contradictions are told', async ({
  page,
}) => {
  await openBakes(page);
  await expect(bakes(page).getByRole('listitem')).toHaveCount(2);
  // Eyes of clay are hard before the shell.
  await page.getByRole('link', { name: 'Fittings' }).click();
  await row(page, 'fittings.eyes.sold').first().waitFor();
  await pick(page, 'Made of', 'Clay of the piece');
  await page.getByRole('link', { name: 'Bakes' }).click();
  await expect(bakes(page).getByRole('listitem')).toHaveCount(3);
  await unfold(page);
  await pick(page, 'Where Claws goes', 'In a bake of its own');
  await expect(bakes(page).getByRole('listitem')).toHaveCount(4);
  // By the keyboard: the fifth after the first, which lets it follow.
  await page.getByLabel('Where Eyes goes', { exact: true }).first().click();
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(
    page.getByText(/no order of bakes does for them|it is baked earlier/).first(),
  ).toBeVisible();
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(bakes(page).getByRole('listitem')).toHaveCount(3);
  // Hot glue does not stand it.
  await page.getByRole('link', { name: /^Wire/ }).click();
  await page.getByRole('button', { name: 'Bindings', exact: true }).click();
  await pick(page, 'Bound with', 'hot-melt glue');
  await page.getByRole('link', { name: /^Cure/ }).click();
  await page.getByRole('link', { name: 'Materials' }).click();
  await expect(page.locator('[data-thing="binding"]')).toContainText('no');
  // A clay that dries in the air takes no oven at all.
  await page.getByRole('link', { name: 'Bakes' }).click();
  await unfold(page);
  await pick(page, 'Class of clay', 'Air-drying clay');
  await expect(page.getByText('This round needs no oven').first()).toBeVisible();
  await choose(page, 'All at once');
  await expect(bakes(page).getByRole('listitem')).toHaveCount(2);
});

test('a clay by its own label, a test tile and a found thing are entered and followed', async ({
  page,
}) => {
  await openBakes(page);
  await page.getByRole('link', { name: 'Materials' }).click();
  await page.getByRole('button', { name: 'Add a found thing' }).click();
  await type(page, 'Found thing, name', 'Foam ball');
  await pick(page, 'Foam ball, of what', 'Polystyrene foam');
  await expect(page.getByText(/Foam ball bears 80 °C at most/).first()).toBeVisible();
  await pick(page, 'Foam ball, from when', 'when all is baked');
  await expect(page.getByText(/Foam ball bears 80 °C at most/)).toHaveCount(0);
  await type(page, 'Glue, foam, wood …', 'hot-melt');
  await expect(page.getByRole('row', { name: /Hot-melt glue.*lets go/ })).toBeVisible();
  await page.getByRole('link', { name: 'Bakes' }).click();
  await unfold(page);
  await page.getByRole('button', { name: 'A new packet: try again' }).click();
  await steps(page);
  await expect(page.locator('.step', { hasText: 'Bake a test tile' })).toBeVisible();
  await page.getByRole('link', { name: /^Cure/ }).click();
  await unfold(page);
  await page.getByRole('button', { name: 'Enter a test tile' }).click();
  await pick(page, 'Bent cold, it', 'snaps');
  await page.getByRole('button', { name: /to watch/ }).click();
  await expect(page.getByText(/The test tile of .* snaps/).first()).toBeVisible();
});

import { expect, test, type Page } from './test.ts';
import {
  bodyDone,
  choose,
  numberOf,
  openOtter,
  row,
  saved,
  type,
  unfold,
  workedOut,
} from './helpers.ts';

test('a first visit opens the demonstration, and the leg wire tells its length and why', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page).toHaveURL(/otter-on-the-log\/measure/);
  await page.getByRole('link', { name: /^Wire/ }).click();
  await expect(page.getByRole('row', { name: /B Hind legs/ })).toContainText('301.4');
  await row(page, 'wire.B.cut').click();
  const working = page.getByRole('region', { name: /Working of B Hind legs/ });
  await expect(working).toContainText('l = Σ lᵢ');
  await expect(working).toContainText('Turns round the spine');
  await expect(page.locator('.snags')).toContainText('The centre of mass is only');
});

test('a new piece goes from its name to a printed sheet', async ({ page }) => {
  await page.goto('/pieces');
  await page.getByRole('textbox', { name: 'Name of the new piece' }).fill('Otter at the weir');
  await page.getByRole('button', { name: 'Make the piece' }).click();
  await expect(page).toHaveURL(/otter-at-the-weir\/measure/);
  await choose(page, 'Snout to tail tip');
  await type(page, 'Snout to tail tip of the model', '10 in');
  await expect(row(page, 'measure.length.model')).toContainText('254.0 mm');
  await page.keyboard.press('Tab');
  await saved(page);
  await bodyDone(page);
  await page.getByRole('button', { name: 'Print shop sheets' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Shop sheets (PDF, A4)' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('otter-at-the-weir-sheets.pdf');
});

test('each way of setting the scale changes the others', async ({ page }) => {
  await openOtter(page, 'measure');
  const height = await numberOf(page, 'measure.shoulder-height.model');
  await type(page, 'Scale', '1:6');
  await expect
    .poll(() => numberOf(page, 'measure.shoulder-height.model'))
    .toBeCloseTo(height / 2, 0);
  await choose(page, 'Fit the oven');
  await expect(page.getByText(/The largest model that fits the oven/)).toBeVisible();
  await type(page, 'Oven, high', '50');
  await expect.poll(() => numberOf(page, 'measure.length.model')).toBeLessThan(230);
});

test('a field says what was wrong and what is allowed, and nothing is lost', async ({ page }) => {
  await openOtter(page, 'measure');
  await type(page, 'Scale', 'tiny');
  await expect(page.getByRole('alert')).toHaveText(
    'Scale: received “tiny”; allowed is a scale from 50:1 to 1:200, such as 1:3.',
  );
  await expect(row(page, 'measure.scale')).toContainText('1:3');
  await page.getByRole('textbox', { name: 'Scale', exact: true }).press('Escape');
  await expect(page.getByRole('alert')).toHaveCount(0);
});

/** Touches every number that is shown; tells how many there are, and which stayed silent. */
const askAll = (page: Page): Promise<{ count: number; silent: string[] }> =>
  page.evaluate(async () => {
    const ids = new Set(
      [...document.querySelectorAll('[data-working]')].map(
        (one) => one.getAttribute('data-working') ?? '',
      ),
    );
    const silent: string[] = [];
    for (const id of ids) {
      const button = document.querySelector<HTMLElement>(`[data-working="${id}"]`);
      button?.click();
      await new Promise((resolve) => requestAnimationFrame(resolve));
      const told = document.querySelector('.detail .formula')?.textContent ?? '';
      const open = document.querySelector(`[data-working="${id}"]`)?.getAttribute('aria-expanded');
      if (told === '' || open !== 'true') silent.push(id);
    }
    return { count: ids.size, silent };
  });

/** Stages in two visits, each reached from the one before, and the least of numbers they show. */
const VISITS: readonly (readonly (readonly [string, number])[])[] = [
  [
    ['Measure', 12],
    ['Stance', 12],
    ['Wire', 30],
    ['Mass', 30],
  ],
  [
    ['Cure', 12],
    ['Skin', 3],
    ['Colour', 12],
    ['Bench', 12],
  ],
];

for (const stages of VISITS) {
  const names = stages.map(([name]) => name);
  test(`every number of ${names.join(', ')} opens its working`, async ({ page }) => {
    await openOtter(page, 'measure');
    await workedOut(page);
    for (const [stage, least] of stages) {
      await test.step(stage, async () => {
        await page.getByRole('link', { name: new RegExp(`^${stage}`) }).click();
        await expect(
          page.getByRole('heading', { level: 2, name: stage, exact: true }),
        ).toBeVisible();
        // Folded parts of the ledger are opened, so that every number is there to be asked.
        await unfold(page);
        await expect(page.locator('[data-settled="true"]')).toBeVisible();
        const asked = await askAll(page);
        expect(asked.silent).toEqual([]);
        expect(asked.count).toBeGreaterThan(least);
      });
    }
  });
}

test('three sentences greet a first visitor, who is walked through the stages until a touch', async ({
  page,
}) => {
  await page.goto('/');
  const welcome = page.getByRole('region', { name: 'Welcome' });
  await expect(welcome).toContainText('This is a demonstration');
  await welcome.getByRole('button', { name: 'Walk through the stages' }).click();
  await expect(page).toHaveURL(/\/stance$/);
  await expect(welcome).toContainText('Stance.');
  await page.keyboard.press('Escape');
  await expect(welcome).toContainText('This is a demonstration');
  await welcome.getByRole('button', { name: 'Close' }).click();
  await expect(welcome).toHaveCount(0);
  await page.goto('/');
  await expect(page).toHaveURL(/\/measure$/);
  await expect(welcome).toHaveCount(0);
});

import { expect, test, type Page } from './test.ts';
import { axeFinds } from './axe.ts';
import { openOtter, row } from './helpers.ts';

/** Fingers on the sheet, each a place in px. */
type Fingers = readonly { readonly x: number; readonly y: number }[];

/** Lays fingers down and moves them, as a touch screen tells it. */
async function touch(page: Page, ...moments: readonly Fingers[]): Promise<void> {
  const screen = await page.context().newCDPSession(page);
  const tell = (type: string, touchPoints: Fingers): Promise<unknown> =>
    screen.send('Input.dispatchTouchEvent', {
      type: type as 'touchStart',
      touchPoints: touchPoints.map((point, id) => ({ ...point, id })),
    });
  await tell('touchStart', moments[0]!);
  for (const moment of moments.slice(1)) await tell('touchMove', moment);
  await tell('touchEnd', []);
}

/** A tablet lying across, with fingers for a pointer. */
async function onTablet(page: Page): Promise<void> {
  await page.setViewportSize({ width: 1024, height: 768 });
  const screen = await page.context().newCDPSession(page);
  await screen.send('Emulation.setTouchEmulationEnabled', { enabled: true, maxTouchPoints: 5 });
}

/** The part of the board that is seen: left, top, width, height in mm. */
const seen = async (page: Page): Promise<readonly number[]> =>
  ((await page.locator('#sheet svg').first().getAttribute('viewBox')) ?? '').split(' ').map(Number);

test.beforeEach(({ page }) => onTablet(page));

test('the sheet is pinched and moved by fingers, and the page stays where it is', async ({
  page,
}) => {
  await openOtter(page, 'wire');
  await expect(page.locator('#sheet svg .caption').first()).toBeVisible();
  // The finished form and the clay may widen the drawing when they are known.
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
  const whole = await seen(page);
  await touch(
    page,
    [
      { x: 400, y: 300 },
      { x: 500, y: 300 },
    ],
    [
      { x: 350, y: 300 },
      { x: 550, y: 300 },
    ],
    [
      { x: 300, y: 300 },
      { x: 600, y: 300 },
    ],
  );
  const near = await seen(page);
  expect(whole[2]! / near[2]!).toBeCloseTo(3, 1);
  await touch(page, [{ x: 600, y: 560 }], [{ x: 560, y: 560 }], [{ x: 500, y: 560 }]);
  const moved = await seen(page);
  expect(moved[0]!).toBeGreaterThan(near[0]!);
  expect(moved[2]).toBeCloseTo(near[2]!, 6);
  expect(await page.evaluate(() => [scrollX, scrollY, visualViewport?.scale])).toEqual([0, 0, 1]);
  await page.getByRole('button', { name: 'Whole sheet' }).click();
  expect(await seen(page)).toEqual(whole);
});

test('a joint is dragged by a finger, and the sheet keeps still under it', async ({ page }) => {
  await openOtter(page, 'stance');
  const handle = page.locator('[data-handle="side:skull"]');
  await expect(handle).toBeVisible();
  const before = await seen(page);
  const box = (await handle.boundingBox())!;
  const from = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  const at = (dy: number): Fingers => [{ x: from.x, y: from.y + dy }];
  await touch(page, at(0), at(-10), at(-25), at(-40));
  await expect(page.getByTitle(/^Undo: Turn/)).toBeVisible();
  expect((await seen(page))[2]! / before[2]!).toBeCloseTo(1, 0);
});

test('the ledger is a drawer that opens by itself for what is asked, with targets for fingers', async ({
  page,
}) => {
  await openOtter(page, 'wire');
  const ledger = page.getByRole('dialog', { name: 'Ledger' });
  await expect(ledger).toBeHidden();
  await page.getByRole('button', { name: 'Open the ledger' }).click();
  await expect(ledger.getByRole('heading', { name: 'Wire', exact: true })).toBeVisible();
  await row(page, 'wire.B.cut').click();
  await expect(ledger.locator('.detail')).toContainText('l = Σ lᵢ');
  expect(await axeFinds(page)).toEqual([]);
  const small = await page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('.top button, .snags button, .n-drawer .action')]
      .filter((button) => button.offsetParent !== null)
      .map((button) => [button.textContent?.trim(), button.offsetHeight] as const)
      .filter(([, height]) => height < 40),
  );
  expect(small).toEqual([]);
  await page.getByRole('button', { name: 'Close the ledger' }).click();
  await expect(ledger).toBeHidden();
});

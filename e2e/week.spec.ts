import { expect, test } from './test.ts';
import { bodyDone, downloaded, numberOf, pick, row, saved } from './helpers.ts';
import { blankPng } from './pictureFiles.ts';

/** The note at the end of a dragged list settles within this. */
const PATIENT = { timeout: 60_000 };

test('a week at the bench: tick, time, note, picture, stock, a lesson that comes back, a new plan', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-03-02T09:00:00') });
  await page.goto('/piece/otter-on-the-log/bench/days');
  const ready = page.locator('.end').first();
  await expect(ready).toContainText('Ready', PATIENT);
  const planned = await ready.textContent();

  // Monday: the first step at arm's length, with a pause that does not count.
  await page.getByRole('link', { name: 'Steps' }).click();
  await page.getByRole('button', { name: 'Work at the bench' }).click();
  await expect(page.getByRole('heading', { name: 'Print the shop sheets' })).toBeVisible();
  await page.clock.fastForward('05:00');
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText('paused')).toBeVisible();
  await page.clock.fastForward('30:00');
  await page.getByRole('button', { name: 'Go on' }).click();
  await page.clock.fastForward('04:00');
  await page.keyboard.press('Enter');
  // The next step has its wire drawn; a note of it takes two touches.
  await expect(page.getByRole('heading', { name: 'Cut A, spine' })).toBeVisible();
  await expect(page.getByRole('img', { name: /laid straight/i })).toBeVisible();
  await page.getByRole('button', { name: 'Note' }).click();
  await page.getByRole('button', { name: 'Slipped' }).click();
  await expect(page.getByText('In the log.')).toBeVisible();
  const camera = page.locator('input[type="file"]');
  await camera.setInputFiles(blankPng('armature.png', 640, 480));
  await expect(page.getByText('In the log.')).toBeVisible(PATIENT);
  await page.getByRole('button', { name: 'Leave bench' }).click();
  await saved(page);

  // The log has it with its picture, and a lesson is made of it.
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  const entry = page.locator('.days li').filter({ hasText: 'Slipped' });
  await expect(entry).toContainText('Cut A, spine');
  await expect(page.getByRole('img', { name: 'Picture: Cut A, spine' })).toBeVisible();
  await expect(page.locator('.days li').filter({ hasText: 'Print the shop sheets' })).toContainText(
    '9 min',
  );
  await entry.getByRole('button', { name: /Learn from it/ }).click();
  await pick(page, 'Comes back at', 'such a step');
  await page.getByRole('button', { name: 'Keep the lesson' }).click();
  await expect(page.getByText('such a step: Cut A, spine, Otter on the log')).toBeVisible();
  const zip = await downloaded(page, () =>
    page.getByRole('button', { name: 'Diary with pictures (ZIP)' }).click(),
  );
  expect(zip.toString('latin1')).toContain('diary.md');
  expect(zip.toString('latin1')).toContain('pictures/log-');

  // Stock: the core takes the foil, and what is missing stands to buy; undo gives it back.
  await page.getByRole('link', { name: 'Stock and cost' }).click();
  await expect(row(page, 'bench.hand.mass.foil.metres')).toContainText('12');
  await page.getByRole('link', { name: 'Steps' }).click();
  await page.getByRole('checkbox', { name: 'Done: Pack the core' }).click();
  await page.getByRole('link', { name: 'Stock and cost' }).click();
  await expect(row(page, 'bench.hand.mass.foil.metres')).toHaveText(/^\s*0\sm/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row(page, 'bench.hand.mass.foil.metres')).toContainText('12');
  await expect.poll(() => numberOf(page, 'bench.cost.price')).toBeGreaterThan(0);
  await saved(page);

  // Thursday: nothing more was done, and the plan moves on from that day.
  await page.clock.setFixedTime(new Date('2026-03-05T09:00:00'));
  await page.goto('/piece/otter-on-the-log/bench/days');
  await expect(page.locator('.days h3').first()).toContainText('Thu 5 Mar', PATIENT);
  await expect(ready).not.toHaveText(planned!);

  // The next piece is told what was learnt at this one.
  await page.goto('/piece/adder-in-a-coil/bench');
  await expect(
    page.locator('.step').filter({ hasText: 'Learnt at “Otter on the log”' }).first(),
  ).toContainText('Slipped', PATIENT);
});

test('steps are dragged within their order, put in, and left out', async ({ page }) => {
  await page.goto('/piece/otter-on-the-log/bench');
  await bodyDone(page);
  const titles = page.locator('.step h2');
  await expect(titles.nth(3)).toContainText('Cut B, hind legs', PATIENT);
  const grip = (title: string) => page.getByRole('button', { name: `Move “${title}”` });
  await grip('Cut B, hind legs').focus();
  await page.keyboard.press('ArrowUp');
  await expect(titles.nth(2)).toContainText('Cut B, hind legs');
  // With the mouse below what needs it: it stays as near as the order allows.
  const from = (await grip('Cut B, hind legs').boundingBox())!;
  const to = (await titles.nth(4).boundingBox())!;
  await page.mouse.move(from.x + 5, from.y + 5);
  await page.mouse.down();
  await page.mouse.move(to.x + 5, to.y + 10, { steps: 8 });
  await page.mouse.up();
  await expect(page.getByRole('status').filter({ hasText: 'as near as the order' })).toBeVisible();
  await page.getByRole('button', { name: 'Add a step of your own' }).click();
  await expect(page.locator('.step').filter({ hasText: 'Step of your own' })).toBeVisible();
  const drill = page.locator('.step').filter({ hasText: 'Drill the base' });
  await drill.getByRole('button', { name: /Leave it out/ }).click();
  await expect(drill).toHaveClass(/left/);
  await page.getByRole('checkbox', { name: 'Done: Bind the armature' }).click();
  await expect(page.locator('.step').filter({ hasText: 'Set it on its' }).first()).not.toHaveClass(
    /waiting/,
  );
});

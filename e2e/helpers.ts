import { readFile } from 'node:fs/promises';
import { expect, type Download, type Locator, type Page } from '@playwright/test';

/** Opens a stage of the demonstration otter and waits until its numbers stand. */
export async function openOtter(page: Page, stage: string): Promise<void> {
  await page.goto(`/piece/otter-on-the-log/${stage}`);
  await expect(page.getByRole('button', { name: 'Otter on the log' })).toBeVisible();
}

/** Waits until the body is worked out: the clay then stands in the top line. */
export const bodyDone = (page: Page): Promise<void> =>
  expect(page.getByRole('button', { name: /^Clay \d/ })).toBeVisible();

/** Goes to Cure and waits until body and heat are worked out, so that the whole plan stands. */
export async function workedOut(page: Page): Promise<void> {
  await page.getByRole('link', { name: /^Cure/ }).click();
  // Of whichever bake is looked at: all of them are worked out at once.
  await expect(page.locator('[data-working^="cure.heat."]').first()).toBeVisible();
  await bodyDone(page);
  await expect(page.locator('[data-settled="true"]')).toBeVisible();
}

/** The number of a ledger row, by the id of its working. */
export const row = (page: Page, id: string): Locator => page.locator(`[data-working="${id}"]`);

export async function numberOf(page: Page, id: string): Promise<number> {
  const text = await row(page, id).locator('.value').innerText();
  return Number.parseFloat(text);
}

/** Types into a field and presses Enter. */
export async function type(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByRole('textbox', { name: label, exact: true });
  await field.fill(text);
  await field.press('Enter');
}

/** Chooses one of a row by its words. */
export const choose = (page: Page, name: string): Promise<void> =>
  page.locator('label', { has: page.getByRole('radio', { name, exact: true }) }).click();

/** Waits until the last change is written. */
export const saved = (page: Page): Promise<void> =>
  expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toBeVisible();

/** What a button downloads, as bytes. */
export async function downloaded(page: Page, act: () => Promise<void>): Promise<Buffer> {
  const waiting: Promise<Download> = page.waitForEvent('download');
  await act();
  const download = await waiting;
  return readFile(await download.path());
}

/** Opens every folded part of the ledger. */
export async function unfold(page: Page): Promise<void> {
  const folded = page.locator('.ledger h3 button[aria-expanded="false"]');
  while ((await folded.count()) > 0) await folded.first().click();
}

/** What the browser keeps in a store of the application under a key. */
const keptIn = (page: Page, storeName: string, key: string): Promise<unknown> =>
  page.evaluate(
    ([from, name]) =>
      new Promise((done, fail) => {
        const opening = indexedDB.open('keen-sinew');
        opening.onerror = () => fail(opening.error);
        opening.onsuccess = () => {
          const reading = opening.result.transaction(from).objectStore(from).get(name);
          reading.onerror = () => fail(reading.error);
          reading.onsuccess = () => {
            opening.result.close();
            done(reading.result);
          };
        };
      }),
    [storeName, key] as const,
  );

/** Waits until the browser keeps a setting, so that a reload finds it. */
export const settingKept = (page: Page, key: string, value: string): Promise<void> =>
  expect.poll(() => keptIn(page, 'settings', key)).toBe(value);

/** Waits until the browser keeps this of the workshop. */
export const workshopKept = (page: Page, part: Record<string, unknown>): Promise<void> =>
  expect.poll(() => keptIn(page, 'workshop', 'current')).toMatchObject(part);

/** Chooses one of what a field offers. */
export async function pick(page: Page, field: string, option: string): Promise<void> {
  await page.getByLabel(field, { exact: true }).first().click();
  await page.locator('.n-base-select-option', { hasText: option }).first().click();
}

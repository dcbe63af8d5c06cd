import { opened, served, settled } from './served.ts';
const { page, close } = await served(new URL('../web/dist', import.meta.url).pathname);
await page.goto('/');
await page.waitForURL(/measure/);
await settled(page);
await page.screenshot({ path: '/tmp/l0.png' });
const pick = async (field: string, option: string) => {
  await page.getByLabel(field, { exact: true }).first().click();
  await page.locator('.n-base-select-option', { hasText: option }).first().click();
};
const make = async (animal: string, stands?: string) => {
  await page.goto('/pieces');
  await pick('Animal', animal);
  if (stands) await pick('How it stands', stands);
  await page.waitForTimeout(4000);
  await page.screenshot({ path: '/tmp/l1.png', fullPage: true });
  await page.getByRole('button', { name: 'Make the piece' }).click();
  await page.waitForURL(/measure$/);
  await page.getByRole('link', { name: /^Stance/ }).click();
  await settled(page);
};
const choose = (name: string) =>
  page.locator('label', { has: page.getByRole('radio', { name, exact: true }) }).click();
await make('Deinonychus');
await choose('Run');
await page.getByRole('link', { name: /^Wire/ }).click();
await settled(page);
await page.screenshot({ path: '/tmp/l2.png' });
await make('Raft spider');
await choose('Free');
await settled(page);
await page.waitForTimeout(1000);
await page.screenshot({ path: '/tmp/l3.png' });
await close();

import { served } from './served.ts';
const { page: first, close } = await served(new URL('../web/dist', import.meta.url).pathname);
await first.goto('/robots.txt');
const origin = new URL(first.url()).origin;
const context = await first
  .context()
  .browser()!
  .newContext({ viewport: { width: 1280, height: 800 }, baseURL: origin });
const page = await context.newPage();
const other = await context.newPage();
const base = await (async () => {
  await page.goto('/piece/otter-on-the-log/measure');
  return new URL(page.url()).origin;
})();
await other.goto(base + '/piece/otter-on-the-log/measure');
const rename = async (p: typeof page, name: string) => {
  await p.getByTitle('Rename').click();
  const f = p.getByRole('textbox', { name: 'Name of the piece' });
  await f.fill(name);
  await f.press('Enter');
  await p.waitForTimeout(800);
};
await rename(other, 'Otter of the other tab');
await rename(page, 'Otter of this tab');
await page.screenshot({ path: '/tmp/tabs.png' });
await page.reload();
await page.route(/MassStage/, (r) => r.abort());
await page.getByRole('link', { name: /^Mass/ }).click();
await page.waitForTimeout(800);
await page.screenshot({ path: '/tmp/fetch.png' });
await page.goto(base + '/pieces');
await page.waitForTimeout(500);
await close();

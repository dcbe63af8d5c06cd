import { served, opened, settled } from '/work/main/scripts/served.ts';
const [,, out, ...paths] = process.argv;
const { page, close } = await served('/work/main/web/dist');
const W = Number(process.env.W ?? 1280), H = Number(process.env.H ?? 800);
await page.setViewportSize({ width: W, height: H });
let i = 0;
for (const p of paths) {
  await opened(page, p);
  if (process.env.ACT) await page.evaluate(process.env.ACT);
  if (process.env.CLICK) { await page.getByRole('button', { name: process.env.CLICK }).first().click(); }
  await page.evaluate('document.fonts.ready'); await settled(page);
  await page.waitForTimeout(300);
  await page.screenshot({ path: `${out}-${i++}.png`, animations: 'disabled' });
}
await close();

import { opened, served, settled } from './served.ts';
const { page, close } = await served(new URL('../web/dist', import.meta.url).pathname);
await opened(page, '/');
const P = '/piece/otter-on-the-log';
const names = process.argv.slice(2);
for (const at of names) {
  await opened(page, at.startsWith('/') ? at : `${P}/${at}`);
  await page.waitForTimeout(2500);
  await settled(page);
  const f = `/tmp/s-${at.replace(/\W+/g, '_')}.png`;
  await page.screenshot({ path: f });
  console.log(f);
}
await close();

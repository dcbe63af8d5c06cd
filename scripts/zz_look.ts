import { chromium } from '@playwright/test';
import { CHROMIUM, CHROMIUM_FLAGS } from '../e2e/launch.ts';
import { createApp } from '../server/src/app.ts';
import { join } from 'node:path';
const app = createApp(join(import.meta.dirname, '..', 'web', 'dist'));
const server = app.listen(4597);
const b = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
for (const arg of process.argv.slice(2)) {
  const [name, path, ...js] = arg.split('|');
  const p = await b.newPage({ viewport: { width: 1280, height: Number(process.env.H ?? 800) } });
  p.on('pageerror', (e) => console.log(name, 'ERR', e.message));
  p.on('console', (m) => m.type() === 'error' && console.log(name, 'CON', m.text()));
  await p.goto('http://127.0.0.1:4597' + path, { waitUntil: 'networkidle' });
  await p.waitForTimeout(3500);
  const pre='globalThis.B=(t)=>[...document.querySelectorAll("button")].find(b=>b.textContent.trim()===t);globalThis.S=(n)=>[...document.querySelectorAll(".ledger, .ledger *")].forEach(e=>{if(e.scrollHeight>e.clientHeight+100)e.scrollTop=n});';
  await p.evaluate(pre);
  for (const one of js) {
    await p.evaluate(one);
    await p.waitForTimeout(1500);
  }
  await p.screenshot({ path: `/tmp/look-${name}.png` });
  await p.close();
}
await b.close();
server.close();
process.exit(0);

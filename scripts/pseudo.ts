/// <reference lib="dom" />
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { build } from 'vite';
import { pseudoLocale } from './pseudoLocale.ts';
import { opened, served } from './served.ts';

/**
 * npm run pseudo: builds the application in a locale that nobody speaks, goes through its screens, and
 * tells which words did not come out of a word file and which are cut. Ends with 1 where one is.
 */
const SCREENS = [
  '/pieces',
  '/workshop',
  '/library/red-deer',
  ...['measure', 'stance', 'wire', 'mass', 'cure', 'skin', 'colour', 'bench'].map(
    (stage) => `/piece/otter-on-the-log/${stage}`,
  ),
  '/piece/heron-at-the-sluice/measure/pictures/heron-side',
  '/piece/heron-at-the-sluice/measure/found',
  '/piece/otter-on-the-log/measure/tape',
  '/piece/otter-on-the-log/measure/photograph',
  '/piece/otter-on-the-log/bending/B/3',
  '/piece/otter-on-the-log/working/mass.core',
  '/no/such/page',
] as const;

/** What one screen shows: text that is in no brackets, and text that does not fit its box. */
interface Found {
  readonly bare: readonly string[];
  readonly cut: readonly string[];
}

const look = (page: Page): Promise<Found> =>
  page.evaluate(() => {
    const bare = new Set<string>();
    const cut = new Set<string>();
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node !== null; node = walker.nextNode()) {
      const text = node.textContent?.trim() ?? '';
      const box = node.parentElement;
      if (box === null || !/\p{L}{3,}/u.test(text)) continue;
      const style = getComputedStyle(box);
      if (box.closest('.visually-hidden, script, style') !== null || box.offsetParent === null)
        continue;
      if (!text.includes('⟦')) bare.add(text.slice(0, 70));
      // Names of the user's and closed lists are shortened on purpose: they open to their whole.
      const whole = !text.includes('⟦') || box.closest('.n-base-selection') !== null;
      const hides = style.overflowX === 'hidden' || style.textOverflow === 'ellipsis';
      if (!whole && hides && box.scrollWidth > box.clientWidth + 1) cut.add(text.slice(0, 70));
    }
    return { bare: [...bare], cut: [...cut] };
  });

const folder = await mkdtemp(join(tmpdir(), 'keen-sinew-pseudo-'));
await build({
  root: fileURLToPath(new URL('../web', import.meta.url)),
  logLevel: 'error',
  plugins: [pseudoLocale()],
  worker: { plugins: () => [pseudoLocale()] },
  build: { outDir: folder, emptyOutDir: true },
});
const { page, close } = await served(folder);
const seen = new Set<string>();
let cuts = 0;
for (const screen of SCREENS) {
  await opened(page, screen);
  const folded = page.locator('.ledger h3 button[aria-expanded="false"]');
  while ((await folded.count()) > 0) await folded.first().click();
  const { bare, cut } = await look(page);
  const fresh = bare.filter((text) => !seen.has(text));
  fresh.forEach((text) => seen.add(text));
  cuts += cut.length;
  console.log(`${screen}: ${fresh.length} not out of a word file, ${cut.length} cut`);
  for (const text of fresh) console.log(`  as it is: ${text}`);
  for (const text of cut) console.log(`  cut: ${text}`);
}
await close();
await rm(folder, { recursive: true });
process.exitCode = cuts > 0 ? 1 : 0;

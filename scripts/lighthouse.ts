import { fileURLToPath } from 'node:url';
import { launch } from 'chrome-launcher';
import lighthouse, { desktopConfig, type Flags } from 'lighthouse';
import { CHROMIUM, CHROMIUM_FLAGS } from '../e2e/launch.ts';
import { createApp } from '../server/src/app.ts';

/*
 * npm run lighthouse: what the audit of the browser's makers says of the first page and of two stages,
 * as a desktop sees them; medians of five runs. Prints a table; judges nothing.
 */
const RUNS = 5;
const PAGES = ['/', '/pieces', '/piece/otter-on-the-log/mass', '/piece/otter-on-the-log/bench'];
const CATEGORIES = ['performance', 'accessibility', 'best-practices', 'seo'] as const;

interface Audit {
  /** Hundredths, in the order of the categories. */
  readonly scores: readonly number[];
  readonly blockedMs: number;
}

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]!;

async function audited(url: string, flags: Flags): Promise<Audit> {
  const result = await lighthouse(url, flags, desktopConfig);
  if (result === undefined) throw new Error(`${url} was not audited`);
  const { categories, audits, runtimeError } = result.lhr;
  if (runtimeError) throw new Error(`${url}: ${runtimeError.message}`);
  return {
    scores: CATEGORIES.map((name) => Math.round(100 * (categories[name]?.score ?? 0))),
    blockedMs: audits['total-blocking-time']?.numericValue ?? Number.NaN,
  };
}

const dist = fileURLToPath(new URL('../web/dist', import.meta.url));
const server = createApp(dist).listen(0, '127.0.0.1');
await new Promise((resolve) => server.once('listening', resolve));
const address = server.address();
if (address === null || typeof address === 'string') throw new Error('the server has no port');
const chrome = await launch({
  chromePath: CHROMIUM,
  chromeFlags: ['--headless=new', ...CHROMIUM_FLAGS],
});
console.log(
  `${'page'.padEnd(34)}${CATEGORIES.map((name) => name.padStart(16)).join('')}   blocked ms`,
);
for (const page of PAGES) {
  const url = `http://127.0.0.1:${address.port}${page}`;
  const runs: Audit[] = [];
  for (let i = 0; i < RUNS; i++)
    runs.push(await audited(url, { port: chrome.port, logLevel: 'error' }));
  const scores = CATEGORIES.map((_, i) => median(runs.map((run) => run.scores[i]!)));
  const blocked = median(runs.map((run) => run.blockedMs));
  console.log(
    `${page.padEnd(34)}${scores.map((score) => String(score).padStart(16)).join('')}   ${blocked.toFixed(0).padStart(10)}`,
  );
}
chrome.kill();
server.close();
